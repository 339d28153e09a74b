package unbo.app.demo;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import unbo.app.job.Job;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark.State;
import unbo.app.packing.PackRecord;
import unbo.app.proving.FindingMark;
import unbo.app.proving.ProveRecord;
import unbo.app.proving.StopMark;
import unbo.app.proving.TestRecord;
import unbo.app.tin.GreaseTin;
import unbo.app.tin.Taken;
import unbo.core.grease.Duty;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.ReleaseChecks;
import unbo.core.verification.RoadFinding;
import unbo.core.verification.Role;

/**
 * Jobs on other arrangements, one at each station of the way: what came before is done, by whom and
 * when it would have been.
 */
final class StationJobs {

  private static final String OWNER = "Ilse Varnholt";
  private static final String MECHANIC = "Joren Maak";
  private static final String APPRENTICE = "Tuva Lind";

  private final BiFunction<Duration, String, DemoScript> doors;
  private final DemoFleet fleet;
  private final LocalDate today;

  StationJobs(BiFunction<Duration, String, DemoScript> doors, DemoFleet fleet, LocalDate today) {
    this.doors = doors;
    this.fleet = fleet;
    this.today = today;
  }

  private DemoScript ago(int hours, String person) {
    return doors.apply(Duration.ofHours(hours), person);
  }

  private static void elsewhere(DemoScript script, Job job, Station station, String note) {
    script.note(job, station, State.ELSEWHERE, note);
  }

  /** What was measured at Rock, with its line in the history. */
  private static void rock(DemoScript script, Job job, AccusingTest test, TestRecord read) {
    script.change(
        job,
        Station.ROCK,
        State.DONE,
        "before the work: " + test.title().toLowerCase(java.util.Locale.ROOT),
        (work, s) -> work.write(ProveRecord.TYPE, work.sheet(ProveRecord.TYPE).with(test, read)));
  }

  private static void part(DemoScript script, Job job, Station at, String part, PartMark mark) {
    script.change(
        job,
        at,
        State.WORKED_ON,
        part.replace('-', ' ') + ": " + mark.getState().title(),
        (work, s) -> work.setPart(part, mark, at));
  }

  /** Opens them; the linkage's grease is out of a tin. */
  void open(GreaseTin tin) {
    bottomBracketAtRock();
    carrierAtStrip();
    headAtRead();
    tricycleAtFit();
    freehubAtPack();
    linkageAtSet(tin);
    alternatorAtProve();
    strutAtBook();
  }

  /** Opened by DemoYard; Listen is over. */
  private void bottomBracketAtRock() {
    Job job =
        ago(3, APPRENTICE)
            .openAt(
                fleet.named("Bicycle “Wren”"),
                "bottom-bracket",
                "creaks once per turn, left foot down");
    elsewhere(
        ago(2, APPRENTICE),
        job,
        Station.LISTEN,
        "Creak once in each crank turn, sitting and standing, with either pedal loaded.");
  }

  /** The carrier bearing is ordered. */
  private void carrierAtStrip() {
    Job job =
        ago(28, MECHANIC)
            .openAt(
                fleet.named("Sidecar outfit “Skua”"),
                "sprocket-carrier",
                "chain side rattles, carrier wags when the chain is pulled");
    elsewhere(ago(27, MECHANIC), job, Station.LISTEN, "Rattle on the overrun, gone under load.");
    rock(ago(27, MECHANIC), job, AccusingTest.SIDE_PLAY, new TestRecord(2.4, 95.0));
    ago(26, MECHANIC).read(job, "carrier", "6205-2RS");
    part(
        ago(25, MECHANIC),
        job,
        Station.STRIP,
        "bearing",
        new PartMark(PartMark.State.RENEW, "ordered, comes with Thursday’s boat"));
  }

  private void headAtRead() {
    Job job =
        ago(30, MECHANIC)
            .openAt(fleet.named("Motorcycle “Swift”"), "steering-head", "notch at straight ahead");
    elsewhere(ago(30, MECHANIC), job, Station.LISTEN, "No noise; the front knocks when braked.");
    rock(ago(29, MECHANIC), job, AccusingTest.NOTCH, new TestRecord(9, 5.0));
    ago(28, MECHANIC).read(job, "lower", "32006 X");
    ago(28, MECHANIC).read(job, "upper", "32005 X");
    elsewhere(
        ago(6, APPRENTICE),
        job,
        Station.STRIP,
        "Upper cup drifted out from inside; lower cone still on the stem.");
    ago(5, APPRENTICE)
        .change(
            job,
            Station.READ,
            State.WORKED_ON,
            "hairline crack at the foot of the stem, seen after brushing",
            (work, s) -> {
              FindingMark seen = new FindingMark(APPRENTICE, s.at());
              ProveRecord record = work.sheet(ProveRecord.TYPE);
              work.write(ProveRecord.TYPE, record.with(Map.of(RoadFinding.CRACK, seen)));
            });
  }

  private void tricycleAtFit() {
    Job job =
        ago(32, MECHANIC)
            .openAt(
                fleet.named("Cargo tricycle “Auk”"), "front-left", "wheel rubs the guard in bends");
    ago(32, MECHANIC).note(job, Station.LISTEN, State.SKIPPED, "");
    rock(ago(31, MECHANIC), job, AccusingTest.ROCK, new TestRecord(1.6, 240.0));
    ago(31, MECHANIC).read(job, "left", "6204 2RS");
    ago(31, MECHANIC).read(job, "right", "6204 2RS");
    elsewhere(ago(24, APPRENTICE), job, Station.STRIP, "Both out with the collet; scrap.");
    elsewhere(
        ago(23, APPRENTICE), job, Station.READ, "Rust stains under the right seal, left one dry.");
  }

