package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.diagnosis.Diagnosis.OverruledAnswer;

/**
 * What answers weigh: the log-likelihoods of the findings that count, and the probabilities that
 * they come to (Bayes). Of the findings of one group the one nearest the part counts; of two as
 * near the stronger, whose likelihoods spread wider over the causes. The order of answering has no
 * effect.
 */
final class Evidence {

  /** A finding, by the numbers of its test and answer. */
  private record Found(int test, int answer) {}

  private final DiagnosisModel model;
  private final Map<String, String> answers;

  /** The finding that counts of each group, null where it has none. */
  private final Found[] ruling;

  private final List<Found> all = new ArrayList<>();
  private final List<Found> single = new ArrayList<>();
  private final List<OverruledAnswer> voided = new ArrayList<>();

  /** Logarithms of prior times likelihood of all that counts, over the causes. */
  private final double[] base;

  Evidence(DiagnosisModel model, Map<String, String> answers) {
    this.model = model;
    this.answers = answers;
    this.ruling = new Found[model.groups()];
    answers.forEach(
        (test, answer) -> {
          int t = model.indexOfTest(test);
          Optional<VoidRules.Rule> over = VoidRules.over(model, test, answers);
          if (over.isPresent()) {
            voided.add(voided(t, over.get()));
          } else {
            take(new Found(t, model.tests().get(t).indexOf(answer)));
          }
        });
    this.base = new double[model.causes().size()];
    for (int c = 0; c < base.length; c++) {
      base[c] = Math.log(model.prior(c));
    }
    found().forEach(f -> add(base, f, 1));
  }

  private OverruledAnswer voided(int test, VoidRules.Rule rule) {
    DiagnosisTest by = model.test(rule.finding().test()).orElseThrow();
    return new OverruledAnswer(model.tests().get(test), by, rule.reason());
  }

  private void take(Found found) {
    all.add(found);
    int group = model.group(found.test);
    if (group < 0) {
      single.add(found);
    } else if (ruling[group] == null || rules(found, ruling[group])) {
      ruling[group] = found;
    }
  }

  private boolean rules(Found one, Found other) {
    Occasion mine = model.tests().get(one.test).occasion();
    Occasion others = model.tests().get(other.test).occasion();
    if (mine != others) {
      return mine.isNearerThan(others);
    }
    int stronger = Double.compare(spread(one), spread(other));
    return stronger == 0 ? one.test < other.test : stronger > 0;
  }

  private double spread(Found found) {
    return model.spread(found.test, found.answer);
  }

  /** Tests whose findings do not count, each with the one that makes it so. */
  List<OverruledAnswer> overruled() {
    List<OverruledAnswer> overruled = new ArrayList<>(voided);
    for (Found found : all) {
      int group = model.group(found.test);
      if (group >= 0 && ruling[group] != found) {
        DiagnosisTest test = model.tests().get(found.test);
        DiagnosisTest by = model.tests().get(ruling[group].test);
        overruled.add(new OverruledAnswer(test, by, reason(test, by)));
      }
    }
    return overruled;
  }

  private static String reason(DiagnosisTest test, DiagnosisTest by) {
    return test.occasion() == by.occasion()
        ? "Says the same as a stronger finding; counted once."
        : "Says the same as what was found " + by.occasion().title() + ", nearer the part.";
  }

  /** The log-likelihoods of each finding that counts, with its test, over the causes. */
  List<double[]> counting() {
    return found().stream().map(f -> model.finding(f.test, f.answer)).toList();
  }

  /** The tests of {@link #counting()}, in the same order. */
  List<DiagnosisTest> countingTests() {
    return found().stream().map(f -> model.tests().get(f.test)).toList();
  }

  private List<Found> found() {
    List<Found> counts = new ArrayList<>(single);
    for (Found found : ruling) {
      Optional.ofNullable(found).ifPresent(counts::add);
    }
    return counts;
  }

  /** The probability of each cause. */
  double[] posterior() {
    return normalised(base.clone());
  }

  /** The probability of each cause with one answer more. */
  double[] posteriorWith(DiagnosisTest test, int answer) {
    if (VoidRules.touches(model, test.id(), answers)) {
      Map<String, String> more = new LinkedHashMap<>(answers);
      more.put(test.id(), test.answers().get(answer).id());
      return new Evidence(model, more).posterior();
    }
    Found more = new Found(model.indexOfTest(test.id()), answer);
    int group = model.group(more.test);
    double[] sum = base.clone();
    if (group >= 0 && ruling[group] != null) {
      if (!rules(more, ruling[group])) {
        return normalised(sum);
      }
      add(sum, ruling[group], -1);
    }
    add(sum, more, 1);
    return normalised(sum);
  }

  private void add(double[] sum, Found found, int sign) {
    double[] more = model.finding(found.test, found.answer);
    for (int c = 0; c < sum.length; c++) {
      sum[c] += sign * more[c];
    }
  }

  /** Turns logarithms of prior times likelihood into probabilities, in place. */
  private static double[] normalised(double[] p) {
    double most = -Double.MAX_VALUE;
    for (double log : p) {
      most = Math.max(most, log);
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

  /** Uncertainty of a distribution, in bits. */
  static double entropyBits(double[] probabilities) {
    double bits = 0;
    for (double p : probabilities) {
      bits -= p > 0 ? p * Math.log(p) / Math.log(2) : 0;
    }
    return bits;
  }
}
