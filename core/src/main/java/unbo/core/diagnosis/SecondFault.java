package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A second cause that explains what the likeliest one leaves over. For a pair the better of the two
 * explains each finding; the pair is named when that gain outweighs how rare the second cause is:
 * its prior times the ratio of the likelihoods is at least one. A search over pairs with the
 * likeliest cause, not a sum over all pairs: what it names stands beside the ranking and changes no
 * share.
 */
final class SecondFault {

  /** Our own bound: fewer natural units of gain than this say nothing. */
  private static final double LEAST_GAIN = 1.5;

  /**
   * A stop finding that the likeliest cause leaves this far over names its own cause, however rare.
   */
  private static final double STOP_GAIN = 3;

  private static final int MOST = 2;

  private final DiagnosisModel model;
  private final List<double[]> findings;
  private final List<DiagnosisTest> tests;
  private final Set<DiagnosisTest> stopping;
  private final int first;

  SecondFault(DiagnosisModel model, Evidence evidence, List<Stop> stops, int first) {
    this.stopping =
        stops.stream()
            .flatMap(s -> s.findings().stream())
            .map(Diagnosis.Finding::test)
            .collect(Collectors.toSet());
    this.model = model;
    this.findings = evidence.counting();
    this.tests = evidence.countingTests();
    this.first = first;
  }

  /** The second causes, the best first; empty when the likeliest explains all that was found. */
  List<Diagnosis.Beside> all() {
    List<Weighed> weighed = new ArrayList<>();
    for (int c = 0; c < model.causes().size(); c++) {
      weigh(c, weighed);
    }
    weighed.sort(Comparator.comparingDouble((Weighed w) -> -w.worth));
    List<Diagnosis.Beside> named = new ArrayList<>();
    for (Weighed w : weighed) {
      boolean again = named.stream().anyMatch(b -> b.explains().equals(tests.get(w.finding)));
      if (!again && named.size() < MOST) {
        named.add(new Diagnosis.Beside(model.causes().get(w.cause), tests.get(w.finding)));
      }
    }
    return named;
  }

  /** A cause with what it is worth, and the finding that speaks most for it. */
  private record Weighed(int cause, double worth, int finding) {}

  private void weigh(int cause, List<Weighed> weighed) {
    if (cause == first || model.causes().get(cause).isNoneOfThese()) {
      return;
    }
    double gain = 0;
    double most = 0;
    int finding = -1;
    for (int f = 0; f < findings.size(); f++) {
      double more = findings.get(f)[cause] - findings.get(f)[first];
      gain += Math.max(0, more);
      if (more > most) {
        most = more;
        finding = f;
      }
    }
    double worth = gain + Math.log(model.prior(cause));
    boolean stop = finding >= 0 && stopping.contains(tests.get(finding)) && most >= STOP_GAIN;
    if (stop || worth >= 0 && most >= LEAST_GAIN) {
      weighed.add(new Weighed(cause, worth, finding));
    }
  }
}
