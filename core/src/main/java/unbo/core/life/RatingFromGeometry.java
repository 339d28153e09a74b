package unbo.core.life;

/**
 * Basic dynamic radial rating of a row from what is inside it, where no maker's rating is known.
 * Balls: C = bm·fc·(cos α)^0.7·Z^(2/3)·Dw^1.8; rollers: C = bm·fc·(l·cos
 * α)^(7/9)·Z^(3/4)·Dw^(29/27), fc by γ = Dw·cos α/dm. Source: ISO 281:2007; fc by the formulas
 * behind its tables, ISO/TR 1281-1, grooves of 0.52, reduced by 0.95 for balls and 0.83 for
 * rollers. Limits: balls up to 25.4 mm, bearing steel as usual today; a maker's own rating comes
 * first.
 */
public final class RatingFromGeometry {

  /** Of deep groove and angular contact ball bearings. */
  private static final double BALL_BM = 1.3;

  /** Of tapered rollers. */
  private static final double ROLLER_BM = 1.1;

  private static final double GREATEST_BALL_MM = 25.4;

  private RatingFromGeometry() {}

  /**
   * Of one row of balls, N.
   *
   * @param elements 1 or more
   * @param ballMm diameter, over 0, up to 25.4
   * @param meanMm diameter of the circle of centres, over the ball's
   * @param angleDeg of contact, 0 to under 90
   * @throws IllegalArgumentException for what is no row, or larger balls
   */
  public static double balls(int elements, double ballMm, double meanMm, double angleDeg) {
    double gamma = gamma(elements, ballMm, meanMm, angleDeg);
    if (ballMm > GREATEST_BALL_MM) {
      throw new IllegalArgumentException("Over 25.4 mm another formula holds");
    }
    return BALL_BM
        * ballFactor(gamma)
        * Math.pow(Math.cos(Math.toRadians(angleDeg)), 0.7)
        * Math.pow(elements, 2.0 / 3)
        * Math.pow(ballMm, 1.8);
  }

  /**
   * Of one row of rollers, N.
   *
   * @param lengthMm effective, over 0
   */
  public static double rollers(
      int elements, double rollerMm, double lengthMm, double meanMm, double angleDeg) {
    double gamma = gamma(elements, rollerMm, meanMm, angleDeg);
    if (!(lengthMm > 0)) {
      throw new IllegalArgumentException("Not a roller");
    }
    return ROLLER_BM
        * rollerFactor(gamma)
        * Math.pow(lengthMm * Math.cos(Math.toRadians(angleDeg)), 7.0 / 9)
        * Math.pow(elements, 0.75)
        * Math.pow(rollerMm, 29.0 / 27);
  }

  private static double gamma(int elements, double elementMm, double meanMm, double angleDeg) {
    boolean can =
        elements >= 1 && elementMm > 0 && meanMm > elementMm && angleDeg >= 0 && angleDeg < 90;
    if (!can) {
      throw new IllegalArgumentException("Not a row of a bearing");
    }
    return elementMm * Math.cos(Math.toRadians(angleDeg)) / meanMm;
  }

  static double ballFactor(double gamma) {
    double rings = 1.04 * Math.pow((1 - gamma) / (1 + gamma), 1.72);
    double groove = Math.pow(1.04 / 0.04, 0.41);
    return 0.95
        * 39.9
        * Math.pow(1 + Math.pow(rings, 10.0 / 3), -0.3)
        * Math.pow(gamma, 0.3)
        * Math.pow(1 - gamma, 1.39)
        / Math.cbrt(1 + gamma)
        * groove;
  }

  static double rollerFactor(double gamma) {
    double rings = 1.04 * Math.pow((1 - gamma) / (1 + gamma), 143.0 / 108);
    return 0.83
        * 207.9
        * Math.pow(1 + Math.pow(rings, 4.5), -2.0 / 9)
        * Math.pow(gamma, 2.0 / 9)
        * Math.pow(1 - gamma, 29.0 / 27)
        / Math.pow(1 + gamma, 0.25);
  }
}
