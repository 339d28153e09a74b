package unbo.app.setting;

import java.util.List;
import unbo.app.job.Workpiece;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.measure.Readings;
import unbo.core.measure.Window;
import unbo.core.setting.NutPosition;
import unbo.core.setting.ProcedureCard;
import unbo.core.setting.SettingWorkings;
import unbo.core.working.Origin;

/** The figures of the dialling sheet with their workings. */
final class SetFigures {

  private final SetInput input;
  private final SetRecord record;
  private final Window window;
  private final Figures figures;
  private final Workings workings = new Workings("set");

  SetFigures(Workpiece piece, SetInput input, Window window, Figures figures) {
    this.input = input;
    this.record = SettingResults.record(piece);
    this.window = window;
    this.figures = figures;
  }

  /** End play as first dialled; the value alone while its uncertainty is not known. */
  Figure play() {
    Readings first = readings(Stage.FIRST);
    boolean enough = first.count() >= unbo.core.setting.SettingOutcome.LEAST_READINGS;
    return workings.figure(
        "as found",
        SettingWorkings.mean("End play", first, "mm", origin(Stage.FIRST)),
        enough ? figures.measured(first.result()) : figures.fine(first.mean()));
  }

  Figure spread() {
    Readings first = readings(Stage.FIRST);
    return workings.figure(
        "as found",
        SettingWorkings.spread(first, "mm", origin(Stage.FIRST)),
        figures.fine(first.spread()));
  }

  Figure step() {
    var step =
        SettingWorkings.step(input.thread().orElseThrow(), input.lock().orElseThrow(), nut());
    return workings.figure("", step, figures.fine(step.result().value()));
  }

  /** The play predicted at a hole. */
  Figure at(NutPosition place, String hole) {
    var working =
        SettingWorkings.atHole(
            readings(Stage.FIRST),
            origin(Stage.FIRST),
            input.thread().orElseThrow(),
            input.lock().orElseThrow(),
            nut(),
            place.steps());
    return workings.judged(hole, working, window, figures.fine(place.endPlayMm().value()));
  }

  /** The result at the pinned hole, its sentence as the figure's text. */
  Figure result(String sentence) {
    var working =
        SettingWorkings.mean("End play", readings(Stage.PINNED), "mm", origin(Stage.PINNED));
    Figure figure = workings.judged("at the pinned hole", working, window, sentence);
    resultKey = figure.key();
    return figure;
  }

  private String resultKey = "";

  List<CardStep> card(ProcedureCard card) {
    return CardStep.all(card, workings);
  }

  /** What would settle the result. */
  List<String> settles() {
    return workings.all().stream()
        .filter(w -> w.key().equals(resultKey))
        .flatMap(w -> w.settles().stream())
        .toList();
  }

  List<WorkingView> all() {
    return workings.all();
  }

  private Readings readings(Stage stage) {
    return input.measured(stage).orElseThrow();
  }

  /** Who dialled it, when what is typed is what the record holds. */
  private Origin origin(Stage stage) {
    List<DialReading> kept = record.readings(stage);
    List<String> typed =
        (stage == Stage.FIRST ? input.first() : input.again())
            .stream().map(SetInput.TypedReading::typed).toList();
    boolean saved = !kept.isEmpty() && kept.stream().map(DialReading::typed).toList().equals(typed);
    return saved
        ? Origin.measured(kept.get(0).person() + ", " + figures.moment(kept.get(0).at()))
        : Origin.measured("typed here, not saved yet");
  }

  private static Origin nut() {
    return Origin.entered("thread and lock of the nut");
  }
}
