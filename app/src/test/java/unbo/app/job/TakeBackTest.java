package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.lang.reflect.RecordComponent;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.PageTest;
import unbo.app.packing.PackRecord;
import unbo.app.proving.FindingMark;
import unbo.app.proving.ProveRecord;
import unbo.app.proving.StopMark;
import unbo.app.proving.TestRecord;
import unbo.app.setting.DialReading;
import unbo.app.setting.NutRecord;
import unbo.app.setting.OtherSchools;
import unbo.app.setting.SchoolPress;
import unbo.app.setting.SetRecord;
import unbo.core.setting.NutLock;
import unbo.core.setting.School;
import unbo.core.setting.SpindleThread;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.RoadFinding;
import unbo.core.verification.Role;

class TakeBackTest extends PageTest {

  @Autowired private JobUndoRepository undos;

  private Job change(Job job, String text, java.util.function.Consumer<WorkRecord> change) {
    return jobs.change(
        job.getId(),
        Station.PROVE,
        reload(job).work().revision(Station.PROVE),
        "Joren",
        StationMark.State.WORKED_ON,
        text,
        (work, s) -> change.accept(work));
  }

  private static java.util.function.Consumer<WorkRecord> recheckAfter(int km) {
    return work ->
        work.write(ProveRecord.TYPE, work.sheet(ProveRecord.TYPE).with((LocalDate) null, km));
  }

  private void keepTo(Job job, int revision, String person, School school) {
    Press.Taken taken = SchoolPress.of(reload(job).getVehicle(), school);
    jobs.press(job.getId(), Station.SET, revision, person, taken);
  }

  /** The whole record in words: the facts, and every station and sheet. */
  private String whole(Job job) {
    Map<Station, StationMark> stations = new java.util.EnumMap<>(Station.class);
    Map<Station, StoredSheet> sheets = new java.util.EnumMap<>(Station.class);
    for (Station station : Station.values()) {
      stations.put(station, null);
      sheets.put(station, null);
    }
    return reload(job)
        .work()
        .like(new JobState(null, null, null, null, null, stations, sheets))
        .text();
  }

  /** A change of everything that a job holds, so that nothing can be forgotten. */
  private static void everything(WorkRecord work) {
    Instant at = Instant.parse("2026-11-23T10:15:30Z");
    work.setBearing("inboard", Marked.read("32206", "32206 J2"));
    work.setDimension("hub.shoulder-distance", 41.5);
    work.setPart("seal", new PartMark(PartMark.State.RENEW, "torn"), Station.STRIP);
    work.write(
        PackRecord.TYPE,
        new PackRecord(
            "wet-slow",
            true,
            0.95,
            Map.of("inboard", 285.0),
            "Joren",
            Map.of("tin-rpm", "700"),
            null,
            null,
            35.0));
    NutRecord nut =
        NutRecord.of(
            "dial",
            SpindleThread.parse("M18x1.5").value(),
            Optional.of(NutLock.castle(6, 2)),
            Optional.empty());
    work.write(
        SetRecord.TYPE,
        work.sheet(SetRecord.TYPE)
            .with(nut.at(2))
            .with(List.of(new DialReading("0.31", 0.31, "Joren", at)), List.of())
            .with(new OtherSchools(8.0, 150.0, 1.5, "FREE", 5.0, null)));
    work.write(
        ProveRecord.TYPE,
        work.sheet(ProveRecord.TYPE)
            .with(AccusingTest.ROCK, new TestRecord(1.9, 290.0))
            .with(HardStop.BRAKE, StopMark.met("", "Joren", Role.MECHANIC, at))
            .with(Map.of(RoadFinding.values()[0], new FindingMark("Joren", at)))
            .with(LocalDate.of(2027, 1, 2), 500));
    work.setOpening(work.getOpening().looked("Races clean.", false, "Joren", at));
    work.getOpeningFindings()
        .put(0, new OpeningFinding("t-spin", "Spun by hand?", "it growls", "", false));
  }

  /** A field of the record that this test forgot would be one that undo could forget. */
  @Test
  void everythingIsEverything() throws Exception {
    Job job = newJob();
    JsonNode before = new ObjectMapper().readTree(whole(job));
    change(job, "everything", TakeBackTest::everything);
    JsonNode after = new ObjectMapper().readTree(whole(job));
    for (RecordComponent field : JobState.class.getRecordComponents()) {
      assertThat(after.get(field.getName()))
          .as(field.getName())
          .isNotNull()
          .isNotEqualTo(before.get(field.getName()));
    }
  }

  @Test
  void everythingComesBackAndCanBeTakenBackInTurn() {
    Job job = newJob();
    String before = whole(job);
    change(job, "everything", TakeBackTest::everything);
    String after = whole(job);
    assertThat(after).isNotEqualTo(before);
    long last = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    assertThat(jobs.takeBack(job.getId(), last, "Tuva", true)).isPresent();
    assertThat(whole(job)).isEqualTo(before);
    JobUndo again = jobs.lastChange(reload(job)).orElseThrow();
    assertThat(again.getText()).isEqualTo("undone: everything");
    assertThat(again.getPerson()).isEqualTo("Tuva");
    jobs.takeBack(job.getId(), again.getEventId(), "Joren", true).orElseThrow();
    JobUndo redone = jobs.lastChange(reload(job)).orElseThrow();
    assertThat(redone.getText()).isEqualTo("redone: everything");
    assertThat(reload(job).assembly().bearing("inboard").designation()).isEqualTo("32206");
    assertThat(withoutRevision(whole(job))).isEqualTo(withoutRevision(after));
    jobs.takeBack(job.getId(), redone.getEventId(), "Joren", true).orElseThrow();
    assertThat(jobs.history(job.getId()).get(0).getText()).isEqualTo("undone: everything");
  }

