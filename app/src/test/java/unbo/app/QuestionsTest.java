package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import jakarta.persistence.EntityManagerFactory;
import java.time.Instant;
import java.util.Map;
import org.hibernate.SessionFactory;
import org.hibernate.stat.Statistics;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import unbo.app.job.Job;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.round.Rounds;
import unbo.app.round.VehicleRound;
import unbo.app.shelf.Shelf;
import unbo.app.vehicle.Vehicle;

/**
 * How many questions a page asks the database. Counted, not timed: a list that asks for each of its
 * rows is quick on a young yard and slow on an old one.
 */
class QuestionsTest extends PageTest {

  @Autowired private EntityManagerFactory entityManagers;
  @Autowired private Rounds rounds;
  @Autowired private Shelf shelf;
  private Statistics statistics;

  @BeforeEach
  void count() {
    statistics = entityManagers.unwrap(SessionFactory.class).getStatistics();
    statistics.setStatisticsEnabled(true);
  }

  @AfterEach
  void stopCounting() {
    statistics.setStatisticsEnabled(false);
  }

  private long questions(String path) throws Exception {
    statistics.clear();
    mvc.perform(get(path).with(as("joren"))).andExpect(status().isOk());
    return statistics.getPrepareStatementCount();
  }

  @ParameterizedTest
  @ValueSource(strings = {"/yard", "/yard?view=list", "/search?q=Tester", "/listen", "/bench/a1"})
  void aListAsksAsMuchForManyAsForFew(String path) throws Exception {
    newJob();
    long few = questions(path);
    for (int i = 0; i < 6; i++) {
      newJob();
    }
    assertThat(questions(path)).isEqualTo(few);
    assertThat(few).isLessThan(17);
  }

  @Test
  void aVehicleAsksAsMuchWithSevenJobsAsWithOne() throws Exception {
    Job job = newJob();
    String path = "/vehicles/" + job.getVehicle().getId();
    long few = questions(path);
    for (int i = 0; i < 6; i++) {
      jobs.openAt(job.getVehicle(), "axle-1-left", "rocks", "Tester");
    }
    assertThat(questions(path)).isEqualTo(few).isLessThan(8);
  }

  @Test
  void aRoundAsksAsMuchAfterTenRoundsAsAfterOne() throws Exception {
    Vehicle vehicle = newJob().getVehicle();
    String first = "/rounds/" + walked(vehicle).getId();
    long few = questions(first);
    VehicleRound last = null;
    for (int i = 0; i < 9; i++) {
      last = walked(vehicle);
    }
    assertThat(questions("/rounds/" + last.getId())).isEqualTo(few).isLessThan(9);
  }

  private VehicleRound walked(Vehicle vehicle) {
    Instant at = Instant.parse("2026-11-23T10:15:30Z");
    VehicleRound round = rounds.start(vehicle, "", "Tester", at);
    rounds.note(round, "axle-1-left", Map.of("heat", "31"), "Tester", at);
    rounds.end(round.getId(), "Tester", at);
    return round;
  }

  @Test
  void whatSuitsAsksAsMuchForManyItemsAsForOne() throws Exception {
    shelf.put(Map.of("number", "6216", "quantity", "1", "place", "Q0"), "Tester");
    long few = questions("/shelf?q=6216");
    for (int i = 1; i < 8; i++) {
      shelf.put(Map.of("number", "6216", "quantity", "1", "place", "Q" + i), "Tester");
    }
    assertThat(questions("/shelf?q=6216")).isEqualTo(few).isLessThan(8);
  }

  /**
   * A job asks once for itself, for each of its ten collections, for its last change, and a sheet
   * for what it needs besides, such as the shop's gun.
   */
  @ParameterizedTest
  @ValueSource(strings = {"name", "pack", "set", "prove"})
  void aJobAsksForNothingTwice(String station) throws Exception {
    Job job = newJob();
    assertThat(questions("/jobs/" + job.getId() + "?at=" + station)).isLessThanOrEqualTo(14);
  }

  private long press(Job job) throws Exception {
    statistics.clear();
    mvc.perform(
            post("/jobs/{id}/pack", job.getId())
                .param("revision", "" + reload(job).work().revision(Station.PACK))
                .param("duty", "general")
                .param("school", "share")
                .with(as("joren"))
                .with(csrf()))
        .andExpect(status().is3xxRedirection());
    return statistics.getPrepareStatementCount();
  }

  /** A change asks and writes as much behind nine stations as behind none. */
  @Test
  void aChangeCostsAsMuchAfterManyStations() throws Exception {
    Job young = newJob();
    press(young);
    long few = press(young);
    Job old = newJob();
    for (Station station : Station.values()) {
      jobs.note(
          old.getId(),
          station,
          old.work().revision(station),
          "Tester",
          StationMark.State.ELSEWHERE,
          "done before");
    }
    press(old);
    assertThat(press(old)).isEqualTo(few);
  }
}
