package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * What the answers so far come to. One cause or none of the table; probabilities sum to one
 * (Bayes). Of the findings that say the same thing the strongest counts: the one whose likelihoods
 * spread widest over the causes. Immutable; striking an answer out is making one without it.
 *
 * <p>The next test is the one with the largest expected fall of entropy per minute, worked out over
 * all tests, answers and causes, not sampled.
 */
public final class Diagnosis {

  /** A cause over this share counts for the urgency of the whole. */
  public static final double COUNTS_OVER = 0.10;

  private static final double WORTH_CONSIDERING = 0.02;
  private static final double LEAST_BITS = 0.02;

  private final DiagnosisModel model;
  private final Map<String, String> answers;
  private final double[] posterior;

  private Diagnosis(DiagnosisModel model, Map<String, String> answers) {
    this.model = model;
    this.answers = new LinkedHashMap<>(answers);
    this.posterior = posterior(answers);
  }

  /**
   * The diagnosis for answers by test.
   *
   * @throws IllegalArgumentException when a test or an answer is unknown
   */
  public static Diagnosis of(DiagnosisModel model, Map<String, String> answers) {
    answers.forEach(
        (test, answer) ->
            model
                .test(test)
                .flatMap(t -> t.answer(answer))
                .orElseThrow(
                    () -> new IllegalArgumentException("No answer " + answer + " of " + test)));
    return new Diagnosis(model, answers);
  }

  /** How likely a cause is, and how far each answer moved it. */
  public record Ranked(Cause cause, double probability, List<Move> moves) {}

  /** What an answer did to a cause: natural log-odds, by leaving the answer out. */
  public record Move(String test, String answer, double logOdds, String reason) {}

  /** The next test worth doing. */
  public record NextTest(DiagnosisTest test, double expectedBits) {
    public double bitsPerMinute() {
      return expectedBits / test.minutes();
    }
  }

  /** All causes, the likeliest first. */
  public List<Ranked> ranked() {
    Map<String, double[]> without = new LinkedHashMap<>();
    for (String test : answers.keySet()) {
      Map<String, String> rest = new LinkedHashMap<>(answers);
      rest.remove(test);
      without.put(test, posterior(rest));
    }
    return IntStream.range(0, posterior.length)
        .boxed()
        .sorted(Comparator.comparingDouble(c -> -posterior[c]))
        .map(c -> new Ranked(model.causes().get(c), posterior[c], moves(c, without)))
        .toList();
  }

  private List<Move> moves(int cause, Map<String, double[]> without) {
    List<Move> moves = new ArrayList<>();
    without.forEach(
        (test, other) -> {
          int t = model.indexOfTest(test);
          int a = model.tests().get(t).indexOf(answers.get(test));
          double moved = logOdds(posterior[cause]) - logOdds(other[cause]);
          moves.add(new Move(test, answers.get(test), moved, model.reason(t, cause, a)));
        });
    return moves;
  }

  private static double logOdds(double probability) {
    double p = Math.max(1e-12, Math.min(1 - 1e-12, probability));
    return Math.log(p / (1 - p));
  }

  /** The likeliest cause. */
  public Cause first() {
    return model.causes().get(indexOfFirst(posterior));
  }

  public double probability(String cause) {
    for (int c = 0; c < posterior.length; c++) {
      if (model.causes().get(c).id().equals(cause)) {
        return posterior[c];
      }
    }
    throw new IllegalArgumentException("There is no cause " + cause);
  }

  /** How uncertain it still is, in bits. */
  public double entropyBits() {
    return entropy(posterior);
  }

  /** The worst urgency among the causes that count; with none that counts, the likeliest one's. */
  public Urgency urgency() {
    return urgency(posterior);
  }

  private Urgency urgency(double[] probabilities) {
    return IntStream.range(0, probabilities.length)
        .filter(c -> probabilities[c] > COUNTS_OVER)
        .mapToObj(c -> model.causes().get(c).urgency())
        .min(Comparator.naturalOrder())
        .orElseGet(() -> model.causes().get(indexOfFirst(probabilities)).urgency());
  }

  /** The tests not yet answered, the most worth doing first. */
  public List<NextTest> nextTests() {
    double[][] weights = logWeights(answers);
    return model.tests().stream()
        .filter(t -> !answers.containsKey(t.id()))
        .map(t -> new NextTest(t, expectedBits(t, weights)))
        .sorted(Comparator.comparingDouble(NextTest::bitsPerMinute).reversed())
        .toList();
  }

  /** The next test worth doing; empty when no answer could change what to do. */
  public Optional<NextTest> nextTest() {
    if (isSettled()) {
      return Optional.empty();
    }
    return nextTests().stream().findFirst().filter(n -> n.expectedBits() > LEAST_BITS);
  }