  private void freehubAtPack() {
    Job job =
        ago(52, MECHANIC)
            .openAt(
                fleet.named("Cargo tricycle “Auk”"),
                "freehub",
                "slips under load, rumbles when coasting");
    elsewhere(ago(52, MECHANIC), job, Station.LISTEN, "Rumble only while coasting.");
    rock(ago(51, MECHANIC), job, AccusingTest.SIDE_PLAY, new TestRecord(0.9, 110.0));
    ago(50, MECHANIC).read(job, "left", "61902-2RS");
    ago(50, MECHANIC).read(job, "right", "61902-2RS");
    elsewhere(ago(49, MECHANIC), job, Station.STRIP, "Pawls and springs in a tray, in order.");
    elsewhere(ago(48, MECHANIC), job, Station.READ, "Left bearing dry, cage worn through.");
    elsewhere(
        ago(26, APPRENTICE), job, Station.FIT, "New bearings in by hand press, spacer turns.");
  }

  private void linkageAtSet(GreaseTin tin) {
    Job job =
        ago(75, OWNER)
            .openAt(
                fleet.named("Sidecar outfit “Skua”"),
                "linkage",
                "knock from under the seat on kerbs");
    elsewhere(ago(75, OWNER), job, Station.LISTEN, "One knock when lifted by the seat.");
    rock(ago(74, OWNER), job, AccusingTest.LINKAGE_LIFT, new TestRecord(4, null));
    elsewhere(ago(73, OWNER), job, Station.NAME, "Two drawn cups, 22 × 28 × 16 mm, sleeve 16 mm.");
    elsewhere(
        ago(72, OWNER), job, Station.STRIP, "Cups out with a puller, sleeve rusted in place.");
    elsewhere(
        ago(71, OWNER), job, Station.READ, "Needle marks in the sleeve: sleeve and cups new.");
    elsewhere(
        ago(50, OWNER), job, Station.FIT, "Cups pressed on the marked face, 1 mm under flush.");
    ago(50, OWNER)
        .change(
            job,
            Station.PACK,
            State.DONE,
            "packed full: it swings and never turns, out of “" + tin.getName() + "”",
            (work, s) ->
                work.write(
                    PackRecord.TYPE,
                    new PackRecord(
                        Duty.PIVOT.id(),
                        true,
                        null,
                        null,
                        OWNER,
                        null,
                        new Taken(tin.getId(), tin.getName(), 14, 3, s.at()),
                        null,
                        null)));
  }

  private void alternatorAtProve() {
    Job job =
        ago(54, MECHANIC)
            .openAt(
                fleet.named("Wedding car “Marigold”"),
                "alternator",
                "squeals cold, louder with the lamps on");
    elsewhere(ago(54, MECHANIC), job, Station.LISTEN, "Gone with the belt off.");
    rock(ago(53, MECHANIC), job, AccusingTest.RADIAL_PLAY, new TestRecord(0.12, null));
    ago(53, MECHANIC).read(job, "front", "6303-2RS C3");
    ago(53, MECHANIC).read(job, "rear", "6202-2RS C3");
    elsewhere(
        ago(30, APPRENTICE), job, Station.STRIP, "Shields marked; rear ring slid out by hand.");
    elsewhere(ago(30, APPRENTICE), job, Station.READ, "Front bearing dry, brown varnish.");
    elsewhere(ago(29, APPRENTICE), job, Station.FIT, "Front pressed on its outer ring.");
    ago(29, APPRENTICE).note(job, Station.PACK, State.SKIPPED, "");
    elsewhere(ago(28, APPRENTICE), job, Station.SET, "Pulley nut to the maker’s figure.");
  }

  /** Proved, all but signed off. */
  private void strutAtBook() {
    Job job =
        ago(80, MECHANIC)
            .openAt(
                fleet.named("Post van “Plover”"),
                "strut-left",
                "steering does not come back, spring twangs");
    elsewhere(ago(80, MECHANIC), job, Station.LISTEN, "Twang at each half turn, standing.");
    rock(ago(79, MECHANIC), job, AccusingTest.DRAG, new TestRecord(38, 60.0));
    elsewhere(
        ago(78, MECHANIC), job, Station.NAME, "Thrust bearing 50 × 78 × 16 mm, plastic cage.");
    elsewhere(ago(77, MECHANIC), job, Station.STRIP, "Spring held in two compressors.");
    elsewhere(ago(77, MECHANIC), job, Station.READ, "Water behind the cover, balls pitted.");
    elsewhere(ago(55, MECHANIC), job, Station.FIT, "New bearing and mount.");
    ago(55, MECHANIC).note(job, Station.PACK, State.SKIPPED, "");
    ago(54, MECHANIC).note(job, Station.SET, State.SKIPPED, "");
    ago(53, MECHANIC)
        .change(
            job,
            Station.PROVE,
            State.DONE,
            "turning torque again, all checks met",
            (work, s) -> {
              ProveRecord record = work.sheet(ProveRecord.TYPE);
              TestRecord before = record.tests().get(AccusingTest.DRAG);
              record = record.with(AccusingTest.DRAG, before.repeated(6, 60.0, MECHANIC, s.at()));
              record = record.with(today.plusDays(5), 500);
              for (HardStop stop : asked(job)) {
                String detail = stop == HardStop.WHEEL_NUTS ? "110 Nm" : "";
                record =
                    stop.isTicked()
                        ? record.with(stop, StopMark.met(detail, MECHANIC, Role.MECHANIC, s.at()))
                        : record;
              }
              work.write(ProveRecord.TYPE, record);
            });
  }

  private static List<HardStop> asked(Job job) {
    return ReleaseChecks.asked(job.arrangement(), job.getVehicle().getKind(), job.place());
  }
}
