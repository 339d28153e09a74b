package unbo.core.tolerance;

/**
 * What a dimension may be, in micrometres off its nominal size.
 *
 * @param lowerUm the least, mostly negative
 * @param upperUm the most
 * @param source the standard
 */
public record Limits(double lowerUm, double upperUm, String source) {
  public Limits {
    if (!(upperUm >= lowerUm)) {
      throw new IllegalArgumentException("Limits the wrong way round: " + lowerUm + ", " + upperUm);
    }
  }

  public double middleUm() {
    return (lowerUm + upperUm) / 2;
  }

  public double widthUm() {
    return upperUm - lowerUm;
  }

  /** The least size for a nominal one, millimetres. */
  public double leastMm(double nominalMm) {
    return nominalMm + lowerUm / 1000;
  }

  /** The greatest size for a nominal one, millimetres. */
  public double mostMm(double nominalMm) {
    return nominalMm + upperUm / 1000;
  }
}
