package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import unbo.app.web.Figures;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.verification.AccusingTest;

/** What the tools computed on a job, in the lines that its section carries. */
public final class SectionResults {

  private SectionResults() {}

  /** What the record has to write on the drawing. */
  public static List<String> of(Job job, Figures figures) {
    return of(
        job,
        job.work().endPlay(EndPlayKey.Stage.FIRST),
        job.work().endPlay(EndPlayKey.Stage.PINNED),
        figures);
  }

  /** The same with other readings of end play, such as those of a form not saved yet. */
  public static List<String> of(
      Job job, Optional<Readings> first, Optional<Readings> pinned, Figures figures) {
    List<String> lines = new ArrayList<>();
    PackFigures.line(job, figures).ifPresent(lines::add);
    first.ifPresent(f -> lines.add(endPlay(f.result(), pinned, figures)));
    for (AccusingTest test : List.of(AccusingTest.ROCK, AccusingTest.HUB_HEAT)) {
      TestRecord record = job.work().getTests().get(test);
      if (record != null) {
        lines.add(before(test, record, figures));
      }
    }
    return lines;
  }

  private static String endPlay(Measured first, Optional<Readings> pinned, Figures figures) {
    return pinned
            .map(
                p ->
                    "end play "
                        + figures.fine(first.value())
                        + " → "
                        + figures.measured(p.result()))
            .orElse("end play " + figures.measured(first))
        + " mm";
  }

  private static String before(AccusingTest test, TestRecord record, Figures figures) {
    if (test == AccusingTest.HUB_HEAT) {
      return heat(record, figures);
    }
    String line = "rock at rim " + figures.size(record.getBeforeValue());
    if (record.getAfterValue() != null) {
      line += " → " + figures.size(record.getAfterValue());
    }
    return line + " " + test.unit();
  }

  private static String heat(TestRecord record, Figures figures) {
    String before = figures.hotter(record.getBeforeValue() - record.getBeforeSecond());
    if (record.getAfterValue() == null) {
      return "hub " + before + " than other side";
    }
    double after = record.getAfterValue() - record.getAfterSecond();
    return "hub " + before + ", now " + figures.hotter(after);
  }
}
