package unbo.core.fit;

import unbo.core.tolerance.Limits;

/**
 * A size or an interference in µm that is not known exactly: normal about its likely value.
 *
 * @param least arithmetic, worst case
 * @param likely mean
 * @param most arithmetic, worst case
 * @param sigma one standard deviation
 */
public record Spread(double least, double likely, double most, double sigma) {

  /** Within limits, which are three standard deviations away. */
  public static Spread within(Limits limits) {
    return new Spread(limits.lowerUm(), limits.middleUm(), limits.upperUm(), limits.widthUm() / 6);
  }

  /** As measured, with its uncertainty at 95 %. */
  public static Spread measured(double um, double u95) {
    return new Spread(um - u95, um, um + u95, u95 / 2);
  }

  /** Less another that does not depend on it. */
  public Spread minus(Spread other) {
    return new Spread(
        least - other.most,
        likely - other.likely,
        most - other.least,
        Math.hypot(sigma, other.sigma));
  }

  /** Moved by something exact. */
  public Spread plus(double um) {
    return new Spread(least + um, likely + um, most + um, sigma);
  }

  /**
   * What a factor makes of the part over zero: a loose seat neither stretches nor squeezes. Mean
   * and scatter of the part over zero are those of a rectified normal variable.
   */
  public Spread tightPart(double factor) {
    return new Spread(
        factor * Math.max(0, least),
        factor * Math.max(0, likely),
        factor * Math.max(0, most),
        factor * rectifiedSigma());
  }

  private double rectifiedSigma() {
    if (sigma == 0) {
      return 0;
    }
    double z = likely / sigma;
    double tight = normal(z);
    double density = Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI);
    double mean = likely * tight + sigma * density;
    double square = (likely * likely + sigma * sigma) * tight + likely * sigma * density;
    return Math.sqrt(Math.max(0, square - mean * mean));
  }

  /** Chance that it is over zero, 0 to 1. */
  public double chanceOverZero() {
    return sigma == 0 ? (likely > 0 ? 1 : 0) : normal(likely / sigma);
  }

  /** What only one in a hundred is under. */
  public double oneInHundred() {
    return likely - 2.3263 * sigma;
  }

  /** Normal distribution (Abramowitz and Stegun 7.1.26, error under 2·10⁻⁷). */
  static double normal(double z) {
    double x = Math.abs(z) / Math.sqrt(2);
    double t = 1 / (1 + 0.3275911 * x);
    double poly =
        t
            * (0.254829592
                + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))));
    double half = 0.5 * poly * Math.exp(-x * x);
    return z >= 0 ? 1 - half : half;
  }
}
