package unbo.core.arrangement;

import java.util.List;

/**
 * Something of an arrangement that whoever adds it says: which hold, what stands.
 *
 * @param id the word that stands for it in the template
 * @param options the words to choose from, the usual one first
 * @param title what is asked
 */
public record Choice(String id, List<String> options, String title) {

  public Choice {
    if (options.size() < 2) {
      throw new IllegalArgumentException(id + " leaves nothing to choose");
    }
    options = List.copyOf(options);
  }

  /** An option in a person's words: a hold's title, or the word itself. */
  public static String words(String option) {
    return Hold.find(option).map(Hold::title).orElse(option);
  }
}
