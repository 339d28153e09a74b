package unbo.core.contact;

import unbo.core.working.Input;
import unbo.core.working.Origin;

/**
 * Thrust of a deep groove ball bearing whose rings are displaced along the axis. The distance of
 * the groove centres is A = (fᵢ + fₒ − 1)·D_w; free, α₀ = acos(1 − G_r/(2A)) and Gₐ = 2A·sin α₀.
 * With an axial displacement s of one ring from the free end of the clearance the centres move
 * apart along a rising angle, and each ball carries Q by δ = 4.36·10⁻⁴·Q^(2/3)/D_w^(1/3) (Palmgren;
 * both raceways, steel, mm and N). A fixed angle is wrong by a factor of several.
 *
 * <p>Source: angular equilibrium of a ball between its groove centres, as in textbooks of rolling
 * bearing analysis. Limits: pure axial displacement, elastic, equal balls, stiff rings.
 *
 * @param elementMm ball diameter, over 0
 * @param elements 1 or more
 * @param radialClearanceMm mounted, 0 or more
 * @param osculationSum fᵢ + fₒ, over 1; 1.04 where nothing is known
 */
public record BallThrust(
    double elementMm, int elements, double radialClearanceMm, double osculationSum) {

  /** Both grooves at 0.52 of the ball's diameter. */
  public static final double USUAL_OSCULATION = 1.04;

  /**
   * @throws IllegalArgumentException for what is no bearing, or one without clearance
   */
  public BallThrust {
    boolean can =
        elementMm > 0
            && elements >= 1
            && osculationSum > 1
            && radialClearanceMm >= 0
            && radialClearanceMm < (osculationSum - 1) * elementMm;
    if (!can) {
      throw new IllegalArgumentException("Not a ball bearing with clearance");
    }
  }

  /** The constant of the deflection, to be shown among the inputs of a working. */
  public static Input deflection() {
    return Input.exact(
        "k",
        "deflection of a ball between two raceways",
        ElementContact.POINT * 1e4,
        "10⁻⁴ in mm and N",
        Origin.table("Palmgren, steel"));
  }

  /** Distance of the groove centres, mm. */
  public double centresMm() {
    return (osculationSum - 1) * elementMm;
  }

  /** Contact angle when the clearance is just taken up along the axis, radians. */
  public double freeAngle() {
    return Math.acos(1 - radialClearanceMm / (2 * centresMm()));
  }

  /** Total axial clearance, mm. */
  public double axialClearanceMm() {
    return 2 * centresMm() * Math.sin(freeAngle());
  }

  /**
   * Contact angle under a displacement, radians.
   *
   * @param displacementMm of the rings beyond the free end of the clearance, 0 or more
   */
  public double angle(double displacementMm) {
    double a = centresMm();
    double along = a * Math.sin(freeAngle()) + displacementMm;
    return Math.atan2(along, a * Math.cos(freeAngle()));
  }

  /** Thrust in N that a displacement takes; 0 within the clearance. */
  public double thrustN(double displacementMm) {
    if (displacementMm <= 0) {
      return 0;
    }
    double a = centresMm();
    double along = a * Math.sin(freeAngle()) + displacementMm;
    double across = a * Math.cos(freeAngle());
    double squeeze = Math.hypot(along, across) - a;
    double ball = ballN(squeeze);
    return elements * ball * along / Math.hypot(along, across);
  }

  /** Load of a ball whose two contacts together are squeezed by some mm. */
  double ballN(double squeezeMm) {
    return Math.pow(squeezeMm * Math.cbrt(elementMm) / ElementContact.POINT, 1.5);
  }
}
