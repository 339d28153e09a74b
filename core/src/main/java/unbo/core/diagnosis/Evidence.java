package unbo.core.diagnosis;

import java.util.Map;

/**
 * What answers weigh: the log-likelihoods of the findings that count, and the probabilities that
 * they come to (Bayes). Of the findings of one group the strongest counts, the one whose
 * likelihoods spread widest over the causes.
 */
final class Evidence {

  private final DiagnosisModel model;

  /** One row for each group, null where it has no finding; the last sums those of no group. */
  private final double[][] rows;

  Evidence(DiagnosisModel model, Map<String, String> answers) {
    this.model = model;
    this.rows = new double[model.groups() + 1][];
    rows[model.groups()] = new double[model.causes().size()];
    answers.forEach(this::take);
  }

  private void take(String test, String answer) {
    int t = model.indexOfTest(test);
    double[] finding = model.finding(t, model.tests().get(t).indexOf(answer));
    int group = model.group(t);
    if (group < 0) {
      add(rows[model.groups()], finding);
    } else if (rows[group] == null || spread(finding) > spread(rows[group])) {
      rows[group] = finding;
    }
  }

  /** The probability of each cause. */
  double[] posterior() {
    double[] sum = new double[model.causes().size()];
    for (double[] row : rows) {
      add(sum, row);
    }
    return normalised(sum);
  }

  /** The probability of each cause with one answer more. */
  double[] posteriorWith(DiagnosisTest test, int answer) {
    int t = model.indexOfTest(test.id());
    int group = model.group(t);
    double[] sum = new double[model.causes().size()];
    for (int g = 0; g < rows.length; g++) {
      if (g != group) {
        add(sum, rows[g]);
      }
    }
    boolean weaker =
        group >= 0 && rows[group] != null && model.spread(t, answer) <= spread(rows[group]);
    add(sum, weaker ? rows[group] : model.finding(t, answer));
    return normalised(sum);
  }

  private static void add(double[] sum, double[] more) {
    if (more != null) {
      for (int c = 0; c < sum.length; c++) {
        sum[c] += more[c];
      }
    }
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

  /** Uncertainty of a distribution, in bits. */
  static double entropyBits(double[] probabilities) {
    double bits = 0;
    for (double p : probabilities) {
      bits -= p > 0 ? p * Math.log(p) / Math.log(2) : 0;
    }
    return bits;
  }
}
