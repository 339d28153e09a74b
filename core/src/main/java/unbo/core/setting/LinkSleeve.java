package unbo.core.setting;

import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Working;

/**
 * A sleeve in its lug, as in a linkage on needles: the bolt clamps the sleeve alone, so the sleeve
 * stands out of lug and shims by the side play. Source: sum of lengths. Limits: ends square and
 * clean; the maker's side play comes first.
 *
 * @param play at the side, mm; negative means that the bolt clamps the lug
 */
public record LinkSleeve(Working play) {

  private static final double MOST_MM = 300;

  /**
   * Works it.
   *
   * @param sleeve its length, mm
   * @param lug width over the lug and its seals' seats, mm
   * @param shimsMm all of them together, 0 or more
   * @throws IllegalArgumentException for what are no lengths of a link
   */
  public static LinkSleeve of(Measured sleeve, Measured lug, double shimsMm) {
    boolean can =
        isLength(sleeve.value()) && isLength(lug.value()) && shimsMm >= 0 && shimsMm <= 20;
    if (!can) {
      throw new IllegalArgumentException("Not the lengths of a link");
    }
    return new LinkSleeve(
        Working.of(
            Formula.of(
                "Side play",
                "mm",
                "s = L − b − t",
                v -> v.get("L") - v.get("b") - v.get("t"),
                "Sum of lengths.",
                "Ends square and clean; bolt at its torque."),
            List.of(
                length("L", "sleeve", sleeve),
                length("b", "lug", lug),
                Input.exact("t", "shims at the sides", shimsMm, "mm", Origin.entered("shims")))));
  }

  private static boolean isLength(double mm) {
    return mm > 0 && mm <= MOST_MM;
  }

  private static Input length(String symbol, String name, Measured mm) {
    return Input.of(
            symbol, name, mm.value(), mm.uncertainty(), "mm", Origin.measured("of the link"))
        .or("measure the " + name + " with a micrometer", 0.004);
  }

  /** Whether the sleeve stands out at all: otherwise the lug is clamped. */
  public Verdict free() {
    return Settling.of(play, new Window(0, Double.POSITIVE_INFINITY)).verdict();
  }

  /** What follows, with the limits that were entered; null for none. */
  public String says(Window limits) {
    double mm = play.result().value();
    if (free() == Verdict.NO) {
      return "The bolt clamps the lug: the link binds and its needles stand still. A longer sleeve, or less shim.";
    }
    if (free() == Verdict.CANNOT_TELL) {
      return "Cannot tell whether the sleeve stands out: a micrometer on both settles it.";
    }
    if (limits == null) {
      return "Free: the bolt clamps the sleeve alone. Whether the side play is right, the maker’s limits say: enter them.";
    }
    return switch (Settling.of(play, limits).verdict()) {
      case YES -> "Within the limits of side play.";
      case NO ->
          mm > limits.to()
              ? "Too much side play: shims of "
                  + both(mm, limits)
                  + " mm together, half at either side."
              : "Too little side play: take shims away, or a longer sleeve.";
      case CANNOT_TELL -> "Cannot tell whether within limits: a micrometer settles it.";
    };
  }

  private static String both(double mm, Window limits) {
    return unbo.core.units.Digits.both(mm - limits.middle(), 0.01).replaceAll(" ±.*", "");
  }
}
