package unbo.app.listening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.PageTest;
import unbo.app.job.Job;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.vehicle.Vehicle;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.vehicle.VehicleKind;

/** A search on a vehicle of the yard begins with what this very vehicle had before. */
class PastOfVehicleTest extends PageTest {

  private static final String INBOARD = "hub-in-axle-1-right";
  private static final String BROTHER = "hub-in-axle-1-left";

  @Autowired private Listenings listenings;

  /** A job at the right hub, closed, with its inboard cone renewed or left. */
  private Vehicle workedOn(PartMark.State cone) {
    Job job = newJob();
    String part = job.arrangement().partsOf("inboard").get(0).id();
    jobs.change(
        job.getId(),
        Station.STRIP,
        0,
        "Tester",
        StationMark.State.DONE,
        "for a test",
        (work, s) -> work.setPart(part, new PartMark(cone, ""), Station.STRIP));
    close(job);
    return job.getVehicle();
  }

  private void close(Job job) {
    jobs.close(job.getId(), 0, "Tester", j -> true);
  }

  private double share(Listening listening, String cause) {
    Listening loaded = listenings.get(listening.getId());
    return Diagnosis.of(loaded.model(), Map.of()).probability(cause);
  }

  private Listening search(Vehicle vehicle) {
    return listenings.start(VehicleKind.TRAILER, vehicle, "", "Tester");
  }

  @Test
  void renewedLatelyIsLessLikelyThanItsBrotherAndSaysWhy() throws Exception {
    Listening after = search(workedOn(PartMark.State.RENEWED));
    assertThat(share(after, INBOARD)).isLessThan(share(after, BROTHER));
    mvc.perform(get("/listen/{i}", after.getId()).param("at", "axle-1-right").with(as("tuva")))
        .andExpect(content().string(containsString("renewed here less than a month ago")))
        .andExpect(content().string(containsString("this vehicle’s record")));
  }

  @Test
  void workedOnAndNotRenewedIsLikelier() {
    Listening after = search(workedOn(PartMark.State.KEEP));
    assertThat(share(after, INBOARD)).isGreaterThan(share(after, BROTHER));
  }

  /** What was closed after a search began is its outcome, not its past. */
  @Test
  void whatCameLaterMovesNothing() throws Exception {
    Job job = newJob();
    Listening before = search(job.getVehicle());
    double share = share(before, INBOARD);
    close(job);
    assertThat(share(before, INBOARD)).isEqualTo(share);
    mvc.perform(get("/listen/{i}", before.getId()).with(as("tuva")))
        .andExpect(content().string(not(containsString("this vehicle’s record"))));
  }

  @Test
  void anotherVehicleIsNotTouched() {
    workedOn(PartMark.State.RENEWED);
    Listening other = search(newJob().getVehicle());
    assertThat(share(other, INBOARD)).isEqualTo(share(other, BROTHER));
  }
}
