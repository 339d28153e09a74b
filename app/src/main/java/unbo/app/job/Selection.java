package unbo.app.job;

import java.util.List;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.BearingPlace;
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
    return new Selection(station, named == null && station != null ? partOf(station, job) : named);
  }

  public static Selection at(Station station, Job job) {
    return new Selection(station, partOf(station, job));
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
    boolean taperPair = arrangement.isSetByNutPosition();
    boolean atTheNut =
        part.id().equals("nut") || part.id().equals("washer") || part.id().equals("pin");
    return taperPair && atTheNut ? Station.SET : null;
  }

  private static boolean isNamed(PartTemplate part, Arrangement arrangement) {
    return part.place().flatMap(arrangement::place).filter(p -> p.isNamed()).isPresent();
  }

  private static PartTemplate partOf(Station station, Job job) {
    return switch (station) {
      case NAME -> unreadBearing(job);
      case SET -> job.arrangement().part("nut").orElse(null);
      default -> null;
    };
  }

  /** The first bearing that nobody has read, else the first one; null where none has a number. */
  private static PartTemplate unreadBearing(Job job) {
    List<BearingPlace> named = job.arrangement().namedPlaces();
    return named.stream()
        .filter(p -> job.work().bearingAt(p.id()).isEmpty())
        .findFirst()
        .or(() -> named.stream().findFirst())
        .map(p -> job.arrangement().partsOf(p.id()).get(0))
        .orElse(null);
  }
}
