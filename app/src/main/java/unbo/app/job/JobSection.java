package unbo.app.job;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import unbo.app.drawing.DrawnSection;
import unbo.app.drawing.DrawnSections;
import unbo.app.drawing.PartStates;
import unbo.app.drawing.SectionDrawing;
import unbo.app.drawing.SectionFrame;
import unbo.core.arrangement.PartTemplate;
import unbo.core.section.SectionBuilder;

/** A job's section, with the states of its parts and what the tools computed written on it. */
@Component
public class JobSection {

  private final DrawnSections sections;

  JobSection(DrawnSections sections) {
    this.sections = sections;
  }

  /** The section of a job's page. */
  SectionFrame frame(Job job, PartTemplate selected, List<String> results, boolean inch) {
    DrawnSection drawn =
        sections.of(
            job.assembly(),
            job.work().getPack().cavityShare(),
            selected,
            states(job),
            results,
            inch);
    return new SectionFrame(
        job.arrangement().title(),
        note(job.arrangement().fact("drawn")),
        job.title(),
        "/jobs/" + job.getId() + "?part=",
        drawn,
        drawn.bench().parts().stream().map(p -> row(job, p)).toList());
  }

  private static String note(String drawn) {
    return "half section to scale" + (drawn.isEmpty() ? "" : ", " + drawn) + "; touch a part";
  }

  private static SectionFrame.Row row(Job job, SectionDrawing.PartView part) {
    PartMark.State state = job.work().stateOf(part.part().id());
    String words = state.title() + (part.assumed() ? ", assumed" : "");
    return new SectionFrame.Row(
        part.number(),
        part.part().id(),
        part.name(),
        state.letter(),
        part.assumed() && state == PartMark.State.AS_FOUND ? "assumed" : words,
        part.selected());
  }

  /** The drawing for paper. */
  public static SectionDrawing onPaper(Job job, List<String> results) {
    return SectionDrawing.of(
        SectionBuilder.of(job.assembly(), job.work().getPack().cavityShare()),
        SectionDrawing.Format.PAPER,
        null,
        states(job),
        results);
  }

  /** What the record says of each part. */
  private static PartStates states(Job job) {
    Map<String, PartStates.Word> words = new HashMap<>();
    job.arrangement().parts().forEach(p -> words.put(p.id(), word(job.work().stateOf(p.id()))));
    return new PartStates(word(PartMark.State.AS_FOUND), words);
  }

  private static PartStates.Word word(PartMark.State state) {
    return new PartStates.Word(state.title(), state.letter());
  }
}
