package unbo.core.fit;

import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.fit.FitInput.Group;
import unbo.core.fit.FitInput.Seat;
import unbo.core.fit.FitInput.Surface;
import unbo.core.section.BearingPortrait;
import unbo.core.section.InternalGeometry;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.tolerance.RingTolerances.Dimension;

/** What a fit is worked from, of a bearing of the catalogue between two seats. */
public final class FitInputs {

  /** Friction of oiled seats. */
  public static final double OILED = 0.12;

  private static final double ROOM_C = 20;

  /** A housing is this much wider than its ring where nobody measured it. */
  private static final double USUAL_WALL = 1.5;

  private FitInputs() {}

  /**
   * Of seats that are known.
   *
   * @throws IllegalArgumentException for what cannot be built
   */
  public static FitInput of(
      Bearing bearing, Optional<Group> clearance, Seat shaft, Seat housing, double roomC) {
    Optional<InternalGeometry> counted =
        BearingPortrait.of(bearing).inside().filter(InternalGeometry::listed);
    double bore = bearing.boreMm();
    double outer = bearing.outerMm();
    return new FitInput(
        bearing.family(),
        bore,
        outer,
        bearing.widthMm(),
        counted.map(g -> g.pitchMm() - g.elementMm()).orElse(FitInput.innerRaceway(bore, outer)),
        counted.map(g -> g.pitchMm() + g.elementMm()).orElse(FitInput.outerRaceway(bore, outer)),
        counted.isEmpty(),
        clearance,
        angle(bearing),
        ring(bearing, true),
        ring(bearing, false),
        shaft,
        housing,
        roomC,
        OILED);
  }

  /** Of the seats that a position asks for, solid shaft, usual wall; empty where it has none. */
  public static Optional<FitInput> usual(Bearing bearing, Recommendation zones, Material housing) {
    Optional<Seat> onShaft = seat(zones.shaft(), bearing.boreMm(), Material.STEEL, 0);
    Optional<Seat> inHousing =
        seat(zones.housing(), bearing.outerMm(), housing, USUAL_WALL * bearing.outerMm());
    return onShaft.isEmpty() || inHousing.isEmpty()
        ? Optional.empty()
        : Optional.of(of(bearing, Optional.empty(), onShaft.get(), inHousing.get(), ROOM_C));
  }

  private static Optional<Seat> seat(String zone, double nominal, Material of, double wall) {
    return IsoZone.parse(zone)
        .flatMap(z -> z.at(nominal))
        .map(l -> new Seat(Spread.within(l), of, wall, Surface.GROUND, ROOM_C, "zone " + zone));
  }

  /** What a ring may be off its nominal size, µm; nothing where no limits are known. */
  public static Spread ring(Bearing bearing, boolean isBore) {
    RingKind kind = RingKind.of(bearing);
    return RingTolerances.of(
            kind,
            isBore ? Dimension.BORE : Dimension.OUTSIDE,
            kind.usualClass(),
            isBore ? bearing.boreMm() : bearing.outerMm())
        .map(Spread::within)
        .orElse(new Spread(0, 0, 0, 0));
  }

  /** Contact angle of what is set after fitting, degrees; 0 for others. */
  private static double angle(Bearing bearing) {
    double known = bearing.taper().map(t -> t.contactAngleDeg().orElse(14)).orElse(0.0);
    boolean angular = bearing.family().id().contains("angular");
    return known > 0 ? known : angular ? 25 : 0;
  }
}
