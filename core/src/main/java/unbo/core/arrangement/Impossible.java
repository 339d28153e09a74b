package unbo.core.arrangement;

import java.util.List;

/**
 * Something that cannot be, as a template writes it.
 *
 * @param part where it is said
 * @param when the condition
 * @param words the sentence, with a gap before each of the values but the first word
 * @param values the numbers in the gaps
 */
public record Impossible(
    String part, Expression when, List<String> words, List<Expression> values) {

  public Impossible {
    words = List.copyOf(words);
    values = List.copyOf(values);
  }

  String text(Expression.Names names) {
    StringBuilder text = new StringBuilder(words.get(0));
    for (int i = 0; i < values.size(); i++) {
      text.append(Plain.of(values.get(i).value(names))).append(words.get(i + 1));
    }
    return text.toString();
  }
}
