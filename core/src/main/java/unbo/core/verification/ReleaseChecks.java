package unbo.core.verification;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Hold;
import unbo.core.arrangement.PartCheck;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleKind;

/**
 * Which hard stops a job asks: what its arrangement's parts need ({@code check} lines), what
 * follows from how its bearings are held, and what follows from the wheel that comes out at its
 * position.
 */
public final class ReleaseChecks {

  private ReleaseChecks() {}

  /** The stops that a job asks, in the order in which they are looked at. */
  public static List<HardStop> asked(Arrangement arrangement, VehicleKind kind, Position position) {
    Set<HardStop> asked = EnumSet.of(HardStop.RECHECK);
    arrangement.checks().stream()
        .filter(c -> c.isAskedAt(position.code()))
        .forEach(c -> asked.add(stop(c)));
    if (!arrangement.adjustments().isEmpty()) {
      asked.add(HardStop.SETTING);
    }
    if (hasTightBearing(arrangement)) {
      asked.add(HardStop.PULLED);
    }
    if (position.wheelOut()) {
      asked.addAll(ofTheWheel(kind));
    }
    return List.copyOf(asked);
  }

  private static List<HardStop> ofTheWheel(VehicleKind kind) {
    return kind.hasWheelsOnStuds()
        ? List.of(HardStop.FACES, HardStop.WHEEL_NUTS, HardStop.BRAKE)
        : List.of(HardStop.WHEEL_AXLE, HardStop.BRAKE);
  }

  /** The parts that a stop looks at. */
  public static List<String> parts(Arrangement arrangement, HardStop stop) {
    return arrangement.checks().stream()
        .filter(c -> c.id().equals(stop.id()))
        .flatMap(c -> c.parts().stream())
        .toList();
  }

  /**
   * The stops of a check line.
   *
   * @throws IllegalArgumentException when there is no such stop
   */
  static HardStop stop(PartCheck check) {
    return HardStop.withId(check.id())
        .orElseThrow(() -> new IllegalArgumentException("No release check " + check.id()));
  }

  /** Whether a ring of a bearing that rolls is a press fit, so that it is pulled or pressed. */
  private static boolean hasTightBearing(Arrangement arrangement) {
    return arrangement.places().stream()
        .map(BearingPlace::id)
        .flatMap(place -> arrangement.partsOf(place).stream())
        .flatMap(part -> contacts(arrangement, part.id()))
        .anyMatch(c -> c.isHeldBy(Hold.TIGHT));
  }

  private static Stream<Contact> contacts(Arrangement arrangement, String part) {
    return arrangement.contactsOf(part).stream();
  }
}
