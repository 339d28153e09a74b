package unbo.app.reading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
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
  private static final List<String> LOOKED =
      Stream.concat(PathSheet.FIELDS.stream(), ReuseSheet.fields().stream()).toList();

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
    Map<String, String> looked = record.looked();
    boolean typed = form.typed() && isMeant(form);
    if (typed) {
      FieldProblems found = new FieldProblems();
      answers = answers(form, found);
      looked = looked(form);
      paths(looked, found);
      ReuseSheet.of(piece, looked, found);
      found.copyTo(problems);
    }
    model.addAttribute("path", paths(looked, new FieldProblems()));
    model.addAttribute("reuse", ReuseSheet.of(piece, looked, new FieldProblems()));
    model.addAttribute("read", ReadSheet.of(answers, figures));
    model.addAttribute("readWords", typed ? form.get("words") : record.words());
    model.addAttribute("readProblems", problems);
    model.addAttribute("readBy", record.by());
  }

  private static boolean isMeant(Form form) {
    return form.has("words")
        || LOOKED.stream().anyMatch(form::has)
        || DamageTables.questions().stream().anyMatch(q -> form.has(q.id()));
  }

  /** Paths and the procedure as typed; nothing is kept of a field that is empty. */
  private static Map<String, String> looked(Form form) {
    Map<String, String> looked = new LinkedHashMap<>();
    LOOKED.stream()
        .filter(f -> !form.get(f).isBlank())
        .forEach(f -> looked.put(f, form.get(f).strip()));
    return looked;
  }

  private static PathSheet paths(Map<String, String> looked, FieldProblems problems) {
    return PathSheet.of(looked, problems);
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
    Map<String, String> looked = looked(form);
    PathSheet path = paths(looked, problems);
    ReuseSheet reuse = ReuseSheet.of(job, looked, problems);
    boolean said = path.turning() != null || path.standing() != null || reuse.verdict() != null;
    if (answers.isEmpty() && words.isEmpty() && !said && problems.isEmpty()) {
      problems.add(
          "words",
          new Problem("", "Nothing answered.", "Answer a question or write what you see."));
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    ReadRecord now = new ReadRecord(answers, words, by.name(), looked);
    return Press.Taken.here(
        StationMark.State.DONE,
        told(answers, words, path, reuse),
        (changed, s) -> changed.work().write(ReadRecord.TYPE, now));
  }

  private String told(Map<String, String> answers, String words, PathSheet path, ReuseSheet reuse) {
    List<String> told = new ArrayList<>();
    if (!answers.isEmpty()) {
      told.add(ReadSheet.of(answers, figures).verdict());
    }
    if (path.reading() != null) {
      told.add("Path: " + path.reading().reads() + ".");
    }
    if (reuse.verdict() != null) {
      told.add(reuse.verdict().says().title() + ".");
    }
    return told.isEmpty() ? words : String.join(" ", told);
  }

  @Override
  public List<String> advises(Workpiece piece, Station later) {
    ReadRecord record = piece.work().sheet(ReadRecord.TYPE);
    if (later == Station.READ) {
      return List.of();
    }
    List<DamageClass.Change> all =
        new ArrayList<>(PathSheet.of(record.looked(), new FieldProblems()).advice());
    if (!record.known().isEmpty()) {
      all.addAll(ReadSheet.of(record.known(), figures).advice());
    }
    return all.stream()
        .filter(c -> c.station().equals(later.id()))
        .map(DamageClass.Change::text)
        .distinct()
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
    looked(piece, record, lines);
    if (!record.words().isEmpty()) {
      lines.add(new PaperLine("seen", "", record.words()));
    }
    return lines;
  }

  private static void looked(Workpiece piece, ReadRecord record, List<PaperLine> lines) {
    PathSheet path = PathSheet.of(record.looked(), new FieldProblems());
    if (path.reading() != null) {
      lines.add(PaperLine.of("running path", path.reading().reads()));
    }
    ReuseSheet reuse = ReuseSheet.of(piece, record.looked(), new FieldProblems());
    if (reuse.verdict() != null) {
      lines.add(PaperLine.of("use again", reuse.verdict().says().title()));
      reuse.verdict().reasons().forEach(r -> lines.add(PaperLine.of("because", r)));
    }
  }
}
