package unbo.core.evidence;

import java.util.Arrays;

/**
 * How often an answer is given under a hypothesis, in five grades: 1 hardly ever, 3 neither often
 * nor seldom, 5 nearly always. They stand for 0.02, 0.1, 0.35, 0.7 and 0.93 before the answers of a
 * question are brought to a sum of one: our own scale, coarse because judgement is.
 */
public final class Grades {

  /** Says nothing either way. */
  public static final int NEUTRAL = 3;

  private static final double[] SHARES = {0.02, 0.1, 0.35, 0.7, 0.93};

  private Grades() {}

  /**
   * The share that a grade stands for.
   *
   * @throws IllegalArgumentException outside 1 to 5
   */
  public static double share(int grade) {
    if (grade < 1 || grade > SHARES.length) {
      throw new IllegalArgumentException("A grade is 1 to 5, not " + grade);
    }
    return SHARES[grade - 1];
  }

  /** Brings the answers of each question under each hypothesis to a sum of one, in place. */
  public static void normalise(double[][][] likelihood) {
    for (double[][] question : likelihood) {
      for (double[] answers : question) {
        double sum = Arrays.stream(answers).sum();
        Arrays.setAll(answers, a -> answers[a] / sum);
      }
    }
  }
}
