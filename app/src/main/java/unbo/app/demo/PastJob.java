package unbo.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import unbo.app.job.EndPlayKey;
import unbo.app.job.EndPlayReading;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.NutRecord;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.StopMark;
import unbo.app.job.TestRecord;
import unbo.app.vehicle.Vehicle;
import unbo.core.setting.NutLock;
import unbo.core.setting.SpindleThread;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.Role;

/** The other hub of the same trailer, done last season and closed. */
final class PastJob {

  private static final Duration AGO = Duration.ofDays(403);
  private static final Duration BETWEEN = Duration.ofHours(5);

  private final Clock clock;
  private final Function<Clock, Jobs> doors;
  private final Vehicle vehicle;
  private final String position;

  PastJob(Clock clock, Function<Clock, Jobs> doors, Vehicle vehicle, String position) {
    this.clock = clock;
    this.doors = doors;
    this.vehicle = vehicle;
    this.position = position;
  }

  void closedLastSeason() {
    DemoScript first = script(AGO);
    Job job = first.openAt(vehicle, position, "yearly round: grease milky, seal torn");
    job.work().getTests().put(AccusingTest.ROCK, new TestRecord(1.1, 290.0));
    job.work().getTests().put(AccusingTest.END_PLAY, new TestRecord(0.28, null));
    first.note(job, Station.LISTEN, StationMark.State.SKIPPED, "");
    first.note(job, Station.ROCK, StationMark.State.ELSEWHERE, "Rock and end play measured.");
    first.read(job, "inboard", "30206");
    first.read(job, "outboard", "30204");
    for (Station station : List.of(Station.STRIP, Station.READ, Station.FIT, Station.PACK)) {
      first.note(job, station, StationMark.State.ELSEWHERE, "Done at the bench, in the old book.");
    }
    finish(job, script(AGO.minus(BETWEEN)));
  }

  private void finish(Job job, DemoScript script) {
    script.change(
        job,
        Station.SET,
        StationMark.State.DONE,
        "dialled, two holes tighter, dialled again",
        (work, s) -> {
          work.setNut(
              new NutRecord(
                  "dial",
                  SpindleThread.parse("M18x1.5").value(),
                  Optional.of(NutLock.castle(6, 2)),
                  Optional.empty()));
          work.setEndPlays(EndPlayKey.Stage.FIRST, readings(s, "0.33", "0.34", "0.33"));
          work.chooseHole(2);
          work.setEndPlays(EndPlayKey.Stage.PINNED, readings(s, "0.08", "0.09", "0.08"));
        });
    script.change(
        job,
        Station.PROVE,
        StationMark.State.DONE,
        "rock again, all stops met",
        (work, s) -> {
          work.getTests()
              .put(
                  AccusingTest.ROCK,
                  new TestRecord(1.1, 290.0).repeated(0.4, 290.0, s.person(), s.at()));
          for (HardStop stop : HardStop.values()) {
            if (stop.isTicked()) {
              work.getStops()
                  .put(
                      stop,
                      StopMark.met(
                          stop == HardStop.WHEEL_NUTS ? "90 Nm" : "",
                          s.person(),
                          Role.MECHANIC,
                          s.at()));
            }
          }
          work.setRecheck(LocalDate.ofInstant(s.at(), clock.getZone()).plusWeeks(3), 500);
          for (String part : List.of("seal", "pin", "inboard-cone", "inboard-cup")) {
            work.setPart(part, new PartMark(PartMark.State.RENEWED, ""), Station.STRIP);
          }
        });
    script.close(job);
  }

  private static List<EndPlayReading> readings(Jobs.Signature by, String... typed) {
    return java.util.Arrays.stream(typed)
        .map(t -> new EndPlayReading(t, Double.parseDouble(t), by.person(), by.at()))
        .toList();
  }

  private DemoScript script(Duration ago) {
    return new DemoScript(doors.apply(Clock.offset(clock, ago.negated())), "Joren Maak");
  }
}
