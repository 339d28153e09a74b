package unbo.core.catalogue;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One standard bearing: its designation without suffixes and its boundary dimensions in
 * millimetres.
 *
 * @param designation as the standard spells it, such as {@code 30206} or {@code 62/22}
 * @param family the family
 * @param series the leading run that names type and dimension series, such as {@code 302}
 * @param boreMm bore d
 * @param outerMm outside diameter D
 * @param widthMm width B, for tapers the assembled width T
 * @param taper what only tapers have
 * @param otherWidthMm width of the narrower ring where the two differ, else empty
 * @param basis how well the row is founded
 * @param source the standard, or {@code common trade listing}
 */
public record Bearing(
    String designation,
    Family family,
    String series,
    double boreMm,
    double outerMm,
    double widthMm,
    Optional<TaperWidths> taper,
    OptionalDouble otherWidthMm,
    Basis basis,
    String source) {

  /** The series of cone and cup pairs in inch sizes, whose numbers carry no dimension series. */
  public static final String INCH_SERIES = "inch";

  /**
   * Cone width B, cup width C and contact angle of a taper.
   *
   * @param coneMm cone width B
   * @param cupMm cup width C
   * @param contactAngleDeg contact angle α, empty when the table does not know it
   */
  public record TaperWidths(double coneMm, double cupMm, OptionalDouble contactAngleDeg) {
    public TaperWidths {
      if (!(coneMm > 0 && cupMm > 0)) {
        throw new IllegalArgumentException("Widths must be over zero: " + coneMm + ", " + cupMm);
      }
    }
  }

  /** A bearing whose rings are of one width. */
  public Bearing(
      String designation,
      Family family,
      String series,
      double boreMm,
      double outerMm,
      double widthMm,
      Optional<TaperWidths> taper,
      Basis basis,
      String source) {
    this(
        designation,
        family,
        series,
        boreMm,
        outerMm,
        widthMm,
        taper,
        OptionalDouble.empty(),
        basis,
        source);
  }

  public Bearing {
    if (!(boreMm > 0 && outerMm > boreMm && widthMm > 0)) {
      throw new IllegalArgumentException("Impossible envelope of " + designation);
    }
  }

  /** The run behind the series that carries the bore, such as {@code 06} or {@code /22}. */
  public String boreCode() {
    return !isInch() && designation.startsWith(series)
        ? designation.substring(series.length())
        : "";
  }

  /**
   * The same closed, under the number that it then has. Of a machined needle bearing the inner ring
   * alone is wider, so that the seals run on it.
   */
  Bearing closed(String number, double width) {
    OptionalDouble other =
        family == Family.NEEDLE_ROLLER ? OptionalDouble.of(widthMm) : otherWidthMm;
    return new Bearing(number, family, series, boreMm, outerMm, width, taper, other, basis, source);
  }

  public boolean isInch() {
    return series.equals(INCH_SERIES);
  }

  /** Whether its elements run on the shaft itself, so that the bore is the diameter under them. */
  public boolean isWithoutInnerRing() {
    return family == Family.DRAWN_CUP_NEEDLE
        || family == Family.NEEDLE_CAGE
        || (family == Family.NEEDLE_ROLLER && !series.startsWith("NA") && !series.equals("NKI"));
  }

  /** Whether two bearings have the same bore, outside and width, within a hundredth. */
  public boolean hasEnvelopeOf(Bearing other) {
    return Math.abs(boreMm - other.boreMm) < 0.011
        && Math.abs(outerMm - other.outerMm) < 0.011
        && Math.abs(widthMm - other.widthMm) < 0.011;
  }

  public boolean isTaper() {
    return taper.isPresent();
  }
}
