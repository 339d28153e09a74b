package unbo.core.evidence;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Findings weighed by Bayes' rule: the probability of each hypothesis, and what a further answer
 * would make of it. Of the findings of one group the one nearest the part counts; of two as near
 * the stronger, whose likelihoods spread wider. The order of answering has no effect.
 */
public final class Weighing {

  /**
   * A finding that does not count.
   *
   * @param by the finding of its group that does
   */
  public record Overruled(Finding finding, Finding by) {}

  private final Likelihoods likelihoods;
  private final Map<Integer, Finding> ruling = new TreeMap<>();
  private final List<Finding> all;
  private final List<Finding> single = new ArrayList<>();

  /** Logarithms of prior times likelihood of all that counts, over the hypotheses. */
  private final double[] base;

  private final double[] posterior;

  /** Weighs findings, at most one for each question. */
  public Weighing(Likelihoods likelihoods, Collection<Finding> findings) {
    this.likelihoods = likelihoods;
    this.all = List.copyOf(findings);
    all.forEach(this::take);
    base = new double[likelihoods.count()];
    for (int h = 0; h < base.length; h++) {
      base[h] = Math.log(likelihoods.prior(h));
    }
    counting().forEach(f -> add(base, f, 1));
    posterior = Distribution.fromLogarithms(base.clone());
  }

  private void take(Finding found) {
    int group = likelihoods.group(found.question());
    if (group < 0) {
      single.add(found);
    } else {
      ruling.merge(group, found, (was, now) -> likelihoods.rules(now, was) ? now : was);
    }
  }

  /** The findings that count. */
  public List<Finding> counting() {
    List<Finding> counting = new ArrayList<>(single);
    counting.addAll(ruling.values());
    return counting;
  }

  /** The findings that do not, each with the one that says the same and counts. */
  public List<Overruled> overruled() {
    List<Overruled> overruled = new ArrayList<>();
    for (Finding found : all) {
      Finding by = ruling.get(likelihoods.group(found.question()));
      if (by != null && !by.equals(found)) {
        overruled.add(new Overruled(found, by));
      }
    }
    return overruled;
  }

  /** The probability of each hypothesis, a copy. */
  public double[] posterior() {
    return posterior.clone();
  }

  /** The probability of each hypothesis with one finding more, of a question not yet answered. */
  public double[] posteriorWith(Finding more) {
    double[] sum = base.clone();
    Finding now = ruling.get(likelihoods.group(more.question()));
    if (now != null) {
      if (!likelihoods.rules(more, now)) {
        return posterior();
      }
      add(sum, now, -1);
    }
    add(sum, more, 1);
    return Distribution.fromLogarithms(sum);
  }

  /** How likely an answer is, over all hypotheses as they stand. */
  public double predicted(Finding answer) {
    double sum = 0;
    for (int h = 0; h < posterior.length; h++) {
      sum += posterior[h] * likelihoods.answers(answer.question(), h)[answer.answer()];
    }
    return sum;
  }

  /** The expected fall of entropy by a question's answer in bits, worked out over all answers. */
  public double expectedBits(int question) {
    return Distribution.expectedBits(
        posterior,
        likelihoods.answerCount(question),
        a -> predicted(new Finding(question, a)),
        a -> posteriorWith(new Finding(question, a)));
  }

  private void add(double[] sum, Finding found, int sign) {
    for (int h = 0; h < sum.length; h++) {
      sum[h] += sign * likelihoods.logarithm(found, h);
    }
  }
}
