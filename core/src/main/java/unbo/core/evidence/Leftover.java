package unbo.core.evidence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.function.Predicate;

/**
 * Second hypotheses that explain what the likeliest leaves over. For a pair the better of the two
 * explains each finding; the pair is named when that gain outweighs how rare the second is: its
 * prior times the ratio of the likelihoods is at least one. A search over pairs with the likeliest,
 * not a sum over all pairs: what it names stands beside the ranking and changes no share.
 */
public final class Leftover {

  /** Our own bound: fewer natural units of gain than this say nothing. */
  private static final double LEAST_GAIN = 1.5;

  /** A finding that must be explained is left over by this much. */
  private static final double SURE_GAIN = 3;

  private final Likelihoods likelihoods;
  private final List<Finding> findings;
  private final int first;

  /**
   * What a hypothesis is worth beside the first.
   *
   * @param explains the finding that speaks most for it
   */
  public record Second(int hypothesis, double worth, Finding explains) {}

  /** Looks beside the likeliest hypothesis of a weighing. */
  public Leftover(Likelihoods likelihoods, Weighing weighing) {
    this.likelihoods = likelihoods;
    // In the order of the questions, so that the order of answering decides no tie.
    this.findings =
        weighing.counting().stream().sorted(Comparator.comparingInt(Finding::question)).toList();
    this.first = Distribution.indexOfFirst(weighing.posterior());
  }

  /**
   * The second hypotheses, the best first, each for a finding of its own.
   *
   * @param candidate which hypotheses may stand beside the first
   * @param mustBeExplained findings that name their hypothesis however rare it is
   * @param most how many are wanted
   */
  public List<Second> best(IntPredicate candidate, Predicate<Finding> mustBeExplained, int most) {
    List<Second> seconds = new ArrayList<>();
    for (int h = 0; h < likelihoods.count(); h++) {
      if (h != first && candidate.test(h)) {
        weigh(h, mustBeExplained, seconds);
      }
    }
    seconds.sort(Comparator.comparingDouble((Second s) -> -s.worth));
    List<Second> named = new ArrayList<>();
    for (Second s : seconds) {
      boolean again = named.stream().anyMatch(n -> n.explains.equals(s.explains));
      if (!again && named.size() < most) {
        named.add(s);
      }
    }
    return named;
  }

  private void weigh(int hypothesis, Predicate<Finding> mustBeExplained, List<Second> seconds) {
    double gain = 0;
    double most = 0;
    Finding explains = null;
    for (Finding f : findings) {
      double more = likelihoods.logarithm(f, hypothesis) - likelihoods.logarithm(f, first);
      gain += Math.max(0, more);
      if (more > most) {
        most = more;
        explains = f;
      }
    }
    double worth = gain + Math.log(likelihoods.prior(hypothesis));
    boolean must = explains != null && mustBeExplained.test(explains) && most >= SURE_GAIN;
    if (must || worth >= 0 && most >= LEAST_GAIN) {
      seconds.add(new Second(hypothesis, worth, explains));
    }
  }
}
