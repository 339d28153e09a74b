package unbo.core.fit;

import java.util.Optional;
import unbo.core.catalogue.Family;
import unbo.core.tolerance.InternalClearances;

/**
 * What a fit is worked from. Lengths mm, temperatures °C.
 *
 * @param family of the bearing
 * @param boreMm of the ring
 * @param outerMm of the ring
 * @param widthMm of one ring
 * @param innerRacewayMm diameter of the inner raceway, over the bore
 * @param outerRacewayMm diameter of the outer raceway, under the outside
 * @param racewaysEstimated whether the raceways are estimated from the envelope
 * @param clearance group and limits; empty for bearings that are set after fitting
 * @param contactAngleDeg for what is set after fitting; 0 for the others
 * @param bore what the ring's bore may be, off its nominal size, µm
 * @param outside what the ring's outside may be, µm
 * @param shaft its seat
 * @param housing its seat
 * @param roomC where everything was measured
 * @param friction of pressing
 */
public record FitInput(
    Family family,
    double boreMm,
    double outerMm,
    double widthMm,
    double innerRacewayMm,
    double outerRacewayMm,
    boolean racewaysEstimated,
    Optional<Group> clearance,
    double contactAngleDeg,
    Spread bore,
    Spread outside,
    Seat shaft,
    Seat housing,
    double roomC,
    double friction) {

  /** Share of the section's height that a ring's wall takes where nothing is known. */
  public static final double WALL = 0.22;

  /** A group of internal clearance. */
  public record Group(String name, InternalClearances.Clearance limits) {}

  /** How a seat was finished: what pressing flattens of it. */
  public enum Surface {
    GROUND("ground", 2),
    TURNED("turned", 3);

    private final String id;
    private final double flattens;

    Surface(String id, double flattens) {
      this.id = id;
      this.flattens = flattens;
    }

    public String id() {
      return id;
    }

    /** What is left of an interference on a diameter: d/(d + 2) or d/(d + 3), d in mm. */
    public double left(double diameterMm) {
      return diameterMm / (diameterMm + flattens);
    }
  }

  /**
   * A seat.
   *
   * @param size off its nominal size, µm
   * @param wallMm bore of a hollow shaft, 0 for a solid one; outside of a housing
   * @param runningC of the ring on it, when running
   * @param said where the size comes from, in words
   */
  public record Seat(
      Spread size,
      Material material,
      double wallMm,
      Surface surface,
      double runningC,
      String said) {}

  /**
   * @throws IllegalArgumentException for what cannot be built; callers say it at the field
   */
  public FitInput {
    boolean built =
        boreMm > 0
            && outerMm > boreMm
            && widthMm > 0
            && innerRacewayMm > boreMm
            && outerRacewayMm < outerMm
            && innerRacewayMm < outerRacewayMm
            && shaft.wallMm >= 0
            && shaft.wallMm < boreMm
            && housing.wallMm > outerMm
            && friction > 0;
    if (!built) {
      throw new IllegalArgumentException("Not a bearing in its seats");
    }
  }

  public static double innerRaceway(double boreMm, double outerMm) {
    return boreMm + WALL * (outerMm - boreMm);
  }

  public static double outerRaceway(double boreMm, double outerMm) {
    return outerMm - WALL * (outerMm - boreMm);
  }
}
