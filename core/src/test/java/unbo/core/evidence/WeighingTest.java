package unbo.core.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The weighing against sums done by hand. */
class WeighingTest {

  private static Likelihoods likelihoods(double[] priors, double[][][] shares, String... groups) {
    return new Likelihoods(priors, shares, List.of(groups), new int[groups.length]);
  }

  /** Bayes' textbook case: 1 in 100 has it, nine of ten of those show it, 9 of 99 others do too. */
  @Test
  void aSignOfARareFaultIsMostlyAFalseOne() {
    Likelihoods rare =
        likelihoods(
            new double[] {1, 99}, new double[][][] {{{0.9, 0.1}, {9.0 / 99, 90.0 / 99}}}, "");
    double[] posterior = new Weighing(rare, List.of(new Finding(0, 0))).posterior();
    assertThat(posterior[0]).isCloseTo(0.9 / 9.9, within(1e-12));
    assertThat(Arrays.stream(posterior).sum()).isCloseTo(1, within(1e-12));
  }

  /** A fair coin that is one of two sure coins holds one bit, and one toss tells all of it. */
  @Test
  void aPerfectQuestionTellsTheWholeEntropy() {
    Likelihoods coins =
        likelihoods(
            new double[] {1, 1},
            new double[][][] {{{1 - 1e-12, 1e-12}, {1e-12, 1 - 1e-12}}, {{0.5, 0.5}, {0.5, 0.5}}},
            "",
            "");
    Weighing nothing = new Weighing(coins, List.of());
    assertThat(Distribution.entropyBits(nothing.posterior())).isCloseTo(1, within(1e-12));
    assertThat(nothing.expectedBits(0)).isCloseTo(1, within(1e-9));
    assertThat(nothing.expectedBits(1)).isCloseTo(0, within(1e-12));
    assertThat(nothing.predicted(new Finding(0, 1))).isCloseTo(0.5, within(1e-12));
  }

  private static final double[][][] TWICE = {
    {{0.8, 0.2}, {0.3, 0.7}}, {{0.9, 0.1}, {0.1, 0.9}}, {{0.6, 0.4}, {0.5, 0.5}}
  };

  /** Of a group one finding counts: the nearer, and of two as near the stronger. */
  @Test
  void whatSaysTheSameCountsOnce() {
    double[] even = {1, 1};
    Finding weak = new Finding(0, 0);
    Finding strong = new Finding(1, 1);
    Likelihoods alike = likelihoods(even, TWICE, "same", "same", "");
    Weighing both = new Weighing(alike, List.of(weak, strong));
    assertThat(both.counting()).containsExactly(strong);
    assertThat(both.overruled()).containsExactly(new Weighing.Overruled(weak, strong));
    assertThat(both.posterior()[0]).isCloseTo(0.1, within(1e-12));
    Likelihoods nearer =
        new Likelihoods(even, TWICE, List.of("same", "same", ""), new int[] {0, 3, 0});
    assertThat(new Weighing(nearer, List.of(weak, strong)).counting()).containsExactly(weak);
    Likelihoods apart = likelihoods(even, TWICE, "", "", "");
    assertThat(new Weighing(apart, List.of(weak, strong)).overruled()).isEmpty();
  }

  /** Ten seeded shuffles of findings, some grouped: the same shares, and one answer more agrees. */
  @Test
  void orderHasNoEffect() {
    Random random = new Random(7);
    double[][][] shares = new double[6][4][3];
    Arrays.stream(shares)
        .forEach(q -> Arrays.stream(q).forEach(a -> Arrays.setAll(a, i -> random.nextDouble())));
    Grades.normalise(shares);
    Likelihoods some =
        new Likelihoods(
            new double[] {4, 3, 2, 1},
            shares,
            List.of("", "g", "g", "h", "", "h"),
            new int[] {0, 1, 2, 1, 0, 1});
    List<Finding> findings = new ArrayList<>();
    for (int q = 0; q < 6; q++) {
      findings.add(new Finding(q, random.nextInt(3)));
    }
    double[] once = new Weighing(some, findings).posterior();
    for (int n = 0; n < 10; n++) {
      Collections.shuffle(findings, random);
      assertThat(new Weighing(some, findings).posterior()).containsExactly(once, within(1e-12));
      Weighing less = new Weighing(some, findings.subList(0, 5));
      assertThat(less.posteriorWith(findings.get(5))).containsExactly(once, within(1e-12));
    }
  }

  /**
   * Three faults, two signs: the first explains one sign well, the second the other. Gain of the
   * second: ln(0.9/0.05) = 2.89, less ln 3 for being a third as common as all: it is named. The
   * third explains neither.
   */
  @Test
  void whatTheFirstLeavesOverNamesASecond() {
    double[][][] shares = {
      {{0.95, 0.05}, {0.1, 0.9}, {0.1, 0.9}}, {{0.05, 0.95}, {0.9, 0.1}, {0.1, 0.9}}
    };
    Likelihoods three = likelihoods(new double[] {3, 1, 1}, shares, "", "");
    Weighing both = new Weighing(three, List.of(new Finding(0, 0), new Finding(1, 0)));
    Leftover leftover = new Leftover(three, both);
    List<Leftover.Second> seconds = leftover.best(h -> true, f -> false, 2);
    assertThat(seconds).hasSize(1);
    assertThat(seconds.get(0).hypothesis()).isEqualTo(1);
    assertThat(seconds.get(0).explains()).isEqualTo(new Finding(1, 0));
    assertThat(seconds.get(0).worth())
        .isCloseTo(Math.log(0.9 / 0.05) + Math.log(0.2), within(1e-9));
    assertThat(leftover.best(h -> h != 1, f -> false, 2)).isEmpty();
    Weighing one = new Weighing(three, List.of(new Finding(0, 0)));
    assertThat(new Leftover(three, one).best(h -> true, f -> false, 2)).isEmpty();
  }

  @Test
  void gradesAreFive() {
    assertThat(Grades.share(5)).isGreaterThan(Grades.share(4));
    assertThat(Grades.share(Grades.NEUTRAL)).isEqualTo(0.35);
    for (int grade : new int[] {0, 6}) {
      assertThatThrownBy(() -> Grades.share(grade)).hasMessageContaining("1 to 5");
    }
  }
}
