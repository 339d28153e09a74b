package unbo.core.arrangement;

import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.TaperGeometry;

/**
 * What the setting of an adjustable taper pair needs from its geometry, from estimated insides.
 *
 * @param effectiveCentresMm distance of the two effective centres, in millimetres
 * @param meanContactAngleDeg mean contact angle of the two rows, in degrees
 */
public record TaperPair(double effectiveCentresMm, double meanContactAngleDeg) {

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
    return Optional.of(new TaperPair(Math.abs(second - first), angles / 2));
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
