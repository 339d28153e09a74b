package unbo.core.diagnosis;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.core.diagnosis.Diagnosis.NextTest;

/**
 * Which test is worth doing next: the one with the largest expected fall of entropy per minute,
 * worked out over all tests, answers and causes, not sampled.
 */
final class TestChoice {

  /** An answer less likely than this is not reckoned with. */
  private static final double TO_BE_EXPECTED = 0.02;

  private final DiagnosisModel model;
  private final Diagnosis diagnosis;
  private final Evidence evidence;
  private final double[] posterior;
  private final Circumstances circumstances;

  TestChoice(
      DiagnosisModel model, Diagnosis diagnosis, Evidence evidence, Circumstances circumstances) {
    this.model = model;
    this.diagnosis = diagnosis;
    this.evidence = evidence;
    this.posterior = evidence.posterior();
    this.circumstances = circumstances;
  }

  /** The tests not yet answered that can be done, the most worth doing first. */
  List<NextTest> all() {
    return mostWorthFirst(open());
  }

  private List<NextTest> mostWorthFirst(Stream<DiagnosisTest> tests) {
    return tests
        .map(t -> new NextTest(t, expectedBits(t)))
        .sorted(Comparator.comparingDouble(NextTest::bitsPerMinute).reversed())
        .toList();
  }

  private Stream<DiagnosisTest> open() {
    boolean still = diagnosis.isAnswered() && diagnosis.urgency() == Urgency.STOP;
    return model.tests().stream()
        .filter(t -> !diagnosis.answers().containsKey(t.id()) && circumstances.allows(t))
        .filter(t -> !still || t.occasion() != Occasion.ROAD);
  }

  /** The one worth doing; empty when no answer to be expected could change what to do. */
  Optional<NextTest> next() {
    List<NextTest> worth = mostWorthFirst(changing());
    boolean mayItRoll = diagnosis.isAnswered() && diagnosis.stopShare() > Diagnosis.COUNTS_OVER;
    return worth.stream()
        .filter(n -> mayItRoll && n.test().critical())
        .findFirst()
        .or(() -> worth.stream().findFirst());
  }

  /** Whether no test that can be done would change what to do. */
  boolean isSettled() {
    return changing().findAny().isEmpty();
  }

  private Stream<DiagnosisTest> changing() {
    String decision = diagnosis.first().decision();
    Urgency urgency = diagnosis.urgency();
    return open().filter(t -> !changesNothing(t, decision, urgency));
  }

  private boolean changesNothing(DiagnosisTest test, String decision, Urgency urgency) {
    for (int a = 0; a < test.answers().size(); a++) {
      if (predicted(test, a) > TO_BE_EXPECTED) {
        double[] after = evidence.posteriorWith(test, a);
        if (!model.causes().get(Diagnosis.indexOfFirst(after)).decision().equals(decision)
            || diagnosis.urgency(after) != urgency) {
          return false;
        }
      }
    }
    return true;
  }

  private double predicted(DiagnosisTest test, int answer) {
    int t = model.indexOfTest(test.id());
    double sum = 0;
    for (int c = 0; c < posterior.length; c++) {
      sum += posterior[c] * model.answers(t, c)[answer];
    }
    return sum;
  }

  private double expectedBits(DiagnosisTest test) {
    double expected = 0;
    double whole = 0;
    for (int a = 0; a < test.answers().size(); a++) {
      double probability = predicted(test, a);
      expected += probability * Evidence.entropyBits(evidence.posteriorWith(test, a));
      whole += probability;
    }
    return Math.max(0, Evidence.entropyBits(posterior) - expected / whole);
  }
}
