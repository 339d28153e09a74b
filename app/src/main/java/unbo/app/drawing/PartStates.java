package unbo.app.drawing;

import java.util.Map;
import unbo.core.arrangement.PartTemplate;

/**
 * How the parts of a section stand on a job, for their labels and letters.
 *
 * @param usual how a part stands of which nothing is said
 * @param byPart by the part's id
 */
public record PartStates(Word usual, Map<String, Word> byPart) {

  /** For a drawing that belongs to no job. */
  public static final PartStates NONE = new PartStates(new Word("", ""), Map.of());

  /** A state in words and as a letter; both empty where there is none. */
  public record Word(String title, String letter) {}

  public PartStates {
    byPart = Map.copyOf(byPart);
  }

  /** How a part stands. */
  public Word of(PartTemplate part) {
    return byPart.getOrDefault(part.id(), usual);
  }
}
