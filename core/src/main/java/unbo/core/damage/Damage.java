package unbo.core.damage;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import unbo.core.evidence.Distribution;
import unbo.core.evidence.Finding;
import unbo.core.evidence.Leftover;
import unbo.core.evidence.Weighing;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * What the parts on the bench say: how likely each class is (Bayes over graded answers), a second
 * one that explains what the first leaves over, which of the two came first and why, what to
 * change, and whether anything may be used again. Answers count as independent given the class,
 * which overstates how sure it is; so it never claims more than {@value #MOST_SURE}.
 */
public final class Damage {

  static final double MOST_SURE = 0.95;

  /** A class over this share forbids reuse when it is scrap. */
  static final double COUNTS_OVER = 0.10;

  private static final int MOST_BESIDE = 2;

  private final DamageTables tables = DamageTables.standard();
  private final List<Finding> findings = new ArrayList<>();
  private final Weighing weighing;
  private final double[] shares;

  private Damage(Map<String, String> answers) {
    answers.forEach((question, answer) -> findings.add(finding(question, answer)));
    this.weighing = new Weighing(tables.likelihoods(), findings);
    this.shares = weighing.posterior();
  }

  /**
   * Weighs answers by question.
   *
   * @throws IllegalArgumentException for a question or answer that does not exist
   */
  public static Damage of(Map<String, String> answers) {
    return new Damage(answers);
  }

  private Finding finding(String question, String answer) {
    int q = tables.indexOfQuestion(question);
    int a = DamageTables.questions().get(q).indexOf(answer);
    if (a < 0) {
      throw new IllegalArgumentException("There is no answer " + answer + " to " + question);
    }
    return new Finding(q, a);
  }

  /**
   * A class with its share.
   *
   * @param probability 0 to {@value #MOST_SURE}
   * @param reasons what speaks for it, the strongest first
   */
  public record Ranked(DamageClass damage, double probability, List<String> reasons) {}

  /** All classes, the likeliest first. */
  public List<Ranked> ranked() {
    return IntStream.range(0, shares.length)
        .boxed()
        .sorted(Comparator.comparingDouble(c -> -shares[c]))
        .map(c -> new Ranked(classAt(c), Math.min(MOST_SURE, shares[c]), reasons(c)))
        .toList();
  }

  private static DamageClass classAt(int c) {
    return DamageTables.classes().get(c);
  }

  /** The answers that are likelier under a class than over all others together. */
  private List<String> reasons(int c) {
    return findings.stream()
        .filter(f -> gain(f, c) > 0)
        .sorted(Comparator.comparingDouble(f -> -gain(f, c)))
        .map(f -> words(f) + ": " + tables.reason(f.question(), c))
        .limit(3)
        .toList();
  }

  private double gain(Finding f, int c) {
    double all = 0;
    for (int h = 0; h < shares.length; h++) {
      all += tables.likelihoods().prior(h) * Math.exp(tables.likelihoods().logarithm(f, h));
    }
    return tables.likelihoods().logarithm(f, c) - Math.log(all);
  }

  private static String words(Finding f) {
    return DamageTables.questions().get(f.question()).answers().get(f.answer()).label();
  }

  /**
   * How a class came to its share: its odds before any answer, and by how much each answer that
   * counts made it likelier against all others together.
   */
  public Working share(DamageClass damage) {
    int c = tables.indexOfClass(damage.id());
    double[] others = new double[shares.length];
    for (int h = 0; h < others.length; h++) {
      others[h] = h == c ? 0 : tables.likelihoods().prior(h);
    }
    double prior = tables.likelihoods().prior(c);
    List<Input> inputs = new ArrayList<>();
    inputs.add(
        Input.exact(
            "p", "before any answer", 100 * prior, "%", Origin.table("shares of classes, ours")));
    for (Finding f : weighing.counting()) {
      inputs.add(
          Input.exact(
              "r" + inputs.size(), words(f), factor(f, c, others), "", Origin.entered("seen")));
    }
    return Working.of(
        Formula.of(
            "Share of " + damage.label(),
            "%",
            "P = o·r1·r2… / (1 + o·r1·r2…), o = p/(100 − p), 95 % at most",
            Damage::fromOdds,
            "Bayes’ rule; each answer is graded for each class in one table.",
            "Answers count as independent of each other given the class."),
        inputs);
  }

  /** By how much an answer speaks for a class against the others as they stand; they follow it. */
  private double factor(Finding f, int c, double[] others) {
    double sum = 0;
    double with = 0;
    for (int h = 0; h < others.length; h++) {
      double likelihood = Math.exp(tables.likelihoods().logarithm(f, h));
      sum += others[h];
      others[h] *= likelihood;
      with += others[h];
    }
    return Math.exp(tables.likelihoods().logarithm(f, c)) * sum / with;
  }

  private static double fromOdds(Values v) {
    double odds = v.get("p") / (100 - v.get("p"));
    for (int i = 1; v.has("r" + i); i++) {
      odds *= v.get("r" + i);
    }
    return Math.min(100 * MOST_SURE, 100 * odds / (1 + odds));
  }

  /** Whether anything was answered: of nothing, nothing is claimed. */
  public boolean isAnswered() {
    return !findings.isEmpty();
  }

  /** Second classes that explain what the likeliest leaves over. */
  public List<DamageClass> besides() {
    if (!isAnswered()) {
      return List.of();
    }
    return new Leftover(tables.likelihoods(), weighing)
        .best(c -> !classAt(c).id().equals("sound"), f -> false, MOST_BESIDE).stream()
            .map(s -> classAt(s.hypothesis()))
            .toList();
  }

  /**
   * What came first, in words: between the likeliest class and those beside it or with a clear sign
   * of their own among the answers, such as flakes along the lines of water. Empty where nothing is
   * known of an order.
   */
  public List<String> order() {
    List<String> order = new ArrayList<>();
    if (isAnswered()) {
      DamageClass first = classAt(Distribution.indexOfFirst(shares));
      List<DamageClass> besides = besides();
      for (DamageClass other : DamageTables.classes()) {
        boolean shown = besides.contains(other) || hasSign(other, first);
        if (!other.equals(first) && shown) {
          before(first, other).or(() -> before(other, first)).ifPresent(order::add);
        }
      }
    }
    return order;
  }

  private Optional<String> before(DamageClass first, DamageClass then) {
    return tables
        .before(first.id(), then.id())
        .map(why -> "First " + first.label() + ", then " + then.label() + ". " + why);
  }

  /** Whether an answer speaks clearly for a class, and more than for the likeliest. */
  private boolean hasSign(DamageClass damage, DamageClass first) {
    int c = tables.indexOfClass(damage.id());
    int f = tables.indexOfClass(first.id());
    return findings.stream().anyMatch(a -> gain(a, c) > SIGN && gain(a, c) > gain(a, f) + MORE);
  }

  /** What later stations are told, from the likeliest class and those beside it. */
  public List<DamageClass.Change> advice() {
    if (!isAnswered()) {
      return List.of();
    }
    List<DamageClass.Change> all = new ArrayList<>(ranked().get(0).damage().changes());
    besides().forEach(b -> all.addAll(b.changes()));
    return all.stream().distinct().toList();
  }

  /** Whether it may be inspected for reuse: no class that makes scrap counts. */
  public boolean mayBeInspected() {
    if (!isAnswered() || besides().stream().anyMatch(b -> !b.reusable())) {
      return false;
    }
    double scrap = 0;
    for (int c = 0; c < shares.length; c++) {
      scrap += classAt(c).reusable() ? 0 : shares[c];
    }
    return scrap <= COUNTS_OVER;
  }

  /** What else to look at on the vehicle. */
  public List<String> alsoLookAt() {
    if (!isAnswered()) {
      return List.of();
    }
    List<String> all = new ArrayList<>(List.of(ranked().get(0).damage().also()));
    besides().forEach(b -> all.add(b.also()));
    return all.stream().distinct().toList();
  }

  /** The question that tells most next; empty when all are answered or none tells enough. */
  public Optional<DamageQuestion> next() {
    List<Integer> answered = findings.stream().map(Finding::question).toList();
    return IntStream.range(0, DamageTables.questions().size())
        .filter(q -> !answered.contains(q))
        .boxed()
        .max(Comparator.comparingDouble(weighing::expectedBits))
        .filter(q -> weighing.expectedBits(q) > LEAST_BITS)
        .map(DamageTables.questions()::get);
  }

  private static final double LEAST_BITS = 0.03;

  /** An answer three times as likely under a class as over all is a sign of it (natural units). */
  private static final double SIGN = 1.1;

  private static final double MORE = 0.3;
}
