package unbo.app.setting;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.setting.ClampSlack;
import unbo.core.setting.LooseRows;
import unbo.core.units.Digits;

/**
 * Slack of a cone before its axle is clamped.
 *
 * @param turn of the cone, with its travel
 * @param rim what that shows as at a road wheel's rim; null where there are no two rows
 */
public record ConeSlack(Figure turn, Figure rim) {

  /** Pitch of a cone's thread where nobody says: M9 × 1 and M10 × 1. */
  private static final double CONE_PITCH_MM = 1;

  /** Radius of a road wheel’s rim, 622 mm across (ISO 5775). */
  private static final double ROAD_RIM_MM = 311;

  /**
   * Null where no cone sets it. The axle's bore and its thread are assumed: nothing in the section
   * says them.
   */
  static ConeSlack of(Assembly assembly, Adjustment set, String title, Workings workings) {
    String axle = assembly.arrangement().fixed();
    Optional<SizeTemplate> outside = assembly.arrangement().size(axle + ".diameter");
    Optional<SizeTemplate> length = assembly.arrangement().size(axle + ".length");
    boolean isCone = set != null && set.by() == Adjustment.By.CONE;
    if (!isCone || outside.isEmpty() || length.isEmpty()) {
      return null;
    }
    double d = assembly.value(outside.get());
    ClampSlack slack =
        ClampSlack.of(
            ClampSlack.QUICK_RELEASE_N, assembly.value(length.get()), d, d / 2, CONE_PITCH_MM);
    String text =
        String.format(
            Locale.ROOT,
            "%.0f° of cone, %.2f mm",
            slack.turn().result().value(),
            slack.travel().result().value());
    return new ConeSlack(
        workings.figure(title, slack.turn(), text), atRim(assembly, slack, title, workings));
  }

  private static Figure atRim(
      Assembly assembly, ClampSlack slack, String title, Workings workings) {
    List<LooseRows.Row> rows = LooseRows.of(assembly);
    if (rows.size() != 2 || !(rows.get(1).at() > rows.get(0).at())) {
      return null;
    }
    var rim = slack.atRim(rows.get(1).at() - rows.get(0).at(), rows.get(0).pitchMm(), ROAD_RIM_MM);
    String text = String.format(Locale.ROOT, "%.1f mm", rim.result().value());
    return workings.figure(title, rim, text);
  }

  /** What the counts of loose balls mean, sentences. */
  static List<String> balls(Assembly assembly) {
    return LooseRows.of(assembly).stream()
        .filter(r -> !r.says().isEmpty())
        .map(ConeSlack::said)
        .toList();
  }

  private static String said(LooseRows.Row row) {
    return row.title().substring(0, 1).toUpperCase(Locale.ROOT)
        + row.title().substring(1)
        + ", "
        + Digits.exact(row.ballMm())
        + " mm on a circle of "
        + Digits.exact(row.pitchMm())
        + " mm: "
        + row.says()
        + (row.known() ? "" : " Sizes partly assumed: measure ball and cup.");
  }
}
