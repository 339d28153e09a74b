package unbo.core.grease;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Level of standing oil under the shaft's middle: to the middle of the lowest element at low speed,
 * to its lowest third at high speed, where more only heats. Source: general practice of bath
 * lubrication. Limits: shaft level, oil at rest; what is high is our own bound, n·dm over 300,000;
 * the maker's level comes first.
 */
public final class OilLevel {

  /** Speed number over which less oil is wanted: our own. */
  public static final double HIGH = 300_000;

  private OilLevel() {}

  /**
   * Works it.
   *
   * @param meanMm circle of the elements, over 0
   * @param elementMm diameter, over 0, under the circle's
   * @param rpm 0 for standing or not known
   * @throws IllegalArgumentException for what is no bearing
   */
  public static Working below(double meanMm, double elementMm, double rpm) {
    if (!(elementMm > 0 && meanMm > elementMm && rpm >= 0)) {
      throw new IllegalArgumentException("Not a bearing in oil");
    }
    boolean high = isHigh(meanMm, rpm);
    return Working.of(
        Formula.of(
            high
                ? "Oil to the lowest third of the lowest element"
                : "Oil to the middle of the lowest element",
            "mm",
            high ? "h = dm/2 + Dw/6" : "h = dm/2",
            v -> v.get("dm") / 2 + (high ? v.get("Dw") / 6 : 0),
            "General practice of bath lubrication.",
            "Under the shaft’s middle, shaft level, oil at rest; the maker’s level first."),
        List.of(
            Input.of(
                "dm",
                "circle of the elements",
                meanMm,
                0.02 * meanMm,
                "mm",
                Origin.table("inside of the bearing")),
            Input.of(
                "Dw",
                "element",
                elementMm,
                0.05 * elementMm,
                "mm",
                Origin.table("inside of the bearing"))));
  }

  /** Whether it runs fast enough for the lower level. */
  public static boolean isHigh(double meanMm, double rpm) {
    return meanMm * rpm > HIGH;
  }
}
