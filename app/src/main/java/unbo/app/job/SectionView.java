package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.app.drawing.SectionDrawing;
import unbo.app.web.Figures;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.StackProblem;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.verification.AccusingTest;

/**
 * A job's section, drawn for the bench and for the phone, with what the tools computed written on
 * it.
 *
 * @param bench the drawing beside a worksheet
 * @param phone the drawing for a narrow page
 * @param problems what cannot be, said at the part
 */
public record SectionView(SectionDrawing bench, SectionDrawing phone, List<StackProblem> problems) {

  /** Draws a job's section. */
  public static SectionView of(Job job, PartTemplate selected, List<String> results, boolean inch) {
    Section section = SectionBuilder.of(job.assembly(), job.getPack().cavityShare());
    SectionDrawing.PartStates states = new States(job);
    return new SectionView(
        SectionDrawing.of(section, SectionDrawing.Format.BENCH.in(inch), selected, states, results),
        SectionDrawing.of(section, SectionDrawing.Format.PHONE.in(inch), selected, states, results),
        section.problems());
  }

  /** The drawing for paper. */
  public static SectionDrawing onPaper(Job job, List<String> results, boolean inch) {
    return SectionDrawing.of(
        SectionBuilder.of(job.assembly(), job.getPack().cavityShare()),
        SectionDrawing.Format.PAPER,
        null,
        new States(job),
        results);
  }

  /** What the record has to write on the drawing. */
  public static List<String> results(Job job, Figures figures) {
    return results(
        job, job.endPlay(EndPlayKey.Stage.FIRST), job.endPlay(EndPlayKey.Stage.PINNED), figures);
  }

  /** The same with other readings of end play, such as those of a form not saved yet. */
  public static List<String> results(
      Job job, Optional<Readings> first, Optional<Readings> pinned, Figures figures) {
    List<String> lines = new ArrayList<>();
    PackFigures.line(job, figures).ifPresent(lines::add);
    first.ifPresent(f -> lines.add(endPlay(f.result(), pinned, figures)));
    for (AccusingTest test : List.of(AccusingTest.ROCK, AccusingTest.HUB_HEAT)) {
      TestRecord record = job.getTests().get(test);
      if (record != null) {
        lines.add(before(test, record, figures));
      }
    }
    return lines;
  }

  private static String endPlay(Measured first, Optional<Readings> pinned, Figures figures) {
    return pinned
            .map(p -> "play " + figures.fine(first.value()) + " → " + figures.measured(p.result()))
            .orElse("play " + figures.measured(first))
        + " mm";
  }

  private static String before(AccusingTest test, TestRecord record, Figures figures) {
    boolean heat = test == AccusingTest.HUB_HEAT;
    String title = heat ? "over its brother " : "rock ";
    double before =
        heat ? record.getBeforeValue() - record.getBeforeSecond() : record.getBeforeValue();
    String line = title + figures.size(before);
    if (record.getAfterValue() != null) {
      double after =
          heat ? record.getAfterValue() - record.getAfterSecond() : record.getAfterValue();
      line += " → " + figures.size(after);
    }
    return line + " " + test.unit();
  }

  /** What the record says of each part. */
  private record States(Job job) implements SectionDrawing.PartStates {
    @Override
    public String titleOf(PartTemplate part) {
      return job.stateOf(part.id()).title();
    }

    @Override
    public String letterOf(PartTemplate part) {
      return job.stateOf(part.id()).letter();
    }
  }
}
