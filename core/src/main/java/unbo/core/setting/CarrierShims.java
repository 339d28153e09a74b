package unbo.core.setting;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Where a ring gear goes for its backlash: by axial travel it changes 2·tan α·sin δ for each
 * millimetre (0.66 to 0.70 at 20° and a pitch angle of 65 to 75°). Of two side shims the sum sets
 * the preload and half the difference moves the gear. The least of the places measured rules.
 * Source: geometry of bevel gears. Limits: small moves; the maker's figure comes first.
 *
 * @param move of the ring gear away from the pinion, mm; negative is towards it
 */
public record CarrierShims(Working move) {

  /** Normal pressure angle and pitch angle where nobody gives them. */
  private static final double PRESSURE_DEG = 20;

  private static final double PITCH_DEG = 70;
  private static final double PITCH_U95_DEG = 5;

  /**
   * Works it.
   *
   * @param leastMm least backlash of the places measured, 0 or more
   * @param u95Mm its doubt
   * @param wantedMm middle of the maker's window, over 0
   * @throws IllegalArgumentException for what is no backlash
   */
  public static CarrierShims of(double leastMm, double u95Mm, double wantedMm) {
    if (!(leastMm >= 0 && u95Mm >= 0 && wantedMm > 0)) {
      throw new IllegalArgumentException("Not a backlash");
    }
    return new CarrierShims(
        Working.of(
            Formula.of(
                    "Ring gear away from the pinion",
                    "mm",
                    "x = (w − b) / (2·tan α·sin δ)",
                    v -> (v.get("w") - v.get("b")) / perMm(v.get("α"), v.get("δ")),
                    "Geometry of bevel gears.",
                    "Small moves; the maker’s figure for his gears comes first.")
                .by("backlash for each mm", "mm", v -> perMm(v.get("α"), v.get("δ"))),
            List.of(
                Input.of(
                    "b",
                    "least backlash measured",
                    leastMm,
                    u95Mm,
                    "mm",
                    Origin.measured("dial on a tooth")),
                Input.exact("w", "wanted", wantedMm, "mm", Origin.entered("maker")),
                Input.exact("α", "pressure angle", PRESSURE_DEG, "°", Origin.assumed("usual")),
                Input.of(
                    "δ",
                    "pitch angle of the ring gear",
                    PITCH_DEG,
                    PITCH_U95_DEG,
                    "°",
                    Origin.assumed("usual")))));
  }

  private static double perMm(double pressureDeg, double pitchDeg) {
    return 2 * Math.tan(Math.toRadians(pressureDeg)) * Math.sin(Math.toRadians(pitchDeg));
  }
}