  /** It is the vehicle's: taken back with its own change, and left alone by every other. */
  @Test
  void theSchoolGoesBackWithItsOwnChangeAlone() {
    Job job = newJob();
    long vehicle = job.getVehicle().getId();
    keepTo(job, 0, "Joren", School.SLIGHT_PRELOAD);
    long toDrag = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    jobs.takeBack(job.getId(), toDrag, "Joren", true).orElseThrow();
    assertThat(vehicles.findById(vehicle).orElseThrow().getSchool()).isEqualTo(School.END_PLAY);
    long back = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    jobs.takeBack(job.getId(), back, "Joren", true).orElseThrow();
    assertThat(vehicles.findById(vehicle).orElseThrow().getSchool())
        .isEqualTo(School.SLIGHT_PRELOAD);

    Job other = jobs.openAt(job.getVehicle(), "axle-1-left", "hums", "Tuva");
    change(other, "one", recheckAfter(100));
    keepTo(job, reload(job).work().revision(Station.SET), "Ilse", School.JUST_FREE);
    long one = jobs.lastChange(reload(other)).orElseThrow().getEventId();
    jobs.takeBack(other.getId(), one, "Tuva", true).orElseThrow();
    assertThat(vehicles.findById(vehicle).orElseThrow().getSchool()).isEqualTo(School.JUST_FREE);
  }

  /** An undo that says more or less than today's, as one of another version does, is still read. */
  @Test
  void anUndoOfAnotherVersionIsRead() {
    Job job = newJob();
    change(job, "everything", TakeBackTest::everything);
    String text = whole(job);
    String later = text.replaceFirst("\\{", "{\"colour\":\"green\",");
    assertThat(later).isNotEqualTo(text);
    assertThat(JobState.of(later).text()).isEqualTo(text);
    String earlier = text.replaceFirst(",\"lookedNote\":\"Races clean.\"", "");
    assertThat(earlier).isNotEqualTo(text);
    assertThat(JobState.of(earlier).opening().getLookedNote()).isNull();
    assertThat(JobState.of(earlier).opening().getLookedBy()).isEqualTo("Joren");
  }

  /**
   * What is kept for undo is what the change touched: it does not grow with the stations behind.
   */
  @Test
  void undoKeepsWhatTheChangeTouchedAlone() {
    Job job = newJob();
    change(job, "everything", TakeBackTest::everything);
    change(job, "one", recheckAfter(100));
    JobState before = undos.findById(job.getId()).orElseThrow().before();
    assertThat(before.sheets()).containsOnlyKeys(Station.PROVE);
    assertThat(before.stations()).containsOnlyKeys(Station.PROVE);
    long last = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    jobs.takeBack(job.getId(), last, "Joren", true).orElseThrow();
    assertThat(reload(job).work().sheet(PackRecord.TYPE).byHand()).as("untouched").isTrue();
    assertThat(reload(job).work().sheet(ProveRecord.TYPE).recheckKm()).isEqualTo(500);
  }

  private static String withoutRevision(String state) {
    return state.replaceAll("\"revision\":\\d+", "");
  }

  /** A change that came in between is never taken back by mistake. */
  @Test
  void anotherChangeInBetweenStopsIt() throws Exception {
    Job job = newJob();
    change(job, "one", recheckAfter(100));
    long seen = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    change(job, "two", recheckAfter(200));
    mvc.perform(
            post("/jobs/{id}/take-back", job.getId())
                .param("change", "" + seen)
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("Not undone")));
    assertThat(reload(job).work().sheet(ProveRecord.TYPE).recheckKm()).isEqualTo(200);
    mvc.perform(get("/jobs/{id}", job.getId()).with(as("tuva")))
        .andExpect(content().string(containsString("Undo")));
  }

  /** A page opened before the change that was taken back is still out of date. */
  @Test
  void aRevisionNeverComesBack() {
    Job job = newJob();
    change(job, "one", recheckAfter(100));
    int old = reload(job).work().revision(Station.PROVE);
    long last = jobs.lastChange(reload(job)).orElseThrow().getEventId();
    jobs.takeBack(job.getId(), last, "Tuva", true);
    change(job, "three", recheckAfter(300));
    assertThat(reload(job).work().revision(Station.PROVE)).isNotEqualTo(old);
  }

  @Test
  void aClosedJobStays() {
    Job job = newJob();
    jobs.close(job.getId(), 0, "Joren", j -> true);
    assertThat(jobs.lastChange(reload(job))).isEmpty();
    assertThatThrownBy(() -> jobs.takeBack(job.getId(), 1, "Tuva", true))
        .isInstanceOf(ClosedJob.class);
  }
}
