package unbo.app.setting;

import java.util.List;
import java.util.Optional;
import unbo.app.drawing.NutDrawing;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
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
 * @param resultFigure its sentence, with its working
 * @param resultHint what is missing for a result
 * @param workings of the figures
 * @param settles what would settle the result when it cannot be told
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
    List<CardStep> card,
    Place chosen,
    SettingOutcome result,
    Figure resultFigure,
    String resultHint,
    List<WorkingView> workings,
    List<String> settles) {

  private static final double NEAR_WINDOW_STEPS = 2.5;

  /** The first readings: figures, or why they cannot be used. */
  public record Found(Figure figures, Figure spread, Figure step, Problem refusal, String hint) {}

  /** A hole to take. */
  public record Place(
      int steps,
      String turns,
      Figure play,
      String word,
      boolean mayBeTaken,
      boolean best,
      boolean chosen,
      Verdict inWindow) {}

  /** What a preview replaces beside the answer: the section and the note under every field. */
  public String notePlaces() {
    StringBuilder places = new StringBuilder("#section,#set-sight");
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

  static SetSheet of(
      Workpiece piece, SetForm form, SetInput input, Integer chosenSteps, Figures figures) {
    Window window = input.window().map(w -> w.window()).orElse(NutSetting.DEFAULT_WINDOW_MM);
    Optional<Readings> first = input.measured(Stage.FIRST);
    Optional<NutSetting> setting = solve(input, first, window);
    SetFigures shown = new SetFigures(piece, input, window, figures);
    Found found = found(input, first, setting, shown);
    List<Place> places = setting.map(s -> places(s, chosenSteps, shown)).orElse(List.of());
    Place chosen = places.stream().filter(Place::chosen).findFirst().orElse(null);
    Optional<SettingOutcome> result =
        input.measured(Stage.PINNED).flatMap(r -> SettingOutcome.ofEndPlay(r, window));
    Figure resultFigure = result.map(r -> shown.result(r.text())).orElse(null);
    return new SetSheet(
        form,
        input.problems(),
        Instrument.measuring("travel"),
        piece.school(),
        List.of(School.values()),
        found,
        window,
        input.window().map(w -> w.source()).orElse("default for hand-set hubs"),
        places,
        setting.map(s -> NutAdvice.of(s, input.lock().orElseThrow())).orElse(null),
        setting.map(s -> drawing(s, input, chosen)).orElse(null),
        input
            .thread()
            .flatMap(t -> input.lock().map(l -> shown.card(ProcedureCard.of(t, l, setting))))
            .orElse(null),
        chosen,
        result.orElse(null),
        resultFigure,
        hint(input, result),
        shown.all(),
        result.filter(r -> r.inWindow() == Verdict.CANNOT_TELL).isPresent()
            ? shown.settles()
            : List.of());
  }

  private static NutDrawing drawing(NutSetting setting, SetInput input, Place chosen) {
    return NutDrawing.of(
        setting,
        input.lock().orElseThrow(),
        input.thread().orElseThrow().pitchMm(),
        chosen == null ? 0 : chosen.steps());
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
      SetInput input, Optional<Readings> first, Optional<NutSetting> setting, SetFigures shown) {
    if (first.isEmpty()) {
      return new Found(
          null,
          null,
          null,
          null,
          "Measure the end play three times, hub turned both ways before each reading.");
    }
    Readings readings = first.get();
    Figure play = shown.play();
    Figure spread = shown.spread();
    int missing = SettingOutcome.LEAST_READINGS - readings.count();
    if (missing > 0) {
      return new Found(
          play,
          spread,
          null,
          null,
          missing == 1 ? "Add one more reading." : "Add two more readings.");
    }
    Problem refusal = NutSetting.problemWith(readings.result()).orElse(null);
    Figure step = setting.map(s -> shown.step()).orElse(null);
    String hint =
        setting.isEmpty() && refusal == null ? "Enter thread, slots and pin holes too." : "";
    return new Found(play, spread, step, refusal, hint);
  }

  /** The holes about the window, and the one dialled, tightest last. */
  private static List<Place> places(NutSetting setting, Integer chosen, SetFigures shown) {
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
        .map(p -> place(p, best != null && best == p.steps(), chosen, shown))
        .toList();
  }

  private static Place place(NutPosition p, boolean best, Integer chosen, SetFigures shown) {
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
        shown.at(p, hole),
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
