package unbo.core.diagnosis;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.core.diagnosis.Diagnosis.NextTest;
import unbo.core.evidence.Distribution;

/**
 * Which test is worth doing next. After a knock, a shake or a blow the fastenings come first
 * ({@link TestOrder}); then what shows that it must not be moved; then the one with the largest
 * expected fall of entropy per minute, worked out over all tests, answers and causes, not sampled.
 * The minutes are those of the test and of getting the vehicle there: driving off, jacking it up,
 * taking a wheel out. What means little yet counts for a third.
 */
final class TestChoice {

  /** An answer less likely than this is not reckoned with. */
  private static final double TO_BE_EXPECTED = 0.02;

  /** What a test is worth before its parent was answered, as a share; our own estimate. */
  static final double NOT_YET = 0.35;

  /** An answer less likely than this under a cause is a slip there, no sign of it. */
  private static final double SIGN_OF = 0.15;

  private final DiagnosisModel model;
  private final Diagnosis diagnosis;
  private final Findings findings;
  private final double[] posterior;
  private final Circumstances circumstances;

  TestChoice(
      DiagnosisModel model, Diagnosis diagnosis, Findings findings, Circumstances circumstances) {
    this.model = model;
    this.diagnosis = diagnosis;
    this.findings = findings;
    this.posterior = findings.posterior();
    this.circumstances = circumstances;
  }

  /** The tests not yet answered that can be done, the most worth doing first. */
  List<NextTest> all() {
    return mostWorthFirst(open());
  }

  private List<NextTest> mostWorthFirst(Stream<DiagnosisTest> tests) {
    return tests
        .map(t -> new NextTest(t, findings.expectedBits(t), setupMinutes(t.occasion())))
        .sorted(
            Comparator.comparingDouble(
                    (NextTest n) -> n.bitsPerMinute() * (isReady(n.test()) ? 1 : NOT_YET))
                .reversed())
        .toList();
  }

  private boolean isReady(DiagnosisTest test) {
    return TestOrder.isReady(model, test.id(), diagnosis.answers());
  }

  /** Nothing where the vehicle stands like that already for a test that was done. */
  private double setupMinutes(Occasion occasion) {
    boolean there =
        diagnosis.answers().keySet().stream()
            .map(t -> model.test(t).orElseThrow().occasion())
            .anyMatch(done -> done == occasion && occasion != Occasion.ROAD);
    return there ? 0 : occasion.setupMinutes();
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
    return first()
        .or(() -> worth.stream().filter(n -> mayItRoll && mayStop(n.test())).findFirst())
        .or(() -> worth.stream().findFirst());
  }

  /** What is asked before all others; not while a stop stands, which says enough. */
  private Optional<NextTest> first() {
    if (!diagnosis.stops().isEmpty()) {
      return Optional.empty();
    }
    List<DiagnosisTest> open = open().toList();
    return TestOrder.first(model, diagnosis.answers()).stream()
        .flatMap(id -> open.stream().filter(t -> t.id().equals(id)))
        .findFirst()
        .map(t -> new NextTest(t, findings.expectedBits(t), setupMinutes(t.occasion())));
  }

  /** Whether no test that can be done would change what to do. */
  boolean isSettled() {
    return first().isEmpty() && changing().findAny().isEmpty();
  }

  private Stream<DiagnosisTest> changing() {
    String decision = diagnosis.first().decision();
    Urgency urgency = diagnosis.urgency();
    return open().filter(t -> !changesNothing(t, decision, urgency));
  }

  private boolean changesNothing(DiagnosisTest test, String decision, Urgency urgency) {
    for (int a = 0; a < test.answers().size(); a++) {
      if (meant(test, a) > TO_BE_EXPECTED && diagnosis.isStopWith(test, a)) {
        return false;
      }
      if (findings.predicted(test, a) > TO_BE_EXPECTED) {
        double[] after = findings.posteriorWith(test, a);
        if (!model.causes().get(Distribution.indexOfFirst(after)).decision().equals(decision)
            || diagnosis.urgency(after) != urgency && diagnosis.stops().isEmpty()) {
          return false;
        }
      }
    }
    return true;
  }

  /** Whether a test can show that it must not be moved, and is likely enough to. */
  private boolean mayStop(DiagnosisTest test) {
    double sum = 0;
    for (int a = 0; a < test.answers().size(); a++) {
      sum += diagnosis.isStopWith(test, a) ? meant(test, a) : 0;
    }
    return test.critical() && sum > TO_BE_EXPECTED;
  }

  /** How likely an answer is from causes that it is a sign of, slips left out. */
  private double meant(DiagnosisTest test, int answer) {
    int t = model.indexOfTest(test.id());
    double sum = 0;
    for (int c = 0; c < posterior.length; c++) {
      double share = model.answers(t, c)[answer];
      sum += share > SIGN_OF ? posterior[c] * share : 0;
    }
    return sum;
  }
}
