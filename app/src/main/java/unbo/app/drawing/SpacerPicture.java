package unbo.app.drawing;

import java.util.List;
import java.util.Locale;

/**
 * Two bearings on a spacer tube, half section, the gap exaggerated: both driven home to their
 * shoulders, and one seated to the spacer alone. Not to scale but for the gap's direction.
 *
 * @param homes the two cases
 */
public record SpacerPicture(List<Home> homes) {

  public static final double WIDTH = 150;
  public static final double HEIGHT = 92;

  /** The gap as it is drawn, whatever it measures. */
  private static final double GAP = 7;

  private static final double LEFT = 34;
  private static final double RIGHT = 116;
  private static final double RING = 22;

  /**
   * One case.
   *
   * @param outers x of the outer rings' left faces
   * @param inners x of the inner rings' left faces
   * @param spacerX left end of the spacer
   * @param spacerWide its length
   * @param caption what it does
   */
  public record Home(
      String title,
      List<Double> outers,
      List<Double> inners,
      double spacerX,
      double spacerWide,
      String caption) {}

  /**
   * Of a spacer against its distance.
   *
   * @param offMm length less distance; 0 is drawn as equal
   */
  public static SpacerPicture of(double offMm) {
    double gap = Math.abs(offMm) < 0.0005 ? 0 : Math.signum(offMm) * GAP;
    double distance = RIGHT - LEFT;
    double spacer = distance + gap;
    return new SpacerPicture(List.of(driven(offMm, gap, spacer), seated(offMm, gap, spacer)));
  }

  private static Home driven(double offMm, double gap, double spacer) {
    double half = gap / 2;
    String caption =
        gap == 0
            ? "meets both"
            : gap < 0
                ? "short: the clamp pulls the inner rings in"
                : "long: the inner rings are pushed out";
    // The inner rings go where the spacer lets them once it is clamped.
    return new Home(
        "Both home on their shoulders, clamped",
        List.of(LEFT - RING, RIGHT),
        List.of(round(LEFT - RING - half), round(RIGHT + half)),
        round(LEFT - half),
        round(spacer),
        caption);
  }

  private static Home seated(double offMm, double gap, double spacer) {
    String caption =
        gap > 0
            ? String.format(Locale.ROOT, "%.2f mm before its shoulder: both stay free", offMm)
            : gap < 0
                ? String.format(Locale.ROOT, "its shoulder stops it %.2f mm too early", -offMm)
                : "meets spacer and shoulder";
    double shift = Math.max(0, gap);
    return new Home(
        "The second pressed to the spacer",
        List.of(LEFT - RING, round(RIGHT + shift)),
        List.of(LEFT - RING, round(RIGHT + shift)),
        LEFT,
        round(spacer),
        caption);
  }

  private static double round(double v) {
    return Math.round(v * 100) / 100.0;
  }
}
