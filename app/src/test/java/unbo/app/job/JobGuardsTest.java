package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.AtOnce;
import unbo.app.PageTest;
import unbo.app.listening.Listening;
import unbo.app.listening.Listenings;
import unbo.app.proving.ProveRecord;
import unbo.app.proving.StopMark;
import unbo.core.vehicle.VehicleKind;
import unbo.core.verification.HardStop;
import unbo.core.verification.Role;

/** What a person may not do directly cannot be had by another way or in another order. */
class JobGuardsTest extends PageTest {

  @Autowired private Listenings listenings;

  private static void waive(WorkRecord work, StopMark mark) {
    work.write(ProveRecord.TYPE, work.sheet(ProveRecord.TYPE).with(HardStop.BRAKE, mark));
  }

  private static Map<HardStop, StopMark> stops(Job job) {
    return job.work().sheet(ProveRecord.TYPE).stops();
  }

  private Job waived() {
    Job job = newJob();
    return jobs.change(
        job.getId(),
        Station.PROVE,
        0,
        "Joren Maak",
        StationMark.State.WORKED_ON,
        "waived",
        (work, s) ->
            waive(work, StopMark.waived("no brake fitted", "Joren Maak", Role.MECHANIC, s.at())));
  }

  private long lastChange(Job job) {
    return jobs.lastChange(reload(job)).orElseThrow().getEventId();
  }

  private int undoAs(String person, Job job) throws Exception {
    return mvc.perform(
            post("/jobs/{id}/take-back", job.getId())
                .param("change", "" + lastChange(job))
                .with(as(person))
                .with(csrf()))
        .andReturn()
        .getResponse()
        .getStatus();
  }

  @Test
  void anApprenticeNeitherLiftsNorSetsAWaiverByUndoing() throws Exception {
    Job job = waived();
    assertThat(undoAs("tuva", job)).isEqualTo(403);
    assertThat(stops(reload(job)).get(HardStop.BRAKE).waived()).isTrue();
    assertThat(undoAs("joren", job)).isEqualTo(302);
    assertThat(stops(reload(job))).isEmpty();
    assertThat(undoAs("tuva", job)).as("doing it again sets it").isEqualTo(403);
    assertThat(stops(reload(job))).isEmpty();
  }

  /** Not even an older one with another reason: what stands is what its signer wrote last. */
  @Test
  void anApprenticeDoesNotPutBackAnOlderWaiver() throws Exception {
    Job job = waived();
    jobs.change(
        job.getId(),
        Station.PROVE,
        reload(job).work().revision(Station.PROVE),
        "Ilse",
        StationMark.State.WORKED_ON,
        "another reason",
        (work, s) ->
            waive(work, StopMark.waived("brake seen to elsewhere", "Ilse", Role.OWNER, s.at())));
    assertThat(undoAs("tuva", job)).isEqualTo(403);
    assertThat(stops(reload(job)).get(HardStop.BRAKE).person()).isEqualTo("Ilse");
    assertThat(undoAs("joren", job)).isEqualTo(302);
  }

  @Test
  void whatConcernsNoWaiverIsUndoneByAnybody() throws Exception {
    Job job = waived();
    jobs.change(
        job.getId(),
        Station.STRIP,
        0,
        "Tuva Lind",
        StationMark.State.WORKED_ON,
        "size",
        (work, s) -> work.setDimension("spindle", 30.0));
    assertThat(undoAs("tuva", job)).isEqualTo(302);
  }

