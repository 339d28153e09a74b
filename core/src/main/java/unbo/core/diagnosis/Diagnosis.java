package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import unbo.core.evidence.Distribution;

/**
 * What the answers so far come to. One cause or none of the table; probabilities sum to one, see
 * {@link Evidence}. What to ask next is chosen by {@link TestChoice}. Immutable; striking an answer
 * out is making one without it.
 */
public final class Diagnosis {

  /** A cause over this share counts for the urgency of the whole. */
  public static final double COUNTS_OVER = 0.10;

  private static final int MOST_BESIDE = 2;

  private final DiagnosisModel model;
  private final Map<String, String> answers;
  private final Findings findings;
  private final double[] posterior;
  private final List<Stop> stops;

  private Diagnosis(DiagnosisModel model, Map<String, String> answers) {
    this.model = model;
    this.answers = new LinkedHashMap<>(answers);
    this.findings = new Findings(model, answers);
    this.posterior = findings.posterior();
    this.stops = StopRules.of(model, answers);
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

  boolean isAnswered() {
    return !answers.isEmpty();
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

  /**
   * How likely a cause is, and how far each answer moved it.
   *
   * @param before its probability before any answer, 0 to 1
   * @param probability now, 0 to 1
   */
  public record Ranked(Cause cause, double before, double probability, List<Move> moves) {

    /** By what all answers together multiplied its odds (Bayes' rule): over 1 speaks for it. */
    public double factor() {
      return Math.exp(logOdds(probability) - logOdds(before));
    }
  }

  /** What an answer did to a cause: natural log-odds, by leaving the answer out. */
  public record Move(String test, String answer, double logOdds, String reason) {}

  /**
   * The next test worth doing.
   *
   * @param setupMinutes what it takes to get the vehicle there first, our own estimate
   */
  public record NextTest(DiagnosisTest test, double expectedBits, double setupMinutes) {
    public double bitsPerMinute() {
      return expectedBits / (test.minutes() + setupMinutes);
    }
  }

  /** All causes, the likeliest first. */
  public List<Ranked> ranked() {
    Map<String, double[]> without = new LinkedHashMap<>();
    for (String test : answers.keySet()) {
      Map<String, String> rest = new LinkedHashMap<>(answers);
      rest.remove(test);
      without.put(test, new Findings(model, rest).posterior());
    }
    return IntStream.range(0, posterior.length)
        .boxed()
        .sorted(Comparator.comparingDouble(c -> -posterior[c]))
        .map(
            c -> new Ranked(model.causes().get(c), model.prior(c), posterior[c], moves(c, without)))
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
    return model.causes().get(Distribution.indexOfFirst(posterior));
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
    return Distribution.entropyBits(posterior);
  }

  /** Findings that forbid moving it, whatever is likely; empty when there are none. */
  public List<Stop> stops() {
    return stops;
  }

  /** Second causes that explain what the likeliest one leaves over, the best first. */
  public List<Beside> besides() {
    if (!isAnswered() || first().isNoneOfThese()) {
      return List.of();
    }
    Set<DiagnosisTest> stopping =
        stops.stream()
            .flatMap(s -> s.findings().stream())
            .map(Finding::test)
            .collect(Collectors.toSet());
    return findings
        .leftover()
        .best(
            c -> !model.causes().get(c).isNoneOfThese(),
            f -> stopping.contains(model.tests().get(f.question())),
            MOST_BESIDE)
        .stream()
        .map(
            s ->
                new Beside(
                    model.causes().get(s.hypothesis()), model.tests().get(s.explains().question())))
        .toList();
  }

  /**
   * A second cause.
   *
   * @param explains the test whose finding speaks most for it
   */
  public record Beside(Cause cause, DiagnosisTest explains) {}

  /** Answers that do not count: one nearer the part says the same, or makes them say nothing. */
  public List<OverruledAnswer> overruled() {
    return findings.overruled();
  }

  /**
   * An answer that does not count.
   *
   * @param by the test whose answer makes it so
   * @param reason why, in words
   */
  public record OverruledAnswer(DiagnosisTest test, DiagnosisTest by, String reason) {}

  /**
   * The worst urgency that counts: a stop finding rules; else for each urgency the causes at or
   * above it are added, and the worst whose sum passes {@value #COUNTS_OVER} holds.
   */
  public Urgency urgency() {
    return stops.isEmpty() ? urgency(posterior) : Urgency.STOP;
  }

  Urgency urgency(double[] probabilities) {
    double sum = 0;
    for (Urgency urgency : Urgency.values()) {
      for (int c = 0; c < probabilities.length; c++) {
        sum += model.causes().get(c).urgency() == urgency ? probabilities[c] : 0;
      }
      if (sum > COUNTS_OVER) {
        return urgency;
      }
    }
    return Urgency.RECHECK;
  }

  /** Whether one answer more would be, or complete, the first stop finding. */
  boolean isStopWith(DiagnosisTest test, int answer) {
    if (!stops.isEmpty() || !StopRules.names(test.id())) {
      return false;
    }
    Map<String, String> more = new LinkedHashMap<>(answers);
    more.put(test.id(), test.answers().get(answer).id());
    return !StopRules.of(model, more).isEmpty();
  }

  /** What can happen if it is left: what the stop finding says, else the most urgent cause. */
  public String ifLeft() {
    return stops.isEmpty() ? urgentCause().ifLeft() : stops.get(0).ifLeft();
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
    return choice(circumstances).all();
  }

  private TestChoice choice(Circumstances circumstances) {
    return new TestChoice(model, this, findings, circumstances);
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
    return choice(circumstances).next();
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
    return choice(circumstances).isSettled();
  }
}
