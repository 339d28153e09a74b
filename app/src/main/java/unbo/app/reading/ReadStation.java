package unbo.app.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
import unbo.core.damage.DamageClass;
import unbo.core.damage.DamageQuestion;
import unbo.core.damage.DamageTables;
import unbo.core.units.Problem;

/** Read: what the old parts say. */
@Component
class ReadStation implements Worksheet {

  private static final int LONGEST = 1000;

  private final Figures figures;

  ReadStation(Figures figures) {
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.READ;
  }

  /** Somebody else may have looked. */
  @Override
  public boolean takesNote(Arrangement arrangement) {
    return true;
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    ReadRecord record = piece.work().sheet(ReadRecord.TYPE);
    FieldProblems problems = form.problems();
    Map<String, String> answers = record.known();
    boolean typed = form.typed() && isMeant(form);
    if (typed) {
      FieldProblems found = new FieldProblems();
      answers = answers(form, found);
      found.copyTo(problems);
    }
    model.addAttribute("read", ReadSheet.of(answers, figures));
    model.addAttribute("readWords", typed ? form.get("words") : record.words());
    model.addAttribute("readProblems", problems);
    model.addAttribute("readBy", record.by());
  }

  private static boolean isMeant(Form form) {
    return form.has("words") || DamageTables.questions().stream().anyMatch(q -> form.has(q.id()));
  }

  /** What was answered; an answer that no question has is a problem. */
  private static Map<String, String> answers(Form form, FieldProblems problems) {
    Map<String, String> answers = new LinkedHashMap<>();
    for (DamageQuestion q : DamageTables.questions()) {
      String said = form.get(q.id());
      if (q.answers().stream().anyMatch(a -> a.id().equals(said))) {
        answers.put(q.id(), said);
      } else if (!said.isEmpty()) {
        problems.add(
            "words", new Problem(said, "Not an answer to this.", "Choose one of the answers."));
      }
    }
    return answers;
  }

  @Override
  public Press press(Job job, Form form, Press.By by) {
    FieldProblems problems = new FieldProblems();
    Map<String, String> answers = answers(form, problems);
    String words = form.get("words").strip();
    if (words.length() > LONGEST) {
      problems.add("words", new Problem(words, "Too long.", "Write 1000 characters at most."));
    }
    if (answers.isEmpty() && words.isEmpty() && problems.isEmpty()) {
      problems.add(
          "words",
          new Problem("", "Nothing answered.", "Answer a question or write what you see."));
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    ReadRecord now = new ReadRecord(answers, words, by.name());
    String verdict = ReadSheet.of(answers, figures).verdict();
    return Press.Taken.here(
        StationMark.State.DONE,
        answers.isEmpty() ? words : verdict,
        (changed, s) -> changed.work().write(ReadRecord.TYPE, now));
  }

  @Override
  public List<String> advises(Workpiece piece, Station later) {
    ReadRecord record = piece.work().sheet(ReadRecord.TYPE);
    return later == Station.READ || record.known().isEmpty()
        ? List.of()
        : ReadSheet.of(record.known(), figures).advice().stream()
            .filter(c -> c.station().equals(later.id()))
            .map(DamageClass.Change::text)
            .toList();
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    ReadRecord record = piece.work().sheet(ReadRecord.TYPE);
    List<PaperLine> lines = new ArrayList<>();
    if (!record.known().isEmpty()) {
      ReadSheet sheet = ReadSheet.of(record.known(), figures);
      lines.add(PaperLine.of("died of", sheet.verdict()));
      sheet.order().forEach(o -> lines.add(PaperLine.of("order", o)));
      for (DamageClass.Change change : sheet.advice()) {
        lines.add(PaperLine.of("for " + change.station(), change.text()));
      }
    }
    if (!record.words().isEmpty()) {
      lines.add(new PaperLine("seen", "", record.words()));
    }
    return lines;
  }
}
