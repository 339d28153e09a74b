package unbo.app.fitting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import unbo.app.drawing.NoteText;
import unbo.app.drawing.SeatSign;
import unbo.app.drawing.SectionNote;
import unbo.app.job.Marks;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.core.fit.Fit;

/**
 * What Fit writes on the section: the interference of both rings. Every page of a job draws it, so
 * it works the fit alone, without its planner, pictures and workings.
 */
final class FitMarks {

  private FitMarks() {}

  /** Notes of a place as its fields have it; none while a seat is not known or is refused. */
  static List<SectionNote> of(Workpiece piece, FitPlace place, Map<String, String> typed) {
    FieldProblems problems = new FieldProblems();
    FitFields fields = new FitFields(typed, place, piece.arrangement(), problems);
    Optional<Fit> fit = fields.input(place.group(piece)).map(Fit::of);
    return fit.map(f -> notes(piece, place, f)).orElse(List.of());
  }

  private static List<SectionNote> notes(Workpiece piece, FitPlace place, Fit fit) {
    List<SectionNote> notes = new ArrayList<>();
    for (boolean inner : new boolean[] {true, false}) {
      String part = place.part(piece.arrangement(), inner);
      double likely = (inner ? fit.inner() : fit.outer()).cold().likely();
      String text = (inner ? "inner ring " : "outer ring ") + interference(likely);
      notes.add(Marks.note(part, NoteText.of(text)).fitted(new SeatSign(inner, likely)));
    }
    return notes;
  }

  /** In words, from µm; positive is tight. */
  static String interference(double um) {
    return String.format(Locale.ROOT, "%.0f µm ", Math.abs(um)) + (um > 0 ? "tight" : "loose");
  }
}
