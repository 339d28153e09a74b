package unbo.app;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.BeforeAll;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.context.ContextConfiguration;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.app.job.JobRepository;
import unbo.app.job.Jobs;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleRepository;
import unbo.core.arrangement.Arrangements;
import unbo.core.vehicle.OwnPosition;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.vehicle.VehicleTemplate;

/**
 * The whole application on a real MariaDB, with the demo yard, started once for all tests. Every
 * test works on a vehicle and job of its own.
 */
@SpringBootTest(
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    // A graceful end waits half a minute for the streams of pages that nobody looks at any more.
    properties = {
      "server.shutdown=immediate",
      "spring.jpa.properties.hibernate.session_factory.statement_inspector=unbo.app.CountedStatements"
    })
@ContextConfiguration(loader = OneStart.class)
@ActiveProfiles("demo")
public abstract class AppTest {

  private static final VehicleLayout TRAILER =
      new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 1, 1450, 0, 4000);

  @Autowired protected Jobs jobs;
  @Autowired protected JobLists jobLists;
  @Autowired protected JobRepository jobRepository;
  @Autowired protected VehicleRepository vehicles;

  @BeforeAll
  static void databaseIsGiven() {
    if (System.getenv("UNBO_DB_URL") == null) {
      throw new IllegalStateException("These tests need a database of their own: run ./unbo test");
    }
  }

  /** A job on a new trailer, nothing known of it yet. */
  protected Job newJob() {
    Vehicle vehicle =
        vehicles.save(
            new Vehicle(
                    "Test trailer",
                    VehicleKind.TRAILER,
                    "for a test",
                    "T " + Instant.now().getNano() % 1000)
                .withLayout(TRAILER));
    return jobs.openAt(vehicle, "axle-1-right", "rocks", "Tester");
  }

  /** A job on a new vehicle that has the arrangement somewhere, or gets it as its own. */
  protected Job newJobOn(String arrangement) {
    for (VehicleTemplate template : VehicleTemplate.all()) {
      for (var position : template.layout().positions()) {
        if (position.arrangement().equals(arrangement)) {
          Vehicle vehicle =
              new Vehicle("Test " + arrangement, template.layout().kind(), "for a test", "T 1")
                  .withLayout(template.layout());
          return jobs.openAt(vehicles.save(vehicle), position.code(), "for a test", "Tester");
        }
      }
    }
    return newJobOnOwn(arrangement);
  }

  private Job newJobOnOwn(String arrangement) {
    String kind = Arrangements.of(arrangement).kinds().get(0);
    VehicleLayout layout =
        VehicleTemplate.all().stream()
            .map(VehicleTemplate::layout)
            .filter(l -> l.kind().id().equals(kind))
            .findFirst()
            .orElseThrow()
            .with(List.of(new OwnPosition("own-1", "own seat", arrangement, 0.4, 0.2)));
    Vehicle vehicle =
        new Vehicle("Test " + arrangement, layout.kind(), "for a test", "T 1").withLayout(layout);
    return jobs.openAt(vehicles.save(vehicle), "own-1", "for a test", "Tester");
  }

  /** The demo's closed job: by its vehicle, since what was closed lately is others' too. */
  protected Job closedDemoJob() {
    return vehicles.findAll().stream()
        .filter(v -> v.getName().contains("Tern"))
        .flatMap(v -> jobLists.of(v).stream())
        .filter(Job::isClosed)
        .findFirst()
        .orElseThrow();
  }

  protected Job reload(Job job) {
    return jobs.get(job.getId());
  }
}