  /**
   * One person lifts a stop and holds the lock while another closes: the closing is judged by what
   * stands when its turn comes.
   */
  @Test
  void closingIsJudgedUnderTheLock() throws Exception {
    Job job = waived();
    CountDownLatch locked = new CountDownLatch(1);
    CountDownLatch go = new CountDownLatch(1);
    ExecutorService pool = Executors.newFixedThreadPool(2);
    try {
      Future<Job> lifted =
          pool.submit(
              () ->
                  jobs.change(
                      job.getId(),
                      Station.PROVE,
                      reload(job).work().revision(Station.PROVE),
                      "Ilse",
                      StationMark.State.WORKED_ON,
                      "lifted",
                      (work, s) -> {
                        locked.countDown();
                        await(go);
                        waive(work, null);
                      }));
      await(locked);
      Future<Job> closed =
          pool.submit(() -> jobs.close(job.getId(), 0, "Joren", j -> !stops(j).isEmpty()));
      go.countDown();
      lifted.get();
      assertThatThrownBy(closed::get).hasCauseInstanceOf(NotProved.class);
      assertThat(reload(job).isClosed()).isFalse();
    } finally {
      pool.shutdownNow();
    }
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  @Test
  void twelvePressesOpenOneJobAndASecondIsOpenedKnowingly() throws Exception {
    var vehicle = newJob().getVehicle();
    String address = "/vehicles/" + vehicle.getId() + "/positions/axle-1-left/open";
    List<Integer> answers =
        AtOnce.all(
            12,
            i ->
                mvc.perform(post(address).param("complaint", "hums").with(as("joren")).with(csrf()))
                    .andReturn()
                    .getResponse()
                    .getStatus());
    assertThat(answers).containsOnlyOnce(302);
    assertThat(jobLists.of(vehicle)).hasSize(2);
    mvc.perform(post(address).param("complaint", "hums").with(as("joren")).with(csrf()))
        .andExpect(status().isConflict())
        .andExpect(content().string(containsString("Open a second job")));
    mvc.perform(
            post(address)
                .param("complaint", "hums")
                .param("another", "true")
                .with(as("joren"))
                .with(csrf()))
        .andExpect(status().isFound());
    assertThat(jobLists.of(vehicle)).hasSize(3);
  }

  @Test
  void aFieldsNameNeverGetsIntoTheHistory() throws Exception {
    Job job = newJob();
    mvc.perform(
            post("/jobs/{id}/prove", job.getId())
                .param("revision", "0")
                .param("stop-brake: checked by Ilse Varnholt", "on")
                .param("finding-x, signed Ilse Varnholt", "on")
                .param("stop-wheel-nuts", "on")
                .param("detail-wheel-nuts", "110")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isFound());
    assertThat(jobs.history(job.getId()).get(0).getText())
        .doesNotContain("Varnholt")
        .contains("110");
  }

  @Test
  void aControlCharacterNeverKeepsASheetFromBeingPrinted() throws Exception {
    Job job = newJob();
    mvc.perform(
            post("/jobs/{id}/stations/strip/note", job.getId())
                .param("revision", "0")
                .param("note", "pulled\u0000 with\u0008 heat\ufffe")
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isFound());
    assertThat(reload(job).work().mark(Station.STRIP).orElseThrow().getNote())
        .isEqualTo("pulled with heat");
    // One that an older version let in.
    Job old = jobs.note(job.getId(), Station.READ, 0, "T", StationMark.State.ELSEWHERE, "x\u0001y");
    mvc.perform(get("/jobs/{id}/sheet.pdf", old.getId()).with(as("tuva")))
        .andExpect(status().isOk());
  }

  @Test
  void wordsAreAddedUntilASearchIsFullAndThenSaidToBe() throws Exception {
    Listening search = listenings.start(VehicleKind.CAR, null, "growls", "Tester");
    int status = 302;
    for (int i = 0; i < 8 && status == 302; i++) {
      status =
          mvc.perform(
                  post("/listen/{id}/words", search.getId())
                      .param("words", "x".repeat(390))
                      .with(as("tuva"))
                      .with(csrf()))
              .andReturn()
              .getResponse()
              .getStatus();
    }
    assertThat(status).isEqualTo(422);
  }

  @Test
  void aFieldSentNineHundredTimesIsRefused() throws Exception {
    Job job = newJob();
    String[] many = new String[900];
    java.util.Arrays.fill(many, "grit");
    mvc.perform(
            post("/jobs/{id}/stations/strip/note", job.getId())
                .param("revision", "0")
                .param("note", many)
                .with(as("tuva"))
                .with(csrf()))
        .andExpect(status().isBadRequest());
  }
}
