package unbo.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import unbo.app.job.JobLists;
import unbo.app.job.Jobs;
import unbo.app.listening.GivenAnswerRepository;
import unbo.app.listening.Listening;
import unbo.app.listening.ListeningRepository;
import unbo.app.listening.Listenings;
import unbo.app.vehicle.Vehicle;
import unbo.app.web.Figures;

/** Searches for a cause in the demo yard: one that became a job, one that runs, one recheck. */
@Component
@Profile("demo")
class DemoListening {

  private static final String FRONT_RIGHT = "axle-1-right";

  private final ListeningRepository listenings;
  private final GivenAnswerRepository answers;
  private final Jobs jobs;
  private final JobLists jobLists;
  private final Figures figures;
  private final Clock clock;

  DemoListening(
      ListeningRepository listenings,
      GivenAnswerRepository answers,
      Jobs jobs,
      JobLists jobLists,
      Figures figures,
      Clock clock) {
    this.listenings = listenings;
    this.answers = answers;
    this.jobs = jobs;
    this.jobLists = jobLists;
    this.figures = figures;
    this.clock = clock;
  }

  /** The van's growl, found at the front right; its job waits at Name. */
  void found(Jobs then, Duration ago, DemoFleet fleet) {
    Vehicle van = fleet.named("Post van “Plover”");
    Listenings doors = doors(then, ago);
    Listening search =
        doors.start(
            van.getKind(),
            van,
            "growls from 50 on, with speed, louder in left bends",
            DemoYard.OWNER);
    long id = search.getId();
    doors.answer(id, "spin", FRONT_RIGHT, "", DemoYard.OWNER);
    doors.answer(
        id, "heat", FRONT_RIGHT, "at-axle-1-left=38;at-axle-1-right=61", DemoYard.MECHANIC);
    doors.answer(id, "rock-12", "none", "", DemoYard.MECHANIC);
    doors.open(id, van, FRONT_RIGHT, DemoYard.MECHANIC, false);
  }

  /** The wedding car's drone, half answered. */
  void running(DemoFleet fleet) {
    Vehicle car = fleet.named("Wedding car “Marigold”");
    Duration ago = Duration.ofHours(2);
    Listenings doors = doors(jobs, ago);
    long id =
        doors
            .start(car.getKind(), car, "drones from 70 on, with speed", DemoYard.APPRENTICE)
            .getId();
    doors.answer(id, "coast", "stays", "", DemoYard.APPRENTICE);
    doors.answer(id, "bend", "no", "", DemoYard.APPRENTICE);
  }

  /** Nothing found at the box trailer: to be felt again. */
  void recheck(DemoFleet fleet) {
    Vehicle trailer = fleet.named("Box trailer “Oyster”");
    Duration ago = Duration.ofDays(3);
    Listenings doors = doors(jobs, ago);
    long id =
        doors
            .start(trailer.getKind(), trailer, "hums a little when loaded", DemoYard.MECHANIC)
            .getId();
    doors.answer(id, "t-rock", "none", "", DemoYard.MECHANIC);
    doors.answer(id, "cap-heat", "none", "at-axle-1-left=31;at-axle-1-right=32", DemoYard.MECHANIC);
    doors.recheck(
        id,
        LocalDate.now(clock).plusDays(11),
        500,
        "feel both caps after the ferry run, loaded",
        DemoYard.MECHANIC);
  }

  private Listenings doors(Jobs then, Duration ago) {
    return new Listenings(
        listenings, answers, then, jobLists, figures, Clock.offset(clock, ago.negated()));
  }
}
