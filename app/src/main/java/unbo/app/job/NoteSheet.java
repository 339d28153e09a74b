package unbo.app.job;

import org.springframework.ui.Model;
import unbo.core.units.Problem;

/**
 * The sheet of a station that has no worksheet of its own yet: a dated note.
 *
 * @param station which station
 * @param typed the note as typed
 * @param problem what is wrong with it, or null
 */
public record NoteSheet(Station station, String typed, Problem problem) {

  static final int LONGEST = 2000;

  static void fill(Model model, Job job, Station station) {
    if (!model.containsAttribute("note")) {
      String typed = job.work().mark(station).map(StationMark::getNote).orElse("");
      model.addAttribute("note", new NoteSheet(station, typed, null));
    }
    model.addAttribute("mark", job.work().mark(station).orElse(null));
    model.addAttribute("revision", job.work().revision(station));
  }

  static Problem problemWith(String typed) {
    if (typed.isBlank()) {
      return new Problem(
          "", "The note is empty.", "Enter in a few words what was done, or skip the station.");
    }
    if (typed.length() > LONGEST) {
      return new Problem(
          typed,
          "The note is too long.",
          "Enter at most " + LONGEST + " characters; it has " + typed.length() + ".");
    }
    return null;
  }
}
