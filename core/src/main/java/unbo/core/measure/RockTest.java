package unbo.core.measure;

/**
 * Rock of a wheel at the rim, turned into tilt and into the end play of a taper pair that would
 * give it.
 *
 * <p>A total rim movement m at radius R is a tilt θ = m/R. With effective centres a apart each row
 * moves θ·a/2 across the axis, and a row set with end play E lets E·tan α through, so E =
 * m·a/(2·R·tan α) (rigid rings and housings; rolling-bearing geometry, ISO 355 contact angle).
 * Limits: spindle and tyre give too, so the figure is an upper bound; contact angles that are
 * estimates carry their error straight through.
 */
public final class RockTest {

  private RockTest() {}

  /** Tilt in milliradians for a rim movement and a radius in millimetres. */
  public static Measured tiltMrad(Measured rimMm, double radiusMm) {
    requirePositive(radiusMm, "radius");
    return rimMm.times(1000 / radiusMm);
  }

  /**
   * The equivalent end play in millimetres.
   *
   * @param rimMm total rim movement
   * @param radiusMm radius at which it was read, over 0
   * @param centresMm distance of the effective centres, over 0
   * @param contactAngleDeg mean contact angle of the rows, over 0 and under 90
   */
  public static Measured equivalentEndPlayMm(
      Measured rimMm, double radiusMm, double centresMm, double contactAngleDeg) {
    requirePositive(radiusMm, "radius");
    requirePositive(centresMm, "distance of effective centres");
    if (!(contactAngleDeg > 0 && contactAngleDeg < 90)) {
      throw new IllegalArgumentException("Contact angle out of range: " + contactAngleDeg);
    }
    return rimMm.times(centresMm / (2 * radiusMm * Math.tan(Math.toRadians(contactAngleDeg))));
  }

  /**
   * The end play that a plain proportion would give, m·a/R: what is often reckoned with. It leaves
   * the contact angle out and is wrong by 2·tan α, at 14° by half.
   *
   * @param rimMm total rim movement
   * @param radiusMm radius at which it was read, over 0
   * @param centresMm distance of the effective centres, over 0
   */
  public static Measured plainProportionMm(Measured rimMm, double radiusMm, double centresMm) {
    requirePositive(radiusMm, "radius");
    requirePositive(centresMm, "distance of effective centres");
    return rimMm.times(centresMm / radiusMm);
  }

  private static void requirePositive(double value, String what) {
    if (!(value > 0)) {
      throw new IllegalArgumentException("The " + what + " must be over zero: " + value);
    }
  }
}
