package unbo.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Profile;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import unbo.app.account.Account;
import unbo.app.account.AccountRepository;
import unbo.app.account.DemoPassword;
import unbo.app.job.Job;
import unbo.app.job.JobEventRepository;
import unbo.app.job.JobRepository;
import unbo.app.job.JobUndoRepository;
import unbo.app.job.Jobs;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Worksheet;
import unbo.app.photograph.NewPhotograph;
import unbo.app.photograph.Photographs;
import unbo.app.proving.TestRecord;
import unbo.app.reading.ReadRecord;
import unbo.app.speed.BearingRunRepository;
import unbo.app.stripping.StripRecord;
import unbo.app.tin.GreaseTin;
import unbo.app.tin.GreaseTinRepository;
import unbo.app.tin.TinWaste;
import unbo.app.tin.TinWasteRepository;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleRepository;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.Role;

/** The demo yard: its people, vehicles, jobs and shelf. Made only for an empty database. */
@Component
@Profile("demo")
class DemoYard {

  static final String OWNER = "Ilse Varnholt";
  static final String MECHANIC = "Joren Maak";
  static final String APPRENTICE = "Tuva Lind";

  private final AccountRepository accounts;
  private final VehicleRepository vehicles;
  private final JobRepository jobs;
  private final JobEventRepository events;
  private final JobUndoRepository undos;
  private final PasswordEncoder passwords;
  private final DemoListening searches;
  private final DemoShelf shelf;
  private final DemoRounds rounds;
  private final Photographs photographs;
  private final GreaseTinRepository tins;
  private final TinWasteRepository waste;
  private final BearingRunRepository runs;
  private final List<Worksheet> worksheets;
  private final Clock clock;

  DemoYard(
      AccountRepository accounts,
      VehicleRepository vehicles,
      JobRepository jobs,
      JobEventRepository events,
      JobUndoRepository undos,
      PasswordEncoder passwords,
      DemoListening searches,
      DemoShelf shelf,
      DemoRounds rounds,
      Photographs photographs,
      GreaseTinRepository tins,
      TinWasteRepository waste,
      BearingRunRepository runs,
      List<Worksheet> worksheets,
      Clock clock) {
    this.photographs = photographs;
    this.tins = tins;
    this.waste = waste;
    this.runs = runs;
    this.worksheets = worksheets;
    this.accounts = accounts;
    this.vehicles = vehicles;
    this.jobs = jobs;
    this.events = events;
    this.undos = undos;
    this.passwords = passwords;
    this.searches = searches;
    this.shelf = shelf;
    this.rounds = rounds;
    this.clock = clock;
  }

  void fill() {
    people();
    greases();
    yard();
    shelf.fill();
  }

  private void greases() {
    List<GreaseTin> all = tins.saveAll(DemoTins.all(OWNER, clock.instant()));
    waste.save(
        new TinWaste(all.get(1).getId(), 4, "top layer dried out", MECHANIC, clock.instant()));
    runs.saveAll(DemoRuns.all(OWNER, clock.instant()));
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
    DemoFleet fleet = new DemoFleet(vehicles);
    fleet.arrive();
    Vehicle tern = fleet.named("Launch trailer “Tern”");
    new PastJob(clock, this::doors, tern, "axle-1-left").closedLastSeason();
    launchTrailer(tern);
    livestock(fleet.named("Livestock trailer “Ark”"));
    script(Duration.ofHours(26), MECHANIC)
        .openAt(
            fleet.named("Launch trailer “Grebe”"),
            "axle-2-left",
            "growl on the road, quieter in right-hand bends");
    rounds.walk(fleet.named("Launch trailer “Grebe”"));
    wedding(fleet.named("Wedding car “Marigold”"));
    smallOnes(fleet);
  }

  /** Jobs on the other kinds of vehicle, just opened or part of the way. */
  private void smallOnes(DemoFleet fleet) {
    Duration ago = Duration.ofHours(30);
    searches.found(doors(Clock.offset(clock, ago.negated())), ago, fleet);
    searches.running(fleet);
    searches.recheck(fleet);
    new StationJobs(this::script, fleet, LocalDate.now(clock))
        .open(tins.findByUsedUpFalseOrderByName().get(0));
    photographed(fleet.named("Motorcycle “Swift”"));
  }

