package unbo.core.evidence;

import java.util.Arrays;
import java.util.List;

/**
 * Hypotheses with their priors, questions, and the probability of each answer under each
 * hypothesis. Questions of one group say the same thing: of their findings only one counts, see
 * {@link Weighing}. Immutable.
 */
public final class Likelihoods {

  private final double[] priors;
  private final double[][][] likelihood;
  private final double[][][] logarithms;
  private final double[][] spreads;
  private final int[] groups;
  private final int[] distances;

  /**
   * Numbers the questions.
   *
   * @param priors how common each hypothesis is, in any unit
   * @param likelihood probability by question, hypothesis and answer, over zero; the answers of a
   *     question sum to one
   * @param groups name of each question's group, empty where it stands alone
   * @param distances how far each question is from the part itself: the nearer rules in a group
   */
  public Likelihoods(
      double[] priors, double[][][] likelihood, List<String> groups, int[] distances) {
    this.priors = normalised(priors);
    this.likelihood = likelihood;
    this.logarithms = new double[likelihood.length][][];
    this.spreads = new double[likelihood.length][];
    List<String> names = groups.stream().filter(g -> !g.isEmpty()).distinct().toList();
    this.groups = groups.stream().mapToInt(names::indexOf).toArray();
    this.distances = distances.clone();
    for (int q = 0; q < likelihood.length; q++) {
      fill(q);
    }
  }

  private Likelihoods(Likelihoods other, double[] priors) {
    this.priors = normalised(priors);
    this.likelihood = other.likelihood;
    this.logarithms = other.logarithms;
    this.spreads = other.spreads;
    this.groups = other.groups;
    this.distances = other.distances;
  }

  /** The same with other priors, in any unit. */
  public Likelihoods with(double[] other) {
    return new Likelihoods(this, other);
  }

  private static double[] normalised(double[] priors) {
    double sum = Arrays.stream(priors).sum();
    return Arrays.stream(priors).map(p -> p / sum).toArray();
  }

  private void fill(int q) {
    int answers = likelihood[q][0].length;
    logarithms[q] = new double[answers][priors.length];
    spreads[q] = new double[answers];
    for (int a = 0; a < answers; a++) {
      double least = Double.MAX_VALUE;
      double most = -Double.MAX_VALUE;
      for (int h = 0; h < priors.length; h++) {
        double log = Math.log(likelihood[q][h][a]);
        logarithms[q][a][h] = log;
        least = Math.min(least, log);
        most = Math.max(most, log);
      }
      spreads[q][a] = most - least;
    }
  }

  /** How many hypotheses there are. */
  public int count() {
    return priors.length;
  }

  /** Probability of a hypothesis before anything was found. */
  public double prior(int hypothesis) {
    return priors[hypothesis];
  }

  /** All priors, a copy. */
  public double[] priors() {
    return priors.clone();
  }

  /** Probability of each answer of a question under a hypothesis. */
  public double[] answers(int question, int hypothesis) {
    return likelihood[question][hypothesis];
  }

  /** How many answers a question has. */
  public int answerCount(int question) {
    return logarithms[question].length;
  }

  /** Natural logarithm of a finding's probability under a hypothesis. */
  public double logarithm(Finding finding, int hypothesis) {
    return logarithms[finding.question()][finding.answer()][hypothesis];
  }

  /** How far a finding's logarithms spread over the hypotheses. */
  public double spread(Finding finding) {
    return spreads[finding.question()][finding.answer()];
  }

  /** The group of a question; −1 for none. */
  int group(int question) {
    return groups[question];
  }

  /**
   * Whether the first of two findings of a group counts: it is nearer the part, or as near and
   * stronger, or as strong and of the earlier question.
   */
  boolean rules(Finding one, Finding other) {
    int nearer = Integer.compare(distances[other.question()], distances[one.question()]);
    if (nearer != 0) {
      return nearer > 0;
    }
    int stronger = Double.compare(spread(one), spread(other));
    return stronger == 0 ? one.question() < other.question() : stronger > 0;
  }
}
