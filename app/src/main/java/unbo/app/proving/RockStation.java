package unbo.app.proving;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.PaperLine;
import unbo.app.job.Press;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.arrangement.Arrangement;
import unbo.core.units.Problem;
import unbo.core.verification.AccusingTest;

/**
 * Rock: the measured tests before anything is taken apart. They are the accusing tests that Prove
 * asks for again; one that was repeated already keeps what it was compared with.
 */
@Component
class RockStation implements Worksheet {

  private final Figures figures;

  RockStation(Figures figures) {
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.ROCK;
  }

  @Override
  public boolean takesNote(Arrangement arrangement) {
    return true;
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    ProveRecord record = record(piece);
    FieldProblems problems = form.problems();
    Map<String, String> fields = fields(record);
    if (form.typed()) {
      fields = form.single();
      RockInput input = RockInput.of(record, fields);
      input.problems().copyTo(problems);
      record = input.on(record);
    }
    TestRows rows = new TestRows(piece, record, figures);
    List<ProveSheet.TestRow> tests = ProveSheet.measurable(piece).stream().map(rows::row).toList();
    model.addAttribute("rock", new RockSheet(tests, fields, problems, rows.workings()));
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    ProveRecord record = record(piece);
    TestRows rows = new TestRows(piece, record, figures);
    return ProveSheet.asked(piece, record).stream()
        .filter(record.tests()::containsKey)
        .map(test -> paper(rows.row(test), record.tests().get(test)))
        .toList();
  }

  private static PaperLine paper(ProveSheet.TestRow row, TestRecord read) {
    String text = row.before().text() + (read.inOrder() ? " (in order)" : "");
    String typed = read.before().typed();
    return new PaperLine(row.test().title(), text, typed.isEmpty() ? "" : "typed " + typed);
  }

  private static ProveRecord record(Workpiece piece) {
    return piece.work().sheet(ProveRecord.TYPE);
  }

  /** The fields as the record would fill them. */
  private Map<String, String> fields(ProveRecord record) {
    Map<String, String> fields = new HashMap<>();
    record
        .tests()
        .forEach(
            (test, r) -> {
              fields.put("before-" + test.id(), r.before().text(figures));
              fields.put("before-" + test.id() + "-second", r.before().secondText(figures));
              if (r.inOrder()) {
                fields.put("in-order-" + test.id(), "on");
              }
            });
    return fields;
  }

  @Override
  public Press press(Job job, Form form, Press.By by) {
    RockInput input = RockInput.of(record(job), form.single());
    FieldProblems problems = input.problems();
    if (problems.isEmpty() && input.tests().isEmpty()) {
      problems.add(
          "before-" + ProveSheet.measurable(job).get(0).id(),
          new Problem("", "Nothing is entered.", "Enter one of the tests, or add a note below."));
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    return Press.Taken.here(
        StationMark.State.DONE,
        "before the work: " + describe(input),
        (changed, s) -> changed.work().write(ProveRecord.TYPE, input.on(record(changed))));
  }

  private String describe(RockInput input) {
    return new TreeMap<>(input.tests())
        .entrySet().stream()
            .map(t -> describe(t.getKey(), t.getValue(), input.inOrder().contains(t.getKey())))
            .collect(Collectors.joining(", "));
  }

  private String describe(AccusingTest test, TestReading read, boolean inOrder) {
    String second = read.secondText(figures);
    return test.title().toLowerCase(java.util.Locale.ROOT)
        + " "
        + read.text(figures)
        + (second.isEmpty() ? "" : " / " + second)
        + (inOrder ? " (in order)" : "");
  }
}
