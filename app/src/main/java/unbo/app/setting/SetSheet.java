package unbo.app.setting;

import java.util.List;
import java.util.Optional;
import unbo.app.drawing.NutDrawing;
import unbo.app.job.EndPlayKey;
import unbo.app.job.Job;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.setting.NutAdvice;
import unbo.core.setting.NutPosition;
import unbo.core.setting.NutSetting;
import unbo.core.setting.ProcedureCard;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;
import unbo.core.units.Problem;

/**
 * What the Set sheet shows for the school that dials.
 *
 * @param form as typed
 * @param problems at the fields
 * @param gauges to choose from
 * @param school the vehicle's
 * @param schools to choose from
 * @param found what the first readings came to
 * @param window the window that holds
 * @param places the holes with what each gives
 * @param advice what to do
 * @param nut the drawing, null before the nut is known
 * @param card the procedure
 * @param chosen the hole taken, null before one is
 * @param result the outcome at the pinned hole, null before it is dialled
 * @param resultHint what is missing for a result
 */
public record SetSheet(
    SetForm form,
    FieldProblems problems,
    List<Instrument> gauges,
    School school,
    List<School> schools,
    Found found,
    Window window,
    String windowSource,
    List<Place> places,
    NutAdvice advice,
    NutDrawing nut,
    ProcedureCard card,
    Place chosen,
    SettingOutcome result,
    String resultHint) {

  private static final double NEAR_WINDOW_STEPS = 2.5;

  /** The first readings: figures, or why they cannot be used. */
  public record Found(String figures, String spread, String step, Problem refusal, String hint) {}

  /** A hole to take. */
  public record Place(
      int steps,
      String turns,
      String play,
      String word,
      boolean mayBeTaken,
      boolean best,
      boolean chosen,
      Verdict inWindow) {}

  /** What a preview replaces beside the answer: the section and the note under every field. */
  public String notePlaces() {
    StringBuilder places = new StringBuilder("#section");
    for (String field : SetForm.NOTED) {
      places.append(",#note-").append(field);
    }
    for (int i = 0; i < form.first().size(); i++) {
      places.append(",#note-first").append(i);
    }
    for (int i = 0; chosen != null && i < form.again().size(); i++) {
      places.append(",#note-again").append(i);
    }
    return places.toString();
  }

  static SetSheet of(Job job, SetForm form, SetInput input, Integer chosenSteps, Figures figures) {
    Window window = input.window().map(w -> w.window()).orElse(NutSetting.DEFAULT_WINDOW_MM);
    Optional<Readings> first = input.measured(EndPlayKey.Stage.FIRST);
    Optional<NutSetting> setting = solve(input, first, window);
    Place chosen =
        setting
            .flatMap(
                s ->
                    s.reachable().stream()
                        .filter(p -> chosenSteps != null && p.steps() == chosenSteps)
                        .findFirst())
            .map(p -> place(p, true, chosenSteps))
            .orElse(null);
    Optional<SettingOutcome> result =
        input.measured(EndPlayKey.Stage.PINNED).flatMap(r -> SettingOutcome.ofEndPlay(r, window));
    return new SetSheet(
        form,
        input.problems(),
        Instrument.measuring("travel"),
        job.getVehicle().getSchool(),
        List.of(School.values()),
        found(input, first, setting, figures),
        window,
        input.window().map(w -> w.source()).orElse("default for hand-set hubs"),
        setting.map(s -> places(s, chosenSteps)).orElse(List.of()),
        setting.map(s -> NutAdvice.of(s, input.lock().orElseThrow())).orElse(null),
        setting
            .map(
                s ->
                    NutDrawing.of(
                        s,
                        input.lock().orElseThrow(),
                        input.thread().orElseThrow().pitchMm(),
                        chosen == null ? 0 : chosen.steps()))
            .orElse(null),
        input
            .thread()
            .flatMap(t -> input.lock().map(l -> ProcedureCard.of(t, l, setting)))
            .orElse(null),
        chosen,
        result.orElse(null),
        hint(input, result));
  }

  /** The nut solved, when thread, lock and a usable play are there. */
  static Optional<NutSetting> solve(SetInput input, Optional<Readings> first, Window window) {
    if (first.isEmpty()
        || first.get().count() < SettingOutcome.LEAST_READINGS
        || input.thread().isEmpty()
        || input.lock().isEmpty()) {
      return Optional.empty();
    }
    Measured play = first.get().result();
    return NutSetting.problemWith(play).isPresent()
        ? Optional.empty()
        : Optional.of(
            NutSetting.solve(input.thread().get().pitchMm(), input.lock().get(), play, window));
  }

  private static Found found(
      SetInput input, Optional<Readings> first, Optional<NutSetting> setting, Figures figures) {
    if (first.isEmpty()) {
      return new Found(
          "",
          "",
          "",
          null,
          "Measure the end play three times, hub turned both ways before each reading.");
    }
    Readings readings = first.get();
    int missing = SettingOutcome.LEAST_READINGS - readings.count();
    if (missing > 0) {
      return new Found(
          figures.fine(readings.mean()),
          figures.fine(readings.spread()),
          "",
          null,
          missing == 1 ? "Add one more reading." : "Add two more readings.");
    }
    Problem refusal = NutSetting.problemWith(readings.result()).orElse(null);
    String step = setting.map(s -> figures.fine(s.stepMm())).orElse("");
    String hint =
        setting.isEmpty() && refusal == null ? "Enter thread, slots and pin holes too." : "";
    return new Found(
        figures.measured(readings.result()), figures.fine(readings.spread()), step, refusal, hint);
  }

  /** The holes about the window, and the one dialled, tightest last. */
  private static List<Place> places(NutSetting setting, Integer chosen) {
    double reach =
        Math.max(
            setting.stepMm() * NEAR_WINDOW_STEPS,
            setting.windowMm().to() - setting.windowMm().from());
    double middle = setting.windowMm().middle();
    Integer best = setting.recommended().map(NutPosition::steps).orElse(null);
    return setting.reachable().stream()
        .filter(
            p ->
                p.steps() == 0
                    || (chosen != null && p.steps() == chosen)
                    || Math.abs(p.endPlayMm().value() - middle) <= reach)
        .map(p -> place(p, best != null && best == p.steps(), chosen))
        .toList();
  }

  private static Place place(NutPosition p, boolean best, Integer chosen) {
    String word =
        p.squeezes()
            ? "squeezed"
            : switch (p.inWindow()) {
              case YES -> "inside";
              case CANNOT_TELL -> "cannot tell";
              case NO -> "outside";
            };
    String hole =
        p.steps() == 0
            ? "this hole"
            : NutAdvice.turns(p.steps()).toLowerCase(java.util.Locale.ROOT);
    String line = p.line() == 0 ? "" : ", pin hole " + (char) ('A' + p.line());
    boolean may = p.surelyFree() && p.inWindow() != Verdict.NO;
    return new Place(
        p.steps(),
        hole + line,
        new Figures().fine(p.endPlayMm().value()),
        word,
        may,
        best,
        chosen != null && chosen == p.steps(),
        p.inWindow());
  }

  private static String hint(SetInput input, Optional<SettingOutcome> result) {
    int missing = SettingOutcome.LEAST_READINGS - input.again().size();
    return result.isPresent() || missing <= 0
        ? ""
        : missing == 1
            ? "Add one more reading at the pinned hole."
            : missing + " readings at the pinned hole are needed.";
  }
}
