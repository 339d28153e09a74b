package unbo.app.fitting;

import java.util.List;
import java.util.Optional;
import unbo.app.job.Workpiece;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.Ring;
import unbo.core.arrangement.TurningGroups;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.BearingFacts;
import unbo.core.tolerance.RingKind;

/**
 * A bearing place whose seats can be worked: its rings have limits in our tables.
 *
 * @param id of the place
 * @param title what a mechanic calls it
 * @param assumed whether the bearing is the template's, not read yet
 */
public record FitPlace(String id, String title, Bearing bearing, boolean assumed) {

  /** All places of a workpiece that can be worked. */
  static List<FitPlace> of(Workpiece piece) {
    return piece.arrangement().namedPlaces().stream().flatMap(p -> of(piece, p).stream()).toList();
  }

  private static Optional<FitPlace> of(Workpiece piece, BearingPlace place) {
    return piece
        .assembly()
        .bearingAt(place.id())
        .filter(b -> isWorked(RingKind.of(b)))
        .map(
            b ->
                new FitPlace(
                    place.id(),
                    place.id().replace('-', ' '),
                    b,
                    !piece.assembly().isRead(place.id())));
  }

  private static boolean isWorked(RingKind kind) {
    return kind == RingKind.RADIAL || kind == RingKind.METRIC_TAPER || kind == RingKind.INCH_TAPER;
  }

  /** Whether an arrangement has one, with the bearings of its template. */
  static boolean isIn(Arrangement arrangement) {
    return arrangement.namedPlaces().stream()
        .flatMap(
            p -> unbo.core.arrangement.Assembly.assumed(arrangement).bearingAt(p.id()).stream())
        .anyMatch(b -> isWorked(RingKind.of(b)));
  }

  /** The ring that turns with what turns here: {@code inner} or {@code outer}. */
  public String turning(Arrangement arrangement) {
    boolean outer = TurningGroups.of(arrangement).turnsOuter(arrangement, id);
    return outer ? "outer" : "inner";
  }

  /** The part that stands for a ring, for the drawing. */
  public String part(Arrangement arrangement, boolean inner) {
    List<PartTemplate> parts = arrangement.partsOf(id);
    Ring wanted = inner ? Ring.INNER : Ring.OUTER;
    return parts.stream()
        .filter(p -> p.ring().equals(Optional.of(wanted)))
        .findFirst()
        .orElse(parts.get(0))
        .id();
  }

  /** The clearance group that its number said, CN where it said none. */
  public String group(Workpiece piece) {
    return Optional.ofNullable(piece.assembly().said().get(id))
        .map(BearingFacts::clearance)
        .filter(c -> !c.isEmpty())
        .orElse("CN");
  }

  /** Width of the ring on its shaft or in its housing, mm: a cone's or a cup's for tapers. */
  double widthMm() {
    return bearing.widthMm();
  }
}
