package unbo.core.setting;

import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * The shim that brings a bevel pinion to its mounting distance: the distance from the ring gear's
 * axis to the pinion's head as it is now, against the one on its head. Measured from the wall of
 * the carrier's bore, over a gauge bar, or straight from the axis. A thicker shim pushes the pinion
 * towards the axis. Source: sum of lengths. Limits: the gauge that was made for this gear set; the
 * mark on the head comes first, with its sign.
 *
 * @param shim needed, mm
 */
public record PinionDepth(Working shim) {

  /** From where the head is measured. */
  public enum From {
    AXIS("the ring gear’s axis"),
    BORE("the wall of the carrier’s bore, inwards"),
    BAR("the top of a gauge bar on the axis");

    private final String title;

    From(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  private static final double MOST_MM = 500;

  /**
   * Works it.
   *
   * @param read from there to the head, mm
   * @param diameter of bore or bar, mm; 0 from the axis
   * @param wanted mounting distance with the mark on the head added, mm
   * @param inThere shim that is in there now, mm, 0 or more
   * @throws IllegalArgumentException for what is no pinion in its case
   */
  public static PinionDepth of(
      From from, Measured read, Measured diameter, double wanted, double inThere) {
    boolean can =
        wanted > 0
            && wanted <= MOST_MM
            && inThere >= 0
            && inThere <= 20
            && Math.abs(read.value()) <= MOST_MM
            && diameter.value() >= 0;
    if (!can) {
      throw new IllegalArgumentException("Not a pinion and its distance");
    }
    return new PinionDepth(
        Working.of(
            Formula.of(
                    "Shim under the pinion",
                    "mm",
                    switch (from) {
                      case AXIS -> "t = t₀ + a − M";
                      case BORE -> "t = t₀ + (D/2 − a) − M";
                      case BAR -> "t = t₀ + (a + D/2) − M";
                    },
                    v -> v.get("t₀") + now(v.get("a"), v.get("D"), from) - v.get("M"),
                    "Sum of lengths.",
                    "A thicker shim brings the head nearer to the axis; bearing seated and preloaded.")
                .by("distance now", "mm", v -> now(v.get("a"), v.get("D"), from)),
            List.of(
                Input.of(
                    "a",
                    "head from " + from.title,
                    read.value(),
                    read.uncertainty(),
                    "mm",
                    Origin.measured("depth")),
                Input.of(
                    "D",
                    "diameter of bore or bar",
                    diameter.value(),
                    diameter.uncertainty(),
                    "mm",
                    Origin.measured("diameter")),
                Input.exact(
                    "M", "mounting distance with its mark", wanted, "mm", Origin.entered("head")),
                Input.exact("t₀", "shim in there", inThere, "mm", Origin.entered("measured")))));
  }

  private static double now(double a, double d, From from) {
    return switch (from) {
      case AXIS -> a;
      case BORE -> d / 2 - a;
      case BAR -> d / 2 + a;
    };
  }
}
