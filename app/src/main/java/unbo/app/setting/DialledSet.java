package unbo.app.setting;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.ui.Model;
import unbo.app.drawing.NoteText;
import unbo.app.drawing.SectionNote;
import unbo.app.drawing.Sign;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Marks;
import unbo.app.job.Press;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.arrangement.Adjustment;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.measure.Verdict;
import unbo.core.setting.NutPosition;
import unbo.core.setting.NutSetting;
import unbo.core.setting.School;
import unbo.core.setting.SpindleThread;
import unbo.core.setting.SplitPin;
import unbo.core.units.Problem;

/** Dials, solves the nut as one types, takes a hole, dials again: the school of end play. */
final class DialledSet {

  private final Figures figures;

  DialledSet(Figures figures) {
    this.figures = figures;
  }

  void fill(Model model, Workpiece piece, Form form) {
    SetForm shown = SetForm.of(piece, form, figures);
    SetInput input = SetInput.of(shown);
    form.problems().copyTo(input.problems());
    Integer hole = SettingResults.record(piece).nut().chosenSteps().orElse(null);
    model.addAttribute("set", SetSheet.of(piece, shown, input, hole, figures));
  }

  Marks marks(Workpiece piece, Form form) {
    SetInput input = SetInput.of(SetForm.of(piece, form, figures));
    Map<String, Double> sizes = new HashMap<>();
    input.thread().ifPresent(t -> sizes.putAll(sizes(t)));
    return new Marks(sizes, 0, notes(piece, input));
  }

  private List<SectionNote> notes(Workpiece piece, SetInput input) {
    String nut =
        piece.arrangement().adjustments().stream().map(Adjustment::part).findFirst().orElse("");
    return input.measured(Stage.FIRST).stream()
        .map(f -> Marks.note(nut, line(f.result(), input.measured(Stage.PINNED))).drawn(Sign.ALONG))
        .toList();
  }

  private static NoteText line(Measured first, Optional<Readings> pinned) {
    NoteText play = NoteText.of("end play ");
    return pinned
        .map(p -> play.fine(first.value()).words(" → ").measured(p.result()))
        .orElseGet(() -> play.measured(first))
        .unit();
  }

  /** The sizes that a thread gives: its own and the pin's. */
  static Map<String, Double> sizes(SpindleThread thread) {
    Map<String, Double> sizes = new HashMap<>();
    sizes.put("nut.thread", thread.diameterMm());
    SplitPin.forThread(thread.diameterMm())
        .ifPresent(pin -> sizes.put("pin.diameter", pin.pinHoleMm()));
    return sizes;
  }

  /** Saves; {@code do} says what else: one more field, or which hole to take. */
  Press press(Job job, Form form) {
    SetForm typed = SetForm.typed(form);
    String what = form.get("do");
    if (what.startsWith("more-")) {
      return new Press.Shown(grown(form, what.equals("more-again") ? "again" : "first"));
    }
    Optional<LeftSchool> left =
        LeftSchool.of(
            job, School.END_PLAY, Stream.concat(typed.first().stream(), typed.again().stream()));
    if (left.isPresent()) {
      return new Press.Overtaken(Map.of("leftSchool", left.get()));
    }
    SetInput input = SetInput.of(typed);
    FieldProblems problems = input.problems();
    Optional<Integer> hole = hole(what);
    hole.flatMap(steps -> problemWith(steps, input)).ifPresent(p -> problems.add("first0", p));
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    DialledChange change = new DialledChange(job, input, hole);
    return Press.Taken.here(change.state(), change.describe(), change::apply);
  }

  /** The same form with one more field for a reading. */
  private static Form grown(Form form, String field) {
    var more = new org.springframework.util.LinkedMultiValueMap<>(form.fields());
    SetForm padded = SetForm.typed(form);
    SetForm grown = padded.withOneMore(field.equals("again") ? Stage.PINNED : Stage.FIRST);
    more.put(field, field.equals("again") ? grown.again() : grown.first());
    return Form.typed(more);
  }

  private static Optional<Integer> hole(String what) {
    return what.matches("take:-?\\d{1,4}")
        ? Optional.of(Integer.parseInt(what.substring(5)))
        : Optional.empty();
  }

  /** A hole is taken only where play is left for certain, whatever a form says. */
  private static Optional<Problem> problemWith(int steps, SetInput input) {
    Optional<NutPosition> place =
        SetSheet.solve(
                input,
                input.measured(Stage.FIRST),
                input
                    .window()
                    .map(NutRecord.MakersWindow::window)
                    .orElse(NutSetting.DEFAULT_WINDOW_MM))
            .flatMap(s -> s.reachable().stream().filter(p -> p.steps() == steps).findFirst());
    boolean may = place.filter(p -> p.surelyFree() && p.inWindow() != Verdict.NO).isPresent();
    return may
        ? Optional.empty()
        : Optional.of(
            new Problem(
                String.valueOf(steps),
                "That hole cannot be used: it is out of limits or may give preload.",
                "Use a hole that is within limits."));
  }

  String recorded(Job job) {
    SetForm stored = SetForm.recorded(job, figures);
    return "readings "
        + stored.first()
        + ", at the pinned hole "
        + stored.again()
        + ", thread "
        + stored.get(SetForm.THREAD)
        + ", slots "
        + stored.get(SetForm.SLOTS)
        + ", pin holes "
        + stored.get(SetForm.LINES);
  }
}
