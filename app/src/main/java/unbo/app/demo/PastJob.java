package unbo.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.proving.ProveRecord;
import unbo.app.proving.StopMark;
import unbo.app.proving.TestRecord;
import unbo.app.setting.DialReading;
import unbo.app.setting.NutRecord;
import unbo.app.setting.SetRecord;
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
    first.accused(
        job,
        Map.of(
            AccusingTest.ROCK, new TestRecord(1.1, 290.0),
            AccusingTest.END_PLAY, new TestRecord(0.28, null)));
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
          NutRecord nut =
              NutRecord.of(
                  "dial",
                  SpindleThread.parse("M18x1.5").value(),
                  Optional.of(NutLock.castle(6, 2)),
                  Optional.empty());
          work.write(
              SetRecord.TYPE,
              work.sheet(SetRecord.TYPE)
                  .with(nut.at(2))
                  .with(readings(s, "0.33", "0.34", "0.33"), readings(s, "0.08", "0.09", "0.08")));
          work.setDimension("nut.thread", 18.0);
        });
    script.change(
        job,
        Station.PROVE,
        StationMark.State.DONE,
        "rock again, all stops met",
        (work, s) -> {
          ProveRecord record =
              work.sheet(ProveRecord.TYPE)
                  .with(
                      AccusingTest.ROCK,
                      new TestRecord(1.1, 290.0).repeated(0.4, 290.0, s.person(), s.at()))
                  .with(LocalDate.ofInstant(s.at(), clock.getZone()).plusWeeks(3), 500);
          for (HardStop stop :
              List.of(
                  HardStop.SPLIT_PIN,
                  HardStop.FACES,
                  HardStop.WHEEL_NUTS,
                  HardStop.BRAKE,
                  HardStop.PULLED)) {
            String detail = stop == HardStop.WHEEL_NUTS ? "90 Nm" : "";
            record = record.with(stop, StopMark.met(detail, s.person(), Role.MECHANIC, s.at()));
          }
          work.write(ProveRecord.TYPE, record);
          for (String part : List.of("seal", "pin", "inboard-cone", "inboard-cup")) {
            work.setPart(part, new PartMark(PartMark.State.RENEWED, ""), Station.STRIP);
          }
        });
    script.close(job);
  }

  private static List<DialReading> readings(Jobs.Signature by, String... typed) {
    return java.util.Arrays.stream(typed)
        .map(t -> new DialReading(t, Double.parseDouble(t), by.person(), by.at()))
        .toList();
  }

  private DemoScript script(Duration ago) {
    return new DemoScript(doors.apply(Clock.offset(clock, ago.negated())), "Joren Maak");
  }
}
