package unbo.core.diagnosis;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import unbo.core.tables.Table;

/** Findings that make others count for nothing: {@code void.csv}. */
final class VoidRules {

  /** A finding, the tests whose answers then say nothing, and why. */
  record Rule(AnswerPattern finding, List<String> tests, String reason) {}

  private static final List<Rule> RULES =
      Table.read(
          VoidRules.class,
          "/unbo/core/diagnosis/void.csv",
          row ->
              new Rule(
                  AnswerPattern.of(row.text("finding")),
                  Arrays.asList(row.text("tests").split(" ")),
                  row.text("reason")));

  private static final Set<String> NAMED = Set.copyOf(tests());

  private VoidRules() {}

  /** Whether a test makes others say nothing among some answers, or says nothing itself. */
  static boolean touches(DiagnosisModel model, String test, Map<String, String> answers) {
    return NAMED.contains(test) && (isAsked(test) || over(model, test, answers).isPresent());
  }

  /** The rule by which a test's answer says nothing among some answers; empty where it counts. */
  static Optional<Rule> over(DiagnosisModel model, String test, Map<String, String> answers) {
    return NAMED.contains(test)
        ? RULES.stream()
            .filter(r -> r.tests.contains(test) && r.finding.isGiven(model, answers))
            .findFirst()
        : Optional.empty();
  }

  /** The answers that say something, in their order. */
  static Map<String, String> counting(DiagnosisModel model, Map<String, String> answers) {
    Map<String, String> counting = new LinkedHashMap<>(answers);
    counting.keySet().removeIf(test -> over(model, test, answers).isPresent());
    return counting;
  }

  /** Whether a test is asked only for what it makes of others. */
  static boolean isAsked(String test) {
    return RULES.stream().anyMatch(r -> r.finding.test().equals(test));
  }

  /** Every test that the table names: each must exist for some vehicle. */
  static List<String> tests() {
    return RULES.stream()
        .flatMap(r -> Stream.concat(Stream.of(r.finding.test()), r.tests.stream()))
        .distinct()
        .toList();
  }
}
