package unbo.app.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import unbo.app.drawing.NoteText;
import unbo.app.drawing.SectionNote;
import unbo.app.drawing.Sign;

/**
 * What a station writes on the section.
 *
 * @param sizes sizes in mm that its fields give, saved or not
 * @param cavityShare the share of the hollows that is filled with grease, 0 to 1
 * @param notes results, each a line, with the word of the station that they are from as address
 */
public record Marks(Map<String, Double> sizes, double cavityShare, List<SectionNote> notes) {

  public static Marks none() {
    return new Marks(Map.of(), 0, List.of());
  }

  /** A line about a part; about the whole when that is empty. */
  public static SectionNote note(String part, NoteText text) {
    return note(part.isEmpty() ? List.of() : List.of(part), text);
  }

  /** A line about several parts, in the order of its figures. */
  public static SectionNote note(List<String> parts, NoteText text) {
    return new SectionNote(parts, text, Sign.NONE, "");
  }

  public static Marks of(List<SectionNote> notes) {
    return new Marks(Map.of(), 0, notes);
  }

  /** The same as coming from a station. */
  Marks from(Station station) {
    return new Marks(sizes, cavityShare, notes.stream().map(n -> n.at(station.id())).toList());
  }

  Marks and(Marks other) {
    Map<String, Double> both = new HashMap<>(sizes);
    both.putAll(other.sizes);
    List<SectionNote> all = new ArrayList<>(notes);
    all.addAll(other.notes);
    return new Marks(both, Math.max(cavityShare, other.cavityShare), all);
  }
}
