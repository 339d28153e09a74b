package unbo.core.evidence;

import java.util.function.IntFunction;
import java.util.function.IntToDoubleFunction;

/** Sums over probabilities that make one. */
public final class Distribution {

  private Distribution() {}

  /** Turns logarithms of shares into probabilities, in place. */
  public static double[] fromLogarithms(double[] p) {
    double most = -Double.MAX_VALUE;
    for (double log : p) {
      most = Math.max(most, log);
    }
    double sum = 0;
    for (int h = 0; h < p.length; h++) {
      p[h] = Math.exp(p[h] - most);
      sum += p[h];
    }
    for (int h = 0; h < p.length; h++) {
      p[h] /= sum;
    }
    return p;
  }

  /** Uncertainty in bits (Shannon's entropy). */
  public static double entropyBits(double[] probabilities) {
    double bits = 0;
    for (double p : probabilities) {
      bits -= p > 0 ? p * Math.log(p) / Math.log(2) : 0;
    }
    return bits;
  }

  /**
   * The expected fall of entropy by a question, in bits, worked out over all its answers.
   *
   * @param now the probabilities before it is answered
   * @param predicted how likely each answer is
   * @param after the probabilities once it is given
   */
  public static double expectedBits(
      double[] now, int answers, IntToDoubleFunction predicted, IntFunction<double[]> after) {
    double left = 0;
    double whole = 0;
    for (int a = 0; a < answers; a++) {
      double probability = predicted.applyAsDouble(a);
      left += probability * entropyBits(after.apply(a));
      whole += probability;
    }
    return Math.max(0, entropyBits(now) - left / whole);
  }

  /** The number of the likeliest; of equals the first. */
  public static int indexOfFirst(double[] probabilities) {
    int first = 0;
    for (int h = 1; h < probabilities.length; h++) {
      first = probabilities[h] > probabilities[first] ? h : first;
    }
    return first;
  }
}
