package unbo.app.job;

import com.fasterxml.jackson.core.JsonProcessingException;
import java.util.Map;

/**
 * What stood before a change: the facts whole, since any station may write them, and of stations
 * and sheets only those that the change touched. So taking back does not grow with the stations
 * that a job has been through.
 *
 * @param stations marks of the stations that were touched; null where there was none
 * @param sheets documents that were touched; null where there was none
 */
record JobState(
    Map<String, Marked> bearings,
    Map<String, Double> dimensions,
    Map<String, PartMark> parts,
    Opening opening,
    Map<Integer, OpeningFinding> openingFindings,
    Map<Station, StationMark> stations,
    Map<Station, StoredSheet> sheets) {

  /** The same with what sheets held. */
  JobState with(Map<Station, StoredSheet> held) {
    return new JobState(bearings, dimensions, parts, opening, openingFindings, stations, held);
  }

  String text() {
    return Documents.write(this);
  }

  static JobState of(String text) {
    try {
      return Documents.MAPPER.readValue(text, JobState.class);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
