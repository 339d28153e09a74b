package unbo.app.tin;

import java.util.List;
import unbo.core.lubricant.Mixing;

/** Which thickeners may meet, as a grid. */
public final class MixingGrid {

  private MixingGrid() {}

  /** A thickener against all others. */
  public record Row(String thickener, List<Cell> cells) {}

  /**
   * A pair.
   *
   * @param letter G, D or B, so that grey paper says it too
   */
  public record Cell(String verdict, String letter, String reason) {}

  static List<Row> rows() {
    return Mixing.THICKENERS.stream()
        .map(a -> new Row(a, Mixing.THICKENERS.stream().map(b -> cell(a, b)).toList()))
        .toList();
  }

  private static Cell cell(String a, String b) {
    Mixing mixing = Mixing.of(a, b);
    String word = mixing.verdict().id();
    return new Cell(word, word.substring(0, 1).toUpperCase(java.util.Locale.ROOT), mixing.reason());
  }
}
