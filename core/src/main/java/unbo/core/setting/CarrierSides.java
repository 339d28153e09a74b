package unbo.core.setting;

import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Both side shims of a carrier together: their sum takes the side play and adds the preload, their
 * difference moves the ring gear. What the sum grows by goes to both sides alike, so that the gear
 * stays; then the move is taken from the side behind the gear and given to the other. Source: sum
 * of lengths. Limits: carrier turned and seated before each reading.
 *
 * @param behind shim behind the ring gear, mm
 * @param other shim on the other side, mm
 */
public record CarrierSides(Working behind, Working other) {

  private static final double MOST_MM = 20;

  /**
   * Works them.
   *
   * @param behindMm shim behind the ring gear now
   * @param otherMm on the other side now
   * @param play side play of the carrier with these, mm, 0 or more
   * @param preloadMm wanted, as lengths squeezed, 0 or more
   * @param away ring gear away from the pinion, mm; negative is towards it
   * @throws IllegalArgumentException for what are no shims
   */
  public static CarrierSides of(
      double behindMm, double otherMm, Measured play, double preloadMm, Measured away) {
    boolean can =
        isShim(behindMm)
            && isShim(otherMm)
            && play.value() >= 0
            && play.value() <= 5
            && preloadMm >= 0
            && preloadMm <= 1
            && Math.abs(away.value()) <= 5;
    if (!can) {
      throw new IllegalArgumentException("Not the shims of a carrier");
    }
    return new CarrierSides(
        side("Shim behind the ring gear", behindMm, -1, play, preloadMm, away),
        side("Shim on the other side", otherMm, 1, play, preloadMm, away));
  }

  private static boolean isShim(double mm) {
    return mm >= 0 && mm <= MOST_MM;
  }

  private static Working side(
      String title, double now, int sign, Measured play, double preload, Measured away) {
    return Working.of(
        Formula.of(
            title,
            "mm",
            sign < 0 ? "t = t₀ + (s + v)/2 − x" : "t = t₀ + (s + v)/2 + x",
            v -> v.get("t₀") + (v.get("s") + v.get("v")) / 2 + sign * v.get("x"),
            "Sum of lengths.",
            "Carrier turned and seated before each reading; the maker’s figures first."),
        List.of(
            Input.exact("t₀", "shim there now", now, "mm", Origin.entered("measured")),
            Input.of(
                "s", "side play", play.value(), play.uncertainty(), "mm", Origin.measured("dial")),
            Input.exact("v", "preload as length", preload, "mm", Origin.entered("maker")),
            Input.of(
                "x",
                "ring gear away from the pinion",
                away.value(),
                away.uncertainty(),
                "mm",
                Origin.computed("backlash"))));
  }
}
