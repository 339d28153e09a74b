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
import unbo.app.drawing.SectionNote;
import unbo.core.arrangement.Assembly;
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
  SectionFrame frame(Job job, PartTemplate selected, Marks marks, boolean inch) {
    String parts = job.address() + "?part=";
    return frame(job, selected, marks, leading(job, marks), parts, inch);
  }

  /** A job's notes lead to the stations that they are from. */
  private static List<SectionNote> leading(Job job, Marks marks) {
    return marks.notes().stream().map(n -> n.at(job.address() + "?at=" + n.href())).toList();
  }

  /**
   * The section of a piece on the bench, where one station alone writes; a part's id is put behind
   * the address.
   */
  public SectionFrame frame(
      Workpiece piece, PartTemplate selected, Marks marks, String address, boolean inch) {
    List<SectionNote> notes = marks.notes().stream().map(n -> n.at("")).toList();
    return frame(piece, selected, marks, notes, address, inch);
  }

  private SectionFrame frame(
      Workpiece job,
      PartTemplate selected,
      Marks marks,
      List<SectionNote> notes,
      String address,
      boolean inch) {
    DrawnSection drawn =
        sections.of(drawn(job, marks), marks.cavityShare(), selected, states(job), notes, inch);
    return new SectionFrame(
        job.arrangement().title(),
        note(job.arrangement().fact("drawn")),
        job.title(),
        address,
        drawn,
        drawn.bench().parts().stream().map(p -> row(job, p)).toList());
  }

  /** The assembly with the sizes that a form gives, saved or not. */
  private static Assembly drawn(Workpiece piece, Marks marks) {
    return piece.assembly().withSizes(marks.sizes());
  }

  private static String note(String drawn) {
    return "half section to scale" + (drawn.isEmpty() ? "" : ", " + drawn) + "; touch a part";
  }

  private static SectionFrame.Row row(Workpiece job, SectionDrawing.PartView part) {
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
  public static SectionDrawing onPaper(Job job, Marks marks, boolean inch) {
    return SectionDrawing.of(
        SectionBuilder.of(drawn(job, marks), marks.cavityShare()),
        SectionDrawing.Format.PAPER.in(inch),
        null,
        states(job),
        marks.notes());
  }

  /** What the record says of each part. */
  private static PartStates states(Workpiece job) {
    Map<String, PartStates.Word> words = new HashMap<>();
    job.arrangement().parts().forEach(p -> words.put(p.id(), word(job.work().stateOf(p.id()))));
    return new PartStates(word(PartMark.State.AS_FOUND), words);
  }

  private static PartStates.Word word(PartMark.State state) {
    return new PartStates.Word(state.title(), state.letter());
  }
}
