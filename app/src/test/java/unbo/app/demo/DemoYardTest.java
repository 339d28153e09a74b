package unbo.app.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import unbo.app.AppTest;
import unbo.app.OneStart;
import unbo.app.UnboApplication;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.proving.Proofs;
import unbo.app.proving.ProveRecord;
import unbo.app.setting.SettingResults;
import unbo.app.vehicle.VehicleRepository;

class DemoYardTest extends AppTest {

  @Autowired private Proofs proofs;

  private Job find(List<Job> among, String title) {
    Job found = among.stream().filter(j -> j.title().equals(title)).findFirst().orElseThrow();
    return reload(found);
  }

  @Test
  void theWalksJobCarriesWhatAccusedTheBearing() {
    Job job = find(jobLists.open(), "Launch trailer “Tern”, right hub");
    assertThat(job.work().sheet(ProveRecord.TYPE).tests()).hasSize(4);
    assertThat(job.work().bearingAt("inboard")).as("nobody has read it yet").isEmpty();
    assertThat(SettingResults.record(job).nut().thread())
        .as("nobody has measured it yet")
        .isEmpty();
    assertThat(proofs.of(job).isProved()).isFalse();
  }

  @Test
  void thePastJobIsWhole() {
    Job job = find(jobLists.lately(), "Launch trailer “Tern”, left hub");
    assertThat(proofs.of(job).isProved()).isTrue();
    for (Station station : Station.values()) {
      assertThat(job.work().mark(station)).as(station.title()).isPresent();
    }
    assertThat(jobs.history(job.getId()))
        .hasSizeGreaterThan(8)
        .allSatisfy(e -> assertThat(e.getAt()).isBefore(job.getClosedAt().plusSeconds(1)));
  }

  @Test
  void jobsStandAtDifferentStations() {
    assertThat(jobLists.open().stream().map(unbo.app.job.StationLine::next).distinct().count())
        .isGreaterThan(2);
  }

  private static long demoTrailers(VehicleRepository vehicles) {
    return vehicles.findAll().stream().filter(v -> v.getName().contains("Tern")).count();
  }

  /** A second application on the same database: it keeps what it finds and adds no demo twice. */
  @Test
  void everythingIsThereAfterARestart() {
    long trailers = demoTrailers(vehicles);
    Job job = newJob();
    jobs.note(
        job.getId(),
        Station.PACK,
        0,
        "Tester",
        StationMark.State.ELSEWHERE,
        "kept over a restart: 40 g · ½ · “α”");
    try (ConfigurableApplicationContext again =
        OneStart.of(
            new SpringApplicationBuilder(UnboApplication.class).profiles("demo"),
            "--server.port=0")) {
      Job found = again.getBean(Jobs.class).get(job.getId());
      assertThat(found.work().mark(Station.PACK).orElseThrow().getNote())
          .isEqualTo("kept over a restart: 40 g · ½ · “α”");
      assertThat(found.getOpenedAt()).isEqualTo(reload(job).getOpenedAt());
      assertThat(demoTrailers(again.getBean(VehicleRepository.class))).isEqualTo(trailers);
    }
  }
}
