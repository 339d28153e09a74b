package unbo.app.proving;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.drawing.NoteText;
import unbo.app.drawing.Sign;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Marks;
import unbo.app.job.PaperLine;
import unbo.app.job.Press;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.WorkRecord;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.WorkingView;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.TurningGroups;
import unbo.core.verification.AccusingTest;

/**
 * Prove: repeats the accusing tests, ticks and waives the hard stops, notes what keeps it off the
 * road.
 */
@Component
class ProveStation implements Worksheet {

  /** On the section; the sheet shows them all. */
  private static final int MOST_NOTES = 2;

  private final Figures figures;
  private final Clock clock;

  ProveStation(Figures figures, Clock clock) {
    this.figures = figures;
    this.clock = clock;
  }

  @Override
  public Station station() {
    return Station.PROVE;
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    Map<String, String> fields = ProveFields.recorded(piece, figures);
    ProveRecord record = piece.work().sheet(ProveRecord.TYPE);
    FieldProblems problems = form.problems();
    if (form.typed() && form.action().isEmpty()) {
      fields = form.single();
      ProveInput input = input(piece, form, "");
      if (!piece.isKept()) {
        input.problems().copyTo(problems);
        record = new ProveRecord(input.tests(), null, null, null, null, null);
      }
    } else if (form.action().equals("waivers")) {
      fields.put("waive-" + form.what(), form.get("reason"));
    }
    model.addAttribute("prove", ProveSheet.of(piece, record, fields, problems, figures));
    model.addAttribute("today", LocalDate.now(clock));
  }

  private ProveInput input(Workpiece piece, Form form, String person) {
    return ProveInput.of(piece, form.single(), person, clock.instant(), LocalDate.now(clock));
  }

  @Override
  public Press press(Job job, Form form, Press.By by) {
    if (form.action().equals("waivers")) {
      return new WaiverPress(form, by).press(job);
    }
    ProveInput input = input(job, form, by.name());
    if (!input.problems().isEmpty()) {
      return new Press.Refused(input.problems());
    }
    Map<String, String> fields = form.single();
    return Press.Taken.here(
        StationMark.State.WORKED_ON,
        ProveFields.describe(fields, input),
        new ProveChange(fields, input, by.person())::apply);
  }

  /** Done by itself when nothing is left in the way. */
  @Override
  public Follows follows() {
    return new Follows(
        StationMark.State.DONE, "proved", j -> ProveSheet.proof(j, figures).isProved());
  }

  @Override
  public Object waivers(WorkRecord work) {
    return work.sheet(ProveRecord.TYPE).waivers();
  }

  @Override
  public Marks marks(Workpiece piece, Form form) {
    ProveRecord record = piece.work().sheet(ProveRecord.TYPE);
    return Marks.of(
        ProveSheet.asked(piece, record).stream()
            .filter(record.tests()::containsKey)
            .filter(test -> test != AccusingTest.END_PLAY)
            .limit(MOST_NOTES)
            .map(
                test ->
                    Marks.note(partOf(piece, test), line(test, record.tests().get(test)))
                        .drawn(sign(test)))
            .toList());
  }

  /** What a test looks at: a seal's grip at the last seal, all else at what turns. */
  private static String partOf(Workpiece piece, AccusingTest test) {
    Arrangement arrangement = piece.arrangement();
    if (test == AccusingTest.SEAL_GRIP) {
      return arrangement.seals().stream()
          .reduce((first, last) -> last)
          .map(PartTemplate::id)
          .orElse("");
    }
    return TurningGroups.turningPart(arrangement).id();
  }

  private static Sign sign(AccusingTest test) {
    return switch (test) {
      case ROCK, SIDE_PLAY -> Sign.TILT;
      case END_PLAY -> Sign.ALONG;
      case RADIAL_PLAY, LINKAGE_LIFT -> Sign.ACROSS;
      case DRAG, RUN_OUT, SWING_FORCE, NOTCH, DROP, CLICKS, FEEL -> Sign.TURN;
      case HUB_HEAT -> Sign.WARM;
      case SEAL_GRIP -> Sign.ALONG;
    };
  }

  /** Before and now on one footing: as read at the same radius, else as it is compared. */
  private NoteText line(AccusingTest test, TestRecord r) {
    if (test == AccusingTest.HUB_HEAT) {
      return NoteText.of(heat(r));
    }
    boolean alike = !r.isRepeated() || Objects.equals(r.before().second(), r.after().second());
    String unit = alike ? test.unit() : test.comparedUnit();
    String name = test == AccusingTest.ROCK ? "rock at rim" : test.title().toLowerCase(Locale.ROOT);
    NoteText line = number(NoteText.of(name + " "), unit, test, r.before(), alike);
    if (r.isRepeated()) {
      line = number(line.words(" → "), unit, test, r.after(), alike);
    }
    return unit.equals("mm") ? line.unit() : line.words(unit.isEmpty() ? "" : " " + unit);
  }

  private NoteText number(
      NoteText line, String unit, AccusingTest test, TestReading read, boolean asRead) {
    double value = asRead ? read.value() : read.compared(test, null).value();
    return unit.equals("mm") ? line.size(value) : line.words(figures.size(value));
  }

  private String heat(TestRecord r) {
    String before = hotter(r.before());
    return r.isRepeated()
        ? "hub " + before + ", now " + hotter(r.after())
        : "hub " + before + " than other side";
  }

  private String hotter(TestReading read) {
    return figures.hotter(read.value() - read.second());
  }

  @Override
  public List<WorkingView> workings(Workpiece piece) {
    return ProveSheet.of(piece, Map.of(), new FieldProblems(), figures).workings();
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    ProveSheet sheet = ProveSheet.of(piece, Map.of(), new FieldProblems(), figures);
    List<PaperLine> lines = new ArrayList<>();
    sheet.rows().stream()
        .filter(r -> r.before() != null)
        .map(ProveStation::line)
        .forEach(lines::add);
    sheet.stops().forEach(s -> lines.add(line(s)));
    lines.add(PaperLine.of("verdict", sheet.verdict()));
    return lines;
  }

  private static PaperLine line(ProveSheet.TestRow row) {
    if (row.after() == null) {
      return PaperLine.of(row.test().title(), "not repeated");
    }
    String verdict =
        switch (row.better()) {
          case YES -> "better";
          case NO -> "worse";
          case CANNOT_TELL -> "cannot tell";
        };
    return PaperLine.of(row.test().title(), row.after().text() + ": " + verdict);
  }

  /** A met check says so in a word, which every paper has. */
  private PaperLine line(ProveSheet.StopRow row) {
    String title = row.stop().title() + (row.answer().isEmpty() ? "" : ": " + row.answer());
    StopMark mark = row.mark();
    if (row.met()) {
      String by = mark == null ? "" : ". " + mark.person() + ", " + figures.dayOf(mark.at());
      return PaperLine.of("done", title + by);
    }
    boolean waived = mark != null && mark.waived();
    return waived
        ? new PaperLine(
            "waived", title + ". " + mark.person() + ", " + mark.role().title(), mark.detail())
        : PaperLine.of("open", title);
  }
}
