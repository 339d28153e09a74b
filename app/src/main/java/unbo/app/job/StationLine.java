package unbo.app.job;

import java.util.Arrays;
import java.util.List;

/**
 * The shaft with ten journals: how far a job is.
 *
 * @param job the job's id; null for one that was not kept yet
 * @param journals one for each station, in order
 */
public record StationLine(Long job, List<Journal> journals) {

  /** One journal. */
  public record Journal(Station station, String state, String word, boolean now) {}

  /** The line with the station that is open; null when none is. */
  public static StationLine of(Job job, Station open) {
    List<Journal> journals =
        Arrays.stream(Station.values()).map(s -> journal(job, s, s == open)).toList();
    return new StationLine(job.getId(), journals);
  }

  /** The first station that is not behind the job. */
  public static Station next(Job job) {
    return Arrays.stream(Station.values())
        .filter(
            s ->
                job.work()
                    .mark(s)
                    .map(m -> m.getState() == StationMark.State.WORKED_ON)
                    .orElse(true))
        .findFirst()
        .orElse(Station.BOOK);
  }

  private static Journal journal(Job job, Station station, boolean now) {
    StationMark.State state = job.work().mark(station).map(StationMark::getState).orElse(null);
    if (state == null) {
      return new Journal(station, "to-come", now ? "now" : "to come", now);
    }
    return new Journal(
        station,
        state.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
        state.title(),
        now);
  }
}
