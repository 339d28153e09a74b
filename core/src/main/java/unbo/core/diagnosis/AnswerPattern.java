package unbo.core.diagnosis;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A test with answers to it, as the tables write them: {@code sound=knock|shake}; {@code @wheels}
 * is every answer that names a wheel, {@code @same} the wheel of the pattern before.
 */
record AnswerPattern(String test, Set<String> answers) {

  private static final String ANY_WHEEL = "@wheels";
  private static final String SAME_WHEEL = "@same";

  static AnswerPattern of(String text) {
    String[] both = text.strip().split("=");
    if (both.length != 2) {
      throw new IllegalArgumentException("test=answers is wanted, not " + text);
    }
    return new AnswerPattern(both[0], Set.of(both[1].split("\\|")));
  }

  /** Several that count together, joined by a plus sign. */
  static List<AnswerPattern> together(String text) {
    return Arrays.stream(text.split("\\+")).map(AnswerPattern::of).toList();
  }

  boolean fits(DiagnosisModel model, String answer, String wheel) {
    return answers.contains(answer)
        || answers.contains(ANY_WHEEL) && model.isWheel(answer)
        || answers.contains(SAME_WHEEL) && answer.equals(wheel);
  }

  boolean isGiven(DiagnosisModel model, Map<String, String> given) {
    return given.containsKey(test) && fits(model, given.get(test), "");
  }
}
