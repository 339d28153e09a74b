package unbo.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import unbo.app.account.Account;
import unbo.app.account.AccountRepository;
import unbo.app.account.DemoPassword;
import unbo.app.job.Job;
import unbo.app.job.JobEventRepository;
import unbo.app.job.JobRepository;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.TestRecord;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleKind;
import unbo.app.vehicle.VehicleRepository;
import unbo.core.arrangement.HubDimension;
import unbo.core.arrangement.HubPart;
import unbo.core.setting.School;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.Role;

/** Fills an empty database with the demo yard; a database with accounts is left alone. */
@Component
@Profile("demo")
class DemoYard implements ApplicationRunner {

  static final String OWNER = "Ilse Varnholt";
  static final String MECHANIC = "Joren Maak";
  static final String APPRENTICE = "Tuva Lind";

  private final AccountRepository accounts;
  private final VehicleRepository vehicles;
  private final JobRepository jobs;
  private final JobEventRepository events;
  private final PasswordEncoder passwords;
  private final TransactionTemplate transaction;
  private final Clock clock;

  DemoYard(
      AccountRepository accounts,
      VehicleRepository vehicles,
      JobRepository jobs,
      JobEventRepository events,
      PasswordEncoder passwords,
      TransactionTemplate transaction,
      Clock clock) {
    this.accounts = accounts;
    this.vehicles = vehicles;
    this.jobs = jobs;
    this.events = events;
    this.passwords = passwords;
    this.transaction = transaction;
    this.clock = clock;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    transaction.executeWithoutResult(
        status -> {
          if (accounts.count() == 0) {
            people();
            yard();
          }
        });
  }

  private void people() {
    String hash = passwords.encode(DemoPassword.VALUE);
    accounts.saveAll(
        List.of(
            new Account("ilse", OWNER, Role.OWNER, hash),
            new Account("joren", MECHANIC, Role.MECHANIC, hash),
            new Account("tuva", APPRENTICE, Role.APPRENTICE, hash)));
  }

  private void yard() {
    Vehicle tern =
        vehicle(
            "Launch trailer “Tern”",
            "boat trailer, dunked in salt water",
            "FW 217",
            1,
            1450,
            0,
            4200,
            School.END_PLAY);
    Vehicle ark =
        vehicle(
            "Livestock trailer “Ark”",
            "two axles, braked",
            "FW 088",
            2,
            1600,
            820,
            3900,
            School.SLIGHT_PRELOAD);
    Vehicle grebe =
        vehicle(
            "Launch trailer “Grebe”",
            "boat trailer, two axles",
            "FW 254",
            2,
            1500,
            760,
            5200,
            School.END_PLAY);
    vehicle(
        "Box trailer “Oyster”",
        "parcels to the ferry",
        "FW 119",
        1,
        1300,
        0,
        2900,
        School.END_PLAY);
    Vehicle marigold =
        vehicles.save(
            new Vehicle(
                    "Wedding car “Marigold”",
                    VehicleKind.CAR,
                    "old saloon, rear wheels driven",
                    "FW 3")
                .withPlan(2, 1380, 2450, 4100));
    marigold.keepTo(School.JUST_FREE);
    new PastJob(clock, jobs, events, tern, "axle-1-left").closedLastSeason();
    launchTrailer(tern);
    livestock(ark);
    script(Duration.ofHours(26), MECHANIC)
        .openAt(grebe, "axle-2-left", "growl on the road, quieter in right-hand bends");
    wedding(marigold);
  }

  private Vehicle vehicle(
      String name,
      String description,
      String plate,
      int axles,
      double track,
      double axleDistance,
      double length,
      School school) {
    Vehicle vehicle =
        new Vehicle(name, VehicleKind.TRAILER, description, plate)
            .withPlan(axles, track, axleDistance, length);
    vehicle.keepTo(school);
    return vehicles.save(vehicle);
  }

