package unbo.app.speed;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.app.drawing.RunPlot;
import unbo.app.working.Figure;
import unbo.app.working.WorkingView;
import unbo.app.working.Workings;
import unbo.core.speed.RunFit;
import unbo.core.units.Digits;

/**
 * A series of test runs as its page shows it.
 *
 * @param rows the newest first
 * @param plot of the newest; null without runs
 * @param effects what each change does
 * @param refused why that is not told; empty when it is
 * @param says what is to be known besides
 * @param spread what the fit leaves, a sentence; empty without one
 */
public record RunSheet(
    String series,
    List<Row> rows,
    RunPlot plot,
    List<Effect> effects,
    String refused,
    List<String> says,
    String spread,
    List<WorkingView> workings) {

  private static final int MOST_DRAWN = 12;

  /** A run; {@code rise} over the air. */
  public record Row(int number, BearingRun kept, String what, String rise, boolean steady) {}

  /** A change and what it does. */
  public record Effect(String title, Figure effect, String says) {}

  static RunSheet of(String series, List<BearingRun> newestFirst) {
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < newestFirst.size(); i++) {
      rows.add(row(newestFirst.size() - i, newestFirst.get(i)));
    }
    RunFit fit = RunFit.of(newestFirst.stream().map(BearingRun::run).toList());
    Workings workings = new Workings("run");
    return new RunSheet(
        series,
        rows,
        rows.isEmpty() ? null : plot(rows),
        fit.coefficients().stream().map(c -> effect(c, workings)).toList(),
        rows.isEmpty() ? "" : fit.refused(),
        rows.isEmpty() ? List.of() : fit.says(),
        fit.coefficients().isEmpty()
            ? ""
            : String.format(
                Locale.ROOT,
                "From %d steady runs; a run lies %.1f °C off the fit as a rule.",
                fit.runs(),
                fit.residualC()),
        workings.all());
  }

  private static Row row(int number, BearingRun kept) {
    var run = kept.run();
    String what =
        String.format(
            Locale.ROOT,
            "%,.0f rpm, %s, level %s mm, air %s °C",
            run.rpm(),
            run.oil(),
            Digits.exact(run.levelMm()),
            Digits.exact(run.airC()));
    String rise = String.format(Locale.ROOT, "%.1f °C", run.rise());
    return new Row(number, kept, what.replace(" -", " −"), rise.replace('-', '−'), run.isSteady());
  }

  private static RunPlot plot(List<Row> rows) {
    return RunPlot.of(
        rows.stream().limit(MOST_DRAWN).map(r -> new RunPlot.Run(r.number, r.kept.run())).toList());
  }

  private static Effect effect(RunFit.Coefficient c, Workings workings) {
    var value = c.effect().result();
    String text =
        (value.value() > 0 ? "+" : "")
            + Digits.both(value.value(), value.uncertainty()).replace('-', '−')
            + " °C";
    String says =
        !c.isTold() ? "cannot tell" : value.value() > 0 ? "makes it warmer" : "keeps it cooler";
    return new Effect(c.title(), workings.figure("", c.effect(), text), says);
  }
}