  /** The cup that came out of the steering head, and a new one beside it. */
  private void photographed(Vehicle swift) {
    long head = jobs.openAt(swift.getId(), "steering-head").get(0).getId();
    String read = Station.READ.id();
    photographs.add(
        new NewPhotograph(head, read, "lower cup.jpg", false, DemoPhotographs.notched()),
        APPRENTICE,
        () -> {});
    photographs.add(
        new NewPhotograph(head, read, "new cup.jpg", true, DemoPhotographs.good()),
        APPRENTICE,
        () -> {});
  }

  /** The job of the README's walk: it carries what accused the bearing and waits at Name. */
  private void launchTrailer(Vehicle tern) {
    DemoScript script = script(Duration.ofHours(22), MECHANIC);
    Job job =
        script.openAt(
            tern,
            "axle-1-right",
            "hot cap after the last launch, wheel rocks, twelve dunkings since it was packed");
    script.accused(
        job,
        Map.of(
            AccusingTest.ROCK, new TestRecord(1.9, 290.0),
            AccusingTest.END_PLAY, new TestRecord(0.48, null),
            AccusingTest.DRAG, new TestRecord(14, 290.0),
            AccusingTest.HUB_HEAT, new TestRecord(63, 25.0)));
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
            "spindle.seal-seat", 38.0,
            "spindle.inboard-seat", 30.0,
            "spindle.outboard-seat", 20.0,
            "seal.outside", 64.0,
            "seal.width", 8.0,
            "hub.shoulder-distance", 34.0,
            "washer.outside", 34.0,
            "washer.thickness", 3.5,
            "nut.height", 17.0,
            "nut.across-flats", 27.0)
        .forEach(job.work()::setDimension);
    Map.of(
            "hub.inboard-bore", 62.0,
            "hub.outboard-bore", 47.0,
            "hub.barrel-outside", 82.0,
            "hub.flange-outside", 142.0,
            "hub.flange-thickness", 10.0)
        .forEach(job.work()::setDimension);
    for (String part : List.of("spindle", "hub", "washer", "nut", "cap")) {
      job.work().setPart(part, new PartMark(PartMark.State.KEEP, ""), Station.STRIP);
    }
    job.work()
        .setPart(
            "seal", new PartMark(PartMark.State.RENEW, "lip hard, spring rusted"), Station.STRIP);
    job.work().setPart("pin", new PartMark(PartMark.State.RENEW, ""), Station.STRIP);
  }

  private void livestock(Vehicle ark) {
    DemoScript script = script(Duration.ofHours(50), OWNER);
    Job job = script.openAt(ark, "axle-1-left", "yearly repack, nothing noticed");
    script.note(job, Station.LISTEN, StationMark.State.SKIPPED, "");
    script.note(job, Station.ROCK, StationMark.State.ELSEWHERE, "No rock to be felt.");
    script.read(job, "inboard", "32008 X");
    script.read(job, "outboard", "30206");
    script.change(
        job,
        Station.STRIP,
        StationMark.State.WORKED_ON,
        "Hub off: cones go back with their own cups",
        (work, s) -> work.write(StripRecord.TYPE, arkTakenApart(s)));
    script.change(
        job,
        Station.READ,
        StationMark.State.DONE,
        "Grease at the end of its life; paths even, no colour",
        (work, s) ->
            work.write(
                ReadRecord.TYPE,
                new ReadRecord(
                    Map.of(
                        "mark", "path",
                        "nail", "no",
                        "colour", "bright",
                        "grease", "dry",
                        "seal", "sound",
                        "life", "long"),
                    "Paths even, no colour. Fit to go on.",
                    OWNER,
                    Map.of("path-turning", "full", "path-standing", "part"))));
    script.note(job, Station.FIT, StationMark.State.SKIPPED, "");
  }

  private static StripRecord arkTakenApart(Jobs.Signature by) {
    List<StripRecord.Taken> taken = new ArrayList<>();
    Map<String, String> kept = new LinkedHashMap<>();
    kept.put("cap", "dented on top, vent hole up");
    kept.put("pin", "");
    kept.put("nut", "right-hand thread");
    kept.put("washer", "tongue in the groove, flat side in");
    kept.put("outboard-cone", "marked O");
    kept.put("hub", "");
    kept.put("seal", "flush with the hub, 0 mm");
    kept.forEach((part, words) -> taken.add(new StripRecord.Taken(part, words, OWNER, by.at())));
    return new StripRecord(taken, Map.of(), Map.of(), Map.of());
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
    return new DemoScript(doors(Clock.offset(clock, ago.negated())), person);
  }

  /** The same doors as everybody's, at another time. */
  private Jobs doors(Clock then) {
    return new Jobs(jobs, events, undos, worksheets, then);
  }
}