  /** The job of the README's walk: it carries what accused the bearing and waits at Name. */
  private void launchTrailer(Vehicle tern) {
    DemoScript script = script(Duration.ofHours(22), MECHANIC);
    Job job =
        script.openAt(
            tern,
            "axle-1-right",
            "hot cap after the last launch, wheel rocks, twelve dunkings since it was packed");
    job.getTests().put(AccusingTest.ROCK, new TestRecord(1.9, 290.0));
    job.getTests().put(AccusingTest.END_PLAY, new TestRecord(0.48, null));
    job.getTests().put(AccusingTest.DRAG, new TestRecord(14, 290.0));
    job.getTests().put(AccusingTest.HUB_HEAT, new TestRecord(63, 25.0));
    measured(job);
    script.note(
        job,
        Station.LISTEN,
        StationMark.State.ELSEWHERE,
        "Rumble at walking pace, gone when the wheel is off the ground and turned slowly.");
    script.note(
        job,
        Station.ROCK,
        StationMark.State.ELSEWHERE,
        "Rock, play, drag and both caps' heat measured before anything was undone.");
  }

  private static void measured(Job job) {
    Map.of(
            HubDimension.SEAL_SEAT, 38.0,
            HubDimension.INBOARD_SEAT, 30.0,
            HubDimension.OUTBOARD_SEAT, 20.0,
            HubDimension.SEAL_OUTSIDE, 64.0,
            HubDimension.SEAL_WIDTH, 8.0,
            HubDimension.SHOULDER_DISTANCE, 34.0,
            HubDimension.WASHER_OUTSIDE, 34.0,
            HubDimension.WASHER_THICKNESS, 3.5,
            HubDimension.NUT_HEIGHT, 17.0,
            HubDimension.NUT_ACROSS_FLATS, 27.0)
        .forEach(job::setDimension);
    Map.of(
            HubDimension.INBOARD_BORE, 62.0,
            HubDimension.OUTBOARD_BORE, 47.0,
            HubDimension.BARREL_OUTSIDE, 82.0,
            HubDimension.FLANGE_OUTSIDE, 142.0,
            HubDimension.FLANGE_THICKNESS, 10.0)
        .forEach(job::setDimension);
    for (HubPart part :
        List.of(HubPart.SPINDLE, HubPart.HUB, HubPart.WASHER, HubPart.NUT, HubPart.CAP)) {
      job.setPart(part, new PartMark(PartMark.State.KEEP, ""));
    }
    job.setPart(HubPart.SEAL, new PartMark(PartMark.State.RENEW, "lip hard, spring rusted"));
    job.setPart(HubPart.PIN, new PartMark(PartMark.State.RENEW, ""));
  }

  private void livestock(Vehicle ark) {
    DemoScript script = script(Duration.ofHours(50), OWNER);
    Job job = script.openAt(ark, "axle-1-left", "yearly repack, nothing noticed");
    script.note(job, Station.LISTEN, StationMark.State.SKIPPED, "");
    script.note(job, Station.ROCK, StationMark.State.ELSEWHERE, "No rock to be felt.");
    script.read(job, HubPart.INBOARD_CONE, "32008 X");
    script.read(job, HubPart.OUTBOARD_CONE, "30206");
    script.note(
        job,
        Station.STRIP,
        StationMark.State.ELSEWHERE,
        "Out with a press sleeve; cones go back with their own cups.");
    script.note(
        job, Station.READ, StationMark.State.ELSEWHERE, "Paths even, no colour. Fit to go on.");
    script.note(job, Station.FIT, StationMark.State.SKIPPED, "");
  }

  private void wedding(Vehicle marigold) {
    DemoScript script = script(Duration.ofHours(7), APPRENTICE);
    Job job = script.openAt(marigold, "axle-1-right", "steering shivers at 60 km/h");
    script.note(
        job,
        Station.LISTEN,
        StationMark.State.ELSEWHERE,
        "No noise from the hub; tyre looks worn at one edge.");
  }

  private DemoScript script(Duration ago, String person) {
    return new DemoScript(Clock.offset(clock, ago.negated()), jobs, events, person);
  }
}
