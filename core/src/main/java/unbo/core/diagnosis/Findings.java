package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.diagnosis.Diagnosis.OverruledAnswer;
import unbo.core.evidence.Distribution;
import unbo.core.evidence.Finding;
import unbo.core.evidence.Leftover;
import unbo.core.evidence.Weighing;

/**
 * Answers of a diagnosis as findings to be weighed: those that another answer makes void are left
 * out, the rest goes to the {@link Weighing}.
 */
final class Findings {

  private final DiagnosisModel model;
  private final Map<String, String> answers;
  private final List<OverruledAnswer> voided = new ArrayList<>();
  private final Weighing weighing;

  Findings(DiagnosisModel model, Map<String, String> answers) {
    this.model = model;
    this.answers = answers;
    List<Finding> findings = new ArrayList<>();
    answers.forEach(
        (test, answer) -> {
          Optional<VoidRules.Rule> over = VoidRules.over(model, test, answers);
          if (over.isPresent()) {
            voided.add(voided(test, over.get()));
          } else {
            findings.add(finding(test, answer));
          }
        });
    this.weighing = new Weighing(model.likelihoods(), findings);
  }

  private OverruledAnswer voided(String test, VoidRules.Rule rule) {
    DiagnosisTest by = model.test(rule.finding().test()).orElseThrow();
    return new OverruledAnswer(model.test(test).orElseThrow(), by, rule.reason());
  }

  private Finding finding(String test, String answer) {
    int t = model.indexOfTest(test);
    return new Finding(t, model.tests().get(t).indexOf(answer));
  }

  /** Tests whose findings do not count, each with the one that makes it so. */
  List<OverruledAnswer> overruled() {
    List<OverruledAnswer> overruled = new ArrayList<>(voided);
    for (Weighing.Overruled o : weighing.overruled()) {
      DiagnosisTest test = model.tests().get(o.finding().question());
      DiagnosisTest by = model.tests().get(o.by().question());
      overruled.add(new OverruledAnswer(test, by, reason(test, by)));
    }
    return overruled;
  }

  private static String reason(DiagnosisTest test, DiagnosisTest by) {
    return test.occasion() == by.occasion()
        ? "Says the same as a stronger finding; counted once."
        : "Says the same as what was found " + by.occasion().title() + ", nearer the part.";
  }

  /** The probability of each cause. */
  double[] posterior() {
    return weighing.posterior();
  }

  /** What the likeliest cause does not explain. */
  Leftover leftover() {
    return new Leftover(model.likelihoods(), weighing);
  }

  /** How likely an answer is as things stand. */
  double predicted(DiagnosisTest test, int answer) {
    return weighing.predicted(new Finding(model.indexOfTest(test.id()), answer));
  }

  /** The probability of each cause with one answer more. */
  double[] posteriorWith(DiagnosisTest test, int answer) {
    if (VoidRules.touches(model, test.id(), answers)) {
      Map<String, String> more = new LinkedHashMap<>(answers);
      more.put(test.id(), test.answers().get(answer).id());
      return new Findings(model, more).posterior();
    }
    return weighing.posteriorWith(new Finding(model.indexOfTest(test.id()), answer));
  }

  /** The expected fall of entropy by a test, in bits, over all its answers. */
  double expectedBits(DiagnosisTest test) {
    return Distribution.expectedBits(
        posterior(), test.answers().size(), a -> predicted(test, a), a -> posteriorWith(test, a));
  }
}
