package unbo.core.diagnosis;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A short test with its possible answers.
 *
 * @param id the word of data
 * @param question what is asked
 * @param answers the possible answers, in order
 * @param accuses answers that accuse something and are repeated at Prove
 * @param look answers after which a pair is stripped and read before it is set
 * @param minutes how long it takes
 * @param occasion what it needs around it
 * @param critical whether it can show that the vehicle must not be moved
 * @param tools what it needs, {@code none} for nothing
 * @param steps how to do it
 * @param caution what can hurt somebody; may be empty
 * @param group tests of one group say the same thing; empty for none
 * @param drawing the picture beside it
 * @param measure {@code rock}, {@code heat} or {@code run-out} when it can be measured; else empty
 */
public record DiagnosisTest(
    String id,
    String question,
    List<Answer> answers,
    Set<String> accuses,
    Set<String> look,
    double minutes,
    Occasion occasion,
    boolean critical,
    String tools,
    List<String> steps,
    String caution,
    String group,
    String drawing,
    String measure) {

  /**
   * A possible answer.
   *
   * @param id the word of data; the code of a wheel for an answer that names one
   * @param label what is said
   */
  public record Answer(String id, String label) {}

  public DiagnosisTest {
    answers = List.copyOf(answers);
    steps = List.copyOf(steps);
    accuses = Set.copyOf(accuses);
    look = Set.copyOf(look);
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
