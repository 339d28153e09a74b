package unbo.core.units;

/**
 * A length, kept in millimetres. Negative lengths are allowed, since a prediction of end play may
 * come out as squeeze; where a negative one is nonsense, the entry says so. Not a number and
 * infinite are refused with an {@link IllegalArgumentException}.
 */
public record Length(double millimetres) implements Comparable<Length> {

  /** Millimetres in an inch, exact by definition (ISO 80000-3). */
  public static final double MILLIMETRES_PER_INCH = 25.4;

  public Length {
    if (!Double.isFinite(millimetres)) {
      throw new IllegalArgumentException("A length must be finite: " + millimetres);
    }
  }

  public static Length ofMillimetres(double value) {
    return new Length(value);
  }

  public static Length ofInches(double value) {
    return new Length(value * MILLIMETRES_PER_INCH);
  }

  public double inMicrometres() {
    return millimetres * 1000;
  }

  public double inInches() {
    return millimetres / MILLIMETRES_PER_INCH;
  }

  @Override
  public int compareTo(Length other) {
    return Double.compare(millimetres, other.millimetres);
  }
}
