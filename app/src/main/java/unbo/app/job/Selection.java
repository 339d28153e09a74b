package unbo.app.job;

import java.util.List;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Hold;
import unbo.core.arrangement.PartTemplate;

/**
 * What is open on a job's page: a station's sheet, or a part's own when the station is null.
 *
 * @param station the station, null for a part's sizes and state
 * @param part the part that is marked
 */
public record Selection(Station station, PartTemplate part) {

  /** The selection for words in an address; each may be missing. */
  public static Selection of(String at, String part, Job job) {
    PartTemplate named = job.arrangement().part(part == null ? "" : part).orElse(null);
    if ("part".equals(at) && named != null) {
      return new Selection(null, named);
    }
    Station station = Station.withId(at == null ? "" : at).orElse(null);
    if (station == null) {
      station = named == null ? StationLine.next(job) : stationOf(named, job.arrangement());
    }
    return at(station, named == null ? "" : named.id(), job);
  }

  public static Selection at(Station station, Workpiece piece) {
    return at(station, "", piece);
  }

  /** A station with a part marked; an empty or unknown part stands for the station's own. */
  public static Selection at(Station station, String part, Workpiece piece) {
    PartTemplate named = piece.arrangement().part(part).orElse(null);
    return new Selection(
        station, named == null && station != null ? partOf(station, piece) : named);
  }

  /** The address of the job's page with this selection. */
  public String address(Job job) {
    String at = station == null ? "part" : station.id();
    return "/jobs/" + job.getId() + "?at=" + at + (part == null ? "" : "&part=" + part.id());
  }

  /** Which sheet opens for a part; null is the part's own. */
  private static Station stationOf(PartTemplate part, Arrangement arrangement) {
    if (isNamed(part, arrangement)) {
      return Station.NAME;
    }
    boolean set =
        arrangement.adjustments().stream()
            .anyMatch(a -> a.part().equals(part.id()) || isAtTheNut(part, a.part(), arrangement));
    return set ? Station.SET : null;
  }

  /** What a nut that is set is held by, or stands against. */
  private static boolean isAtTheNut(PartTemplate part, String nut, Arrangement arrangement) {
    List<Contact> all = arrangement.contacts();
    return all.stream().anyMatch(c -> c.part().equals(nut) && c.isHeldBy(Hold.THREADED))
        && all.stream()
            .filter(c -> c.part().equals(nut) && c.other().equals(part.id()))
            .anyMatch(c -> c.kind() == Contact.Kind.HELD || c.kind() == Contact.Kind.AGAINST);
  }

  private static boolean isNamed(PartTemplate part, Arrangement arrangement) {
    return part.place()
        .flatMap(arrangement::place)
        .filter(arrangement.readablePlaces()::contains)
        .isPresent();
  }

  private static PartTemplate partOf(Station station, Workpiece piece) {
    return switch (station) {
      case NAME -> unreadBearing(piece);
      case SET -> setPart(piece.arrangement());
      default -> null;
    };
  }

  /** What is turned, ground or chosen to set it; null where nothing is. */
  private static PartTemplate setPart(Arrangement arrangement) {
    return arrangement.adjustments().stream()
        .findFirst()
        .flatMap(a -> arrangement.part(a.part()))
        .orElse(null);
  }

  /** The first bearing that nobody has read, else the first one; null where none has a number. */
  private static PartTemplate unreadBearing(Workpiece job) {
    List<BearingPlace> named = job.arrangement().readablePlaces();
    return named.stream()
        .filter(p -> job.work().bearingAt(p.id()).isEmpty())
        .findFirst()
        .or(() -> named.stream().findFirst())
        .map(p -> job.arrangement().partsOf(p.id()).get(0))
        .orElse(null);
  }
}
