package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;

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

  /** The answers, by test. */
  public Map<String, String> answers() {
    return java.util.Collections.unmodifiableMap(answers);
  }

  /** Answers that accuse something: they are repeated when the work is done. */
  public List<Finding> accusing() {
    return findings(DiagnosisTest::accuses);
  }

  /**
   * Answers after which a pair is stripped and read before anything is set: play, grit and noise
   * are damage until somebody has looked.
   */
  public List<Finding> lookFirst() {
    return findings(DiagnosisTest::look);
  }

  private List<Finding> findings(Function<DiagnosisTest, Set<String>> which) {
    return answers.entrySet().stream()
        .map(e -> new Finding(model.test(e.getKey()).orElseThrow(), e.getValue()))
        .filter(f -> which.apply(f.test).contains(f.answer))
        .toList();
  }

  /** A test with the answer that was given. */
  public record Finding(DiagnosisTest test, String answer) {
    public String words() {
      return test.question() + " " + test.answer(answer).orElseThrow().label();
    }
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

  /**
   * The worst urgency that counts; with none that counts, the likeliest cause's. The same cause at
   * several wheels counts with the sum of its shares: which wheel is loose does not matter to it.
   */
  public Urgency urgency() {
    return urgency(posterior);
  }

  private Urgency urgency(double[] probabilities) {
    double[] shares = new double[probabilities.length];
    for (int c = 0; c < probabilities.length; c++) {
      shares[model.firstOfWhat(c)] += probabilities[c];
    }
    Urgency worst = null;
    for (int c = 0; c < probabilities.length; c++) {
      Urgency urgency = model.causes().get(c).urgency();
      boolean counts = shares[model.firstOfWhat(c)] > COUNTS_OVER;
      worst = counts && (worst == null || urgency.compareTo(worst) < 0) ? urgency : worst;
    }
    return worst != null ? worst : model.causes().get(indexOfFirst(probabilities)).urgency();
  }

  /** The likeliest cause among those that the urgency comes from. */
  public Cause urgentCause() {
    Urgency worst = urgency();
    return ranked().stream()
        .map(Ranked::cause)
        .filter(c -> c.urgency() == worst)
        .findFirst()
        .orElseGet(this::first);
  }

  /**
   * The two likely causes that a test parts best: the largest product of the root of both shares
   * and half the sum of differences of their answers.
   */
  public List<Cause> parted(DiagnosisTest test) {
    int t = model.indexOfTest(test.id());
    double best = 0;
    List<Cause> pair = List.of();
    for (int c = 0; c < posterior.length; c++) {
      for (int d = c + 1; d < posterior.length; d++) {
        double worth =
            Math.sqrt(posterior[c] * posterior[d])
                * distance(model.answers(t, c), model.answers(t, d));
        if (worth > best) {
          best = worth;
          boolean order = posterior[c] >= posterior[d];
          pair = List.of(model.causes().get(order ? c : d), model.causes().get(order ? d : c));
        }
      }
    }
    return pair;
  }

  private static double distance(double[] one, double[] other) {
    double sum = 0;
    for (int a = 0; a < one.length; a++) {
      sum += Math.abs(one[a] - other[a]) / 2;
    }
    return sum;
  }

  /** How likely all causes are together that forbid moving it. */
  public double stopShare() {
    double share = 0;
    for (int c = 0; c < posterior.length; c++) {
      share += model.causes().get(c).urgency() == Urgency.STOP ? posterior[c] : 0;
    }
    return share;
  }

  /** The tests not yet answered, the most worth doing first. */
  public List<NextTest> nextTests() {
    return nextTests(Circumstances.ANY);
  }

  /** The tests not yet answered that can be done, the most worth doing first. */
  public List<NextTest> nextTests(Circumstances circumstances) {
    double[][] weights = logWeights(answers);
    return open(circumstances)
        .map(t -> new NextTest(t, expectedBits(t, weights)))
        .sorted(Comparator.comparingDouble(NextTest::bitsPerMinute).reversed())
        .toList();
  }

  private Stream<DiagnosisTest> open(Circumstances circumstances) {
    boolean still = !answers.isEmpty() && urgency() == Urgency.STOP;
    return model.tests().stream()
        .filter(t -> !answers.containsKey(t.id()) && circumstances.allows(t))
        .filter(t -> !still || t.occasion() != Occasion.ROAD);
  }

  /** The next test worth doing; empty when no answer could change what to do. */
  public Optional<NextTest> nextTest() {
    return nextTest(Circumstances.ANY);
  }

  /**
   * The next test worth doing of those that can be done; empty when no answer to be expected could
   * change what to do. While what forbids moving it may count, a test that shows it comes first; a
   * vehicle that must not be moved is asked nothing on the road.
   */
  public Optional<NextTest> nextTest(Circumstances circumstances) {
    String decision = first().decision();
    Urgency urgency = urgency();
    double[][] weights = logWeights(answers);
    List<NextTest> worth =
        open(circumstances)
            .filter(t -> !changesNothing(t, weights, decision, urgency))
            .map(t -> new NextTest(t, expectedBits(t, weights)))
            .filter(n -> n.expectedBits() > LEAST_BITS)
            .sorted(Comparator.comparingDouble(NextTest::bitsPerMinute).reversed())
            .toList();
    boolean mayItRoll = !answers.isEmpty() && stopShare() > COUNTS_OVER;
    return worth.stream()
        .filter(n -> mayItRoll && n.test().critical())
        .findFirst()
        .or(() -> worth.stream().findFirst());
  }

  /** Whether to stop asking when everything can be done. */
  public boolean isSettled() {
    return isSettled(Circumstances.ANY);
  }

  /**
   * Whether to stop asking: no single answer that is to be expected of a test that can be done
   * would change the decision for the likeliest cause or the urgency of the whole.
   */
  public boolean isSettled(Circumstances circumstances) {
    String decision = first().decision();
    Urgency urgency = urgency();
    double[][] weights = logWeights(answers);
    return open(circumstances).allMatch(t -> changesNothing(t, weights, decision, urgency));
  }

  private boolean changesNothing(
      DiagnosisTest test, double[][] weights, String decision, Urgency urgency) {
    for (int a = 0; a < test.answers().size(); a++) {
      if (predicted(test, a) > WORTH_CONSIDERING) {
        double[] after = after(test, a, weights);
        if (!model.causes().get(indexOfFirst(after)).decision().equals(decision)
            || urgency(after) != urgency) {
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
    int group = model.group(t);
    double[] sum = new double[posterior.length];
    for (int g = 0; g < weights.length; g++) {
      if (g != group) {
        add(sum, weights[g]);
      }
    }
    double[] finding = model.finding(t, answer);
    boolean weaker =
        group >= 0 && weights[group] != null && model.spread(t, answer) <= spread(weights[group]);
    add(sum, weaker ? weights[group] : finding);
    return normalised(sum);
  }

  private static void add(double[] sum, double[] more) {
    if (more != null) {
      for (int c = 0; c < sum.length; c++) {
        sum[c] += more[c];
      }
    }
  }

  /**
   * Log-likelihoods of the findings that count: one row for each group, the strongest of it, null
   * where it has none; the last row sums those of no group.
   */
  private double[][] logWeights(Map<String, String> given) {
    double[][] rows = new double[model.groups() + 1][];
    rows[model.groups()] = new double[model.causes().size()];
    given.forEach(
        (test, answer) -> {
          int t = model.indexOfTest(test);
          double[] finding = model.finding(t, model.tests().get(t).indexOf(answer));
          int group = model.group(t);
          if (group < 0) {
            add(rows[model.groups()], finding);
          } else if (rows[group] == null || spread(finding) > spread(rows[group])) {
            rows[group] = finding;
          }
        });
    return rows;
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
