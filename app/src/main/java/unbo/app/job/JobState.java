package unbo.app.job;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.RoadFinding;

/** Everything of a job that a change can touch, as it stood before the last one. */
record JobState(
    Map<String, Marked> bearings,
    Map<String, Double> dimensions,
    Map<String, Double> masses,
    Map<String, PartMark> parts,
    Map<Station, StationMark> stations,
    List<EndPlay> endPlays,
    Map<AccusingTest, TestRecord> tests,
    Map<HardStop, StopMark> stops,
    Map<RoadFinding, FindingMark> findings,
    NutRecord nut,
    PackRecord pack,
    OtherSchools otherSchools,
    LocalDate recheckOn,
    Integer recheckKm,
    Opening opening,
    Map<Integer, OpeningFinding> openingFindings) {

  /** Records are written by their fields: their methods say what follows, not what stands. */
  private static final ObjectMapper MAPPER =
      JsonMapper.builder()
          .addModule(new JavaTimeModule())
          .visibility(PropertyAccessor.ALL, Visibility.NONE)
          .visibility(PropertyAccessor.FIELD, Visibility.ANY)
          .visibility(PropertyAccessor.CREATOR, Visibility.ANY)
          .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
          .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
          .build();

  /** A reading of end play with its place. */
  record EndPlay(EndPlayKey.Stage stage, int place, EndPlayReading reading) {}

  String text() {
    try {
      return MAPPER.writeValueAsString(this);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  static JobState of(String text) {
    try {
      return MAPPER.readValue(text, JobState.class);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
