package unbo.app.job;

import unbo.core.arrangement.HubPart;

/**
 * What is open on a job's page: a station's sheet, or a part's own when the station is null.
 *
 * @param station the station, null for a part's sizes and state
 * @param part the part that is marked
 */
public record Selection(Station station, HubPart part) {

  /** The selection for words in an address; each may be missing. */
  public static Selection of(String at, String part, Job job) {
    HubPart named = HubPart.withId(part == null ? "" : part).orElse(null);
    if ("part".equals(at) && named != null) {
      return new Selection(null, named);
    }
    Station station = Station.withId(at == null ? "" : at).orElse(null);
    if (station == null) {
      station = named == null ? StationLine.next(job) : stationOf(named);
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
  private static Station stationOf(HubPart part) {
    return switch (part) {
      case INBOARD_CONE, INBOARD_CUP, OUTBOARD_CONE, OUTBOARD_CUP -> Station.NAME;
      case NUT, WASHER, PIN -> Station.SET;
      default -> null;
    };
  }

  private static HubPart partOf(Station station, Job job) {
    return switch (station) {
      case NAME ->
          job.bearingAt(HubPart.INBOARD_CONE).marking().isEmpty()
                  || job.bearingAt(HubPart.OUTBOARD_CONE).marking().isPresent()
              ? HubPart.INBOARD_CONE
              : HubPart.OUTBOARD_CONE;
      case SET -> HubPart.NUT;
      default -> null;
    };
  }
}