  /**
   * Whether to stop asking: no single answer that is to be expected would change the action of the
   * likeliest cause or the urgency of the whole.
   */
  public boolean isSettled() {
    String action = first().action();
    Urgency urgency = urgency();
    double[][] weights = logWeights(answers);
    return model.tests().stream()
        .filter(t -> !answers.containsKey(t.id()))
        .allMatch(t -> changesNothing(t, weights, action, urgency));
  }

  private boolean changesNothing(
      DiagnosisTest test, double[][] weights, String action, Urgency urgency) {
    for (int a = 0; a < test.answers().size(); a++) {
      double[] after = after(test, a, weights);
      if (predicted(test, a) > WORTH_CONSIDERING
          && (!model.causes().get(indexOfFirst(after)).action().equals(action)
              || urgency(after) != urgency)) {
        return false;
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

  private double expectedBits(DiagnosisTest test, double[][] weights) {
    double expected = 0;
    double whole = 0;
    for (int a = 0; a < test.answers().size(); a++) {
      double probability = predicted(test, a);
      expected += probability * entropy(after(test, a, weights));
      whole += probability;
    }
    return Math.max(0, entropy(posterior) - expected / whole);
  }

  /** The posterior with one answer more. */
  private double[] after(DiagnosisTest test, int answer, double[][] weights) {
    int t = model.indexOfTest(test.id());
    double[] finding = finding(t, answer);
    int group = groupIndex(test);
    double[] sum = new double[posterior.length];
    for (int g = 0; g < weights.length; g++) {
      double[] counts = weights[g];
      if (g == group && counts != null) {
        counts = spread(finding) > spread(counts) ? finding : counts;
      } else if (g == group) {
        counts = finding;
      }
      add(sum, counts);
    }
    if (group < 0) {
      add(sum, finding);
    }
    return normalised(sum);
  }

  private static void add(double[] sum, double[] more) {
    if (more != null) {
      for (int c = 0; c < sum.length; c++) {
        sum[c] += more[c];
      }
    }
  }

  /** Groups of tests by name, in the order of the tests; −1 for a test of no group. */
  private int groupIndex(DiagnosisTest test) {
    return test.group().isEmpty() ? -1 : groups().indexOf(test.group());
  }

  private List<String> groups() {
    return model.tests().stream()
        .map(DiagnosisTest::group)
        .filter(g -> !g.isEmpty())
        .distinct()
        .toList();
  }

  /**
   * Log-likelihoods of the findings that count: one row for each group, the strongest of it, null
   * where it has none; the last row sums those of no group.
   */
  private double[][] logWeights(Map<String, String> given) {
    int groups = groups().size();
    double[][] rows = new double[groups + 1][];
    rows[groups] = new double[model.causes().size()];
    given.forEach(
        (test, answer) -> {
          int t = model.indexOfTest(test);
          double[] finding = finding(t, model.tests().get(t).indexOf(answer));
          int group = groupIndex(model.tests().get(t));
          if (group < 0) {
            add(rows[groups], finding);
          } else if (rows[group] == null || spread(finding) > spread(rows[group])) {
            rows[group] = finding;
          }
        });
    return rows;
  }

  private double[] finding(int test, int answer) {
    return IntStream.range(0, model.causes().size())
        .mapToDouble(c -> Math.log(model.answers(test, c)[answer]))
        .toArray();
  }

  private static double spread(double[] finding) {
    double least = Double.MAX_VALUE;
    double most = -Double.MAX_VALUE;
    for (double value : finding) {
      least = Math.min(least, value);
      most = Math.max(most, value);
    }
    return most - least;
  }

  private double[] posterior(Map<String, String> given) {
    double[] sum = new double[model.causes().size()];
    for (double[] row : logWeights(given)) {
      add(sum, row);
    }
    return normalised(sum);
  }

  private double[] normalised(double[] logLikelihood) {
    double most = -Double.MAX_VALUE;
    double[] p = new double[logLikelihood.length];
    for (int c = 0; c < p.length; c++) {
      p[c] = logLikelihood[c] + Math.log(model.prior(c));
      most = Math.max(most, p[c]);
    }
    double sum = 0;
    for (int c = 0; c < p.length; c++) {
      p[c] = Math.exp(p[c] - most);
      sum += p[c];
    }
    for (int c = 0; c < p.length; c++) {
      p[c] /= sum;
    }
    return p;
  }

  private static int indexOfFirst(double[] probabilities) {
    int first = 0;
    for (int c = 1; c < probabilities.length; c++) {
      first = probabilities[c] > probabilities[first] ? c : first;
    }
    return first;
  }

  private static double entropy(double[] probabilities) {
    double bits = 0;
    for (double p : probabilities) {
      bits -= p > 0 ? p * Math.log(p) / Math.log(2) : 0;
    }
    return bits;
  }
}
