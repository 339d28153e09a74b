package unbo.core.diagnosis;

import java.util.List;
import java.util.Optional;

/**
 * A short test with its possible answers.
 *
 * @param id the word of data
 * @param question what is asked
 * @param answers the possible answers, in order
 * @param minutes how long it takes
 * @param tools what it needs, {@code none} for nothing
 * @param how how to do it
 * @param caution what can hurt somebody; may be empty
 * @param group tests of one group say the same thing; empty for none
 */
public record DiagnosisTest(
    String id,
    String question,
    List<Answer> answers,
    double minutes,
    String tools,
    String how,
    String caution,
    String group) {

  /** A possible answer. */
  public record Answer(String id, String label) {}

  public DiagnosisTest {
    answers = List.copyOf(answers);
  }

  int indexOf(String answer) {
    for (int i = 0; i < answers.size(); i++) {
      if (answers.get(i).id().equals(answer)) {
        return i;
      }
    }
    return -1;
  }

  public Optional<Answer> answer(String answerId) {
    return answers.stream().filter(a -> a.id().equals(answerId)).findFirst();
  }
}
