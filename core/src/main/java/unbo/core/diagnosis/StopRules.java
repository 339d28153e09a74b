package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import unbo.core.roadside.RoadCard;
import unbo.core.tables.Table;

/** Which findings forbid moving a vehicle: {@code stops.csv}, with the signs of the road card. */
final class StopRules {

  private record Rule(RoadCard.Sign sign, List<AnswerPattern> findings) {}

  private static final List<Rule> RULES =
      Table.read(StopRules.class, "/unbo/core/diagnosis/stops.csv", StopRules::rule);

  private static final Set<String> NAMED = Set.copyOf(tests());

  private StopRules() {}

  /** Whether a test has to do with any stop. */
  static boolean names(String test) {
    return NAMED.contains(test);
  }

  private static Rule rule(Table.Row row) {
    String sign = row.text("sign");
    return new Rule(
        RoadCard.signs().stream()
            .filter(s -> s.id().equals(sign) && s.verdict() == RoadCard.Verdict.STOP)
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("no sign that stops: " + sign)),
        AnswerPattern.together(row.text("findings")));
  }

  /** The stops among some answers, in the order of the table; what says nothing stops nothing. */
  static List<Stop> of(DiagnosisModel model, Map<String, String> given) {
    Map<String, String> answers = VoidRules.counting(model, given);
    List<Stop> stops = new ArrayList<>();
    for (Rule rule : RULES) {
      if (fits(model, rule, answers)) {
        stops.add(
            new Stop(
                rule.findings.stream()
                    .map(w -> model.finding(w.test(), answers.get(w.test())))
                    .toList(),
                rule.sign));
      }
    }
    return List.copyOf(stops);
  }

  private static boolean fits(DiagnosisModel model, Rule rule, Map<String, String> answers) {
    String wheel = answers.get(rule.findings.get(0).test());
    return rule.findings.stream()
        .allMatch(
            w -> answers.containsKey(w.test()) && w.fits(model, answers.get(w.test()), wheel));
  }

  /** The tests that the table names: each must exist for some vehicle. */
  static List<String> tests() {
    return RULES.stream()
        .flatMap(r -> r.findings.stream())
        .map(AnswerPattern::test)
        .distinct()
        .toList();
  }
}
