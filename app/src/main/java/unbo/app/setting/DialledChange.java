package unbo.app.setting;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.PartMark;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.core.measure.Verdict;
import unbo.core.setting.NutAdvice;
import unbo.core.setting.SettingOutcome;

/**
 * What saving the dialling sheet does to the record.
 *
 * @param job as it stands
 * @param input what was typed
 * @param hole the hole to take, empty when none was pressed
 */
record DialledChange(Job job, SetInput input, Optional<Integer> hole) {

  void apply(Job target, Jobs.Signature by) {
    SetRecord old = SettingResults.record(target);
    boolean same = sameBasis();
    Integer before = old.nut().chosenSteps().orElse(null);
    Integer keep = hole.orElse(same ? before : null);
    boolean otherHole = !Objects.equals(keep, before);
    List<DialReading> first = same ? old.first() : signed(input.first(), by);
    // Readings at another hole, or on another basis, say nothing of this one.
    List<DialReading> pinned = keep == null || otherHole ? List.of() : signed(input.again(), by);
    target.work().write(SetRecord.TYPE, old.with(input.nut().at(keep)).with(first, pinned));
    input
        .thread()
        .ifPresent(
            t -> DialledSet.sizes(t).forEach((id, mm) -> target.work().setDimension(id, mm)));
    if (keep != null && otherHole) {
      target.work().setParts(List.of("pin"), PartMark.State.RENEW, Station.SET);
    }
  }

  StationMark.State state() {
    boolean done =
        hole.isEmpty()
            && sameBasis()
            && record().nut().chosenSteps().isPresent()
            && input
                .measured(Stage.PINNED)
                .flatMap(r -> SettingOutcome.ofEndPlay(r, record().nut().window()))
                .map(o -> o.inWindow() != Verdict.NO)
                .orElse(false);
    return done ? StationMark.State.DONE : StationMark.State.WORKED_ON;
  }

  private SetRecord record() {
    return SettingResults.record(job);
  }

  /** Whether first readings and nut are what the record holds already. */
  private boolean sameBasis() {
    NutRecord nut = record().nut();
    return typed(record().first()).equals(now(input.first())) && nut.at(null).equals(input.nut());
  }

  String describe() {
    String line =
        sameBasis()
            ? "at the pinned hole "
                + words(typed(record().pinned()))
                + " → "
                + words(now(input.again()))
            : "readings " + words(typed(record().first())) + " → " + words(now(input.first()));
    return hole.map(h -> "hole chosen: " + NutAdvice.turns(h).toLowerCase(Locale.ROOT) + "; ")
            .orElse("")
        + line;
  }

  private static List<String> typed(List<DialReading> readings) {
    return readings.stream().map(DialReading::typed).toList();
  }

  private static List<String> now(List<SetInput.TypedReading> readings) {
    return readings.stream().map(SetInput.TypedReading::typed).toList();
  }

  private static String words(List<String> values) {
    return values.isEmpty() ? "none" : String.join(", ", values);
  }

  private static List<DialReading> signed(List<SetInput.TypedReading> readings, Jobs.Signature by) {
    return readings.stream()
        .map(r -> new DialReading(r.typed(), r.valueMm(), by.person(), by.at()))
        .toList();
  }
}
