package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/**
 * Use of tins as bars: one a tin, a piece for each job, what was wasted at its end.
 *
 * @param height of the view box, whose width is given
 * @param rows a bar each
 */
public record TinBars(double height, List<Row> rows) {

  public static final double WIDTH = 560;

  private static final double TEXT = 170;
  private static final double END = 60;
  private static final double EACH = 30;

  /**
   * A tin's grams.
   *
   * @param jobs of each job
   * @param wasted besides
   */
  public record Tin(String name, List<Double> jobs, double wasted) {}

  /**
   * A bar.
   *
   * @param pieces of the jobs
   * @param waste null where nothing was wasted
   */
  public record Row(
      String name, double y, List<Piece> pieces, Piece waste, double endX, String text) {}

  /** A piece of a bar. */
  public record Piece(double x, double width) {}

  /** Bars to one scale, the longest as wide as there is room. */
  public static TinBars of(List<Tin> tins) {
    double most = Collections.max(tins.stream().map(TinBars::sum).toList());
    double unit = (WIDTH - TEXT - END) / most;
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < tins.size(); i++) {
      rows.add(row(tins.get(i), 4 + i * EACH, unit));
    }
    return new TinBars(8 + tins.size() * EACH, List.copyOf(rows));
  }

  private static double sum(Tin tin) {
    return tin.wasted + tin.jobs.stream().mapToDouble(Double::doubleValue).sum();
  }

  private static Row row(Tin tin, double y, double unit) {
    List<Piece> pieces = new ArrayList<>();
    double x = TEXT;
    for (double grams : tin.jobs) {
      pieces.add(new Piece(x, grams * unit));
      x += grams * unit;
    }
    Piece waste = tin.wasted > 0 ? new Piece(x, tin.wasted * unit) : null;
    double end = x + tin.wasted * unit;
    String text = String.format(Locale.ROOT, "%.0f g", sum(tin));
    return new Row(tin.name, y, List.copyOf(pieces), waste, end + 6, text);
  }
}
