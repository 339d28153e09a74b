package unbo.core.damage;

import java.util.List;

/**
 * Something to look at on the parts.
 *
 * @param help how; empty where it needs none
 * @param group of questions that say the same; empty for none
 */
public record DamageQuestion(
    String id, String text, String help, String group, List<Answer> answers) {

  /** What may be seen. */
  public record Answer(String id, String label) {}

  public DamageQuestion {
    answers = List.copyOf(answers);
  }

  /** The number of an answer; −1 for none. */
  int indexOf(String answer) {
    return answers.stream().map(Answer::id).toList().indexOf(answer);
  }
}
