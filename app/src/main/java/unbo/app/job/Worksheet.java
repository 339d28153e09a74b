package unbo.app.job;

import java.util.List;
import java.util.function.Predicate;
import org.springframework.ui.Model;
import unbo.app.working.WorkingView;
import unbo.core.arrangement.Arrangement;

/**
 * One station: everything that the page, the paper and the bench need of it. A station's package
 * supplies one as a bean; its template is {@code sheets/} with the station's id.
 */
public interface Worksheet {

  Station station();

  /** Whether it can work on an arrangement; elsewhere the station takes a dated note. */
  default boolean serves(Arrangement arrangement) {
    return true;
  }

  /** Whether it opens on the bench without a job. */
  default boolean servesBench() {
    return true;
  }

  /** Whether a dated note may take its place: work done elsewhere, or skipped. */
  default boolean takesNote(Arrangement arrangement) {
    return !serves(arrangement);
  }

  /** The template under {@code sheets/}. */
  default String template(Workpiece piece) {
    return station().id();
  }

  /**
   * Puts what the sheet's template needs into the model: from the form when it was typed, else from
   * the record.
   */
  void fill(Model model, Workpiece piece, Selection selection, Form form);

  /** What a press comes to; nothing is written here but in the change that it returns. */
  default Press press(Job job, Form form, Press.By by) {
    return new Press.Overtaken(java.util.Map.of());
  }

  /** What the record holds, in words, for somebody whose form is out of date. */
  default String recorded(Job job) {
    return null;
  }

  /** What follows by itself after a change, judged under the lock; null when nothing does. */
  default Follows follows() {
    return null;
  }

  /** What it writes on the section, from the form when it was typed, else from the record. */
  default Marks marks(Workpiece piece, Form form) {
    return Marks.none();
  }

  /** How the figures of the record came about, for the paper. */
  default List<WorkingView> workings(Workpiece piece) {
    return List.of();
  }

  /** What the record says, for the paper: its paragraph on the job sheet. */
  default List<PaperLine> paper(Workpiece piece) {
    return List.of();
  }

  /** What it draws on the job sheet beside the section. */
  default List<PaperPicture> pictures(Workpiece piece, boolean inch) {
    return List.of();
  }

  /** What its record tells a later station of this job, in words. */
  default List<String> advises(Workpiece piece, Station later) {
    return List.of();
  }

  /** What of the record only those may change who may waive; compared before and after undo. */
  default Object waivers(WorkRecord work) {
    return "";
  }

  /** A state that a station takes by itself when something has become so. */
  record Follows(StationMark.State state, String text, Predicate<Job> isSo) {}
}
