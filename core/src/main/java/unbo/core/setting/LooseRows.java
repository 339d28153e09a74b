package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.SizeTemplate;

/** The rows of loose balls of an assembly: parts that have a ball's size, a pitch and a count. */
public final class LooseRows {

  private LooseRows() {}

  /**
   * A row.
   *
   * @param known whether size, pitch and count were all measured
   * @param ballMm diameter of a ball
   * @param pitchMm diameter of the circle of centres
   * @param count of balls
   * @param at where it stands along the axis, mm
   */
  public record Row(
      String title, boolean known, double ballMm, double pitchMm, int count, double at) {

    /** What its count means for its circle, a sentence; empty for what is no row. */
    public String says() {
      if (!(pitchMm > ballMm && ballMm > 0)) {
        return "";
      }
      return BallRow.of(ballMm, pitchMm).says(count);
    }
  }

  /** All of them, left to right. */
  public static List<Row> of(Assembly assembly) {
    List<Row> rows = new ArrayList<>();
    for (PartTemplate part : assembly.arrangement().parts()) {
      row(assembly, part).ifPresent(rows::add);
    }
    return List.copyOf(rows);
  }

  private static Optional<Row> row(Assembly assembly, PartTemplate part) {
    Arrangement arrangement = assembly.arrangement();
    Optional<SizeTemplate> size = arrangement.size(part.id() + ".size");
    Optional<SizeTemplate> pitch = arrangement.size(part.id() + ".pitch");
    Optional<SizeTemplate> count = arrangement.size(part.id() + ".count");
    if (size.isEmpty() || pitch.isEmpty() || count.isEmpty()) {
      return Optional.empty();
    }
    boolean known =
        List.of(size.get(), pitch.get(), count.get()).stream().allMatch(assembly::isMeasured);
    return Optional.of(
        new Row(
            part.title(),
            known,
            assembly.value(size.get()),
            assembly.value(pitch.get()),
            (int) Math.round(assembly.value(count.get())),
            assembly.valueOf(part.id() + ".x")));
  }
}
