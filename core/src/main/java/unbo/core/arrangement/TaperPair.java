package unbo.core.arrangement;

import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.TaperGeometry;

/**
 * What the setting of an adjustable taper pair needs from its geometry, from estimated insides.
 *
 * @param effectiveCentresMm distance of the two effective centres, in millimetres
 * @param meanContactAngleDeg mean contact angle of the two rows, in degrees
 * @param angleKnown whether the table has both contact angles
 * @param read whether both bearings were read, not assumed
 */
public record TaperPair(
    double effectiveCentresMm, double meanContactAngleDeg, boolean angleKnown, boolean read) {

  /** An effective centre agrees with listings to about 0.5 mm; two of them by root-sum-square. */
  private static final double CENTRES_MM = 0.7;

  private static final double CENTRES_UNKNOWN_MM = 3;
  private static final double ANGLE_DEG = 0.5;

  /** A quarter of an assumed angle: light series run from about 11° to 17°. */
  private static final double ANGLE_ASSUMED_SHARE = 0.25;

  /** Uncertainty of the distance at 95 %: our assumption where an angle is not known for sure. */
  public double centresUncertaintyMm() {
    return isSure() ? CENTRES_MM : CENTRES_UNKNOWN_MM;
  }

  /** Uncertainty of the angle at 95 %, degrees. */
  public double angleUncertaintyDeg() {
    return isSure() ? ANGLE_DEG : ANGLE_ASSUMED_SHARE * meanContactAngleDeg;
  }

  /** The angles of a section's usual bearings are as good as assumed while nobody has read them. */
  private boolean isSure() {
    return angleKnown && read;
  }

  /** The pair of an assembly; empty when it does not hold exactly two tapers. */
  public static Optional<TaperPair> of(Assembly assembly) {
    List<BearingPlace> tapers =
        assembly.arrangement().places().stream().filter(p -> p.kind().isTaper()).toList();
    if (tapers.size() != 2) {
      return Optional.empty();
    }
    double first = centre(assembly, tapers.get(0));
    double second = centre(assembly, tapers.get(1));
    double angles = angle(assembly, tapers.get(0)) + angle(assembly, tapers.get(1));
    return Optional.of(
        new TaperPair(
            Math.abs(second - first),
            angles / 2,
            tapers.stream().allMatch(p -> knowsAngle(assembly, p)),
            tapers.stream().allMatch(p -> assembly.isRead(p.id()))));
  }

  private static boolean knowsAngle(Assembly assembly, BearingPlace place) {
    return assembly
        .bearing(place.id())
        .taper()
        .filter(t -> t.contactAngleDeg().isPresent())
        .isPresent();
  }

  private static double centre(Assembly assembly, BearingPlace place) {
    double inside = geometry(assembly, place).effectiveCentreMm();
    return place.facingRight()
        ? assembly.valueOf(place.id() + ".from") + inside
        : assembly.valueOf(place.id() + ".to") - inside;
  }

  private static double angle(Assembly assembly, BearingPlace place) {
    return geometry(assembly, place).contactAngleDeg();
  }

  private static TaperGeometry geometry(Assembly assembly, BearingPlace place) {
    return TaperGeometry.estimate(assembly.bearing(place.id()));
  }
}
