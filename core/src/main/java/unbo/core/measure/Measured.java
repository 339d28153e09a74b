package unbo.core.measure;

/**
 * A value with its expanded uncertainty at 95 %, both in the same unit, which the field or the
 * method that holds it names.
 *
 * @param value the best estimate
 * @param uncertainty half width of the 95 % interval, not negative
 */
public record Measured(double value, double uncertainty) {

  public Measured {
    if (!Double.isFinite(value) || !(uncertainty >= 0) || Double.isInfinite(uncertainty)) {
      throw new IllegalArgumentException("Not a measured value: " + value + " ± " + uncertainty);
    }
  }

  public double least() {
    return value - uncertainty;
  }

  public double most() {
    return value + uncertainty;
  }

  /** Whether the value differs from zero by more than its uncertainty, on the positive side. */
  public boolean isSurelyPositive() {
    return least() > 0;
  }

  public Measured times(double factor) {
    return new Measured(value * factor, uncertainty * Math.abs(factor));
  }

  /** The difference of two independent values; uncertainties add by root-sum-square. */
  public Measured minus(Measured other) {
    return new Measured(value - other.value, Math.hypot(uncertainty, other.uncertainty));
  }
}
