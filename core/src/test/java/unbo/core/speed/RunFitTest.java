package unbo.core.speed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RunFitTest {

  private static TestRun run(double rpm, String oil, double level, double rise) {
    return new TestRun(rpm, oil, level, 20, List.of(new TestRun.Sample(60, 20 + rise)));
  }

  /** Rise = 5 + 8 a thousand rpm + 2 a millimetre − 6 for the thin oil, without any noise. */
  private static double exact(double rpm, String oil, double level) {
    return 5 + 8 * rpm / 1000 + 2 * level - (oil.equals("thin") ? 6 : 0);
  }

  private static List<TestRun> plan(double noise, long seed) {
    Random random = new Random(seed);
    List<TestRun> runs = new ArrayList<>();
    for (double rpm : new double[] {1000, 2000, 3000}) {
      for (double level : new double[] {2, 5}) {
        for (String oil : List.of("thick", "thin")) {
          double rise = exact(rpm, oil, level) + noise * random.nextGaussian();
          runs.add(run(rpm, oil, level, rise));
        }
      }
    }
    return runs;
  }

  /** Law: what was put in comes out. */
  @Test
  void whatWasPutInComesOut() {
    RunFit fit = RunFit.of(plan(0, 1));
    assertThat(fit.refused()).isEmpty();
    assertThat(fit.coefficients())
        .extracting(RunFit.Coefficient::title)
        .containsExactly("1000 rpm more", "1 mm more oil", "“thin” for “thick”");
    assertThat(fit.coefficients().get(0).effect().result().value()).isCloseTo(8, within(1e-6));
    assertThat(fit.coefficients().get(1).effect().result().value()).isCloseTo(2, within(1e-6));
    assertThat(fit.coefficients().get(2).effect().result().value()).isCloseTo(-6, within(1e-6));
  }

  /** Law: of many noisy plans the band holds the truth in about 95 %. Seeds 1 to 400. */
  @Test
  void theBandHoldsTheTruthAsOftenAsItSays() {
    int held = 0;
    for (long seed = 1; seed <= 400; seed++) {
      var level = RunFit.of(plan(1.5, seed)).coefficients().get(1).effect().result();
      held += level.least() <= 2 && level.most() >= 2 ? 1 : 0;
    }
    assertThat(held).isBetween(366, 394);
  }

  /**
   * Worked by hand: speeds 1 to 8 thousand, rises 3, 5, 6, 8, 11, 11, 14, 16. Mean 4.5 and 9.25,
   * Sxy = 77, Sxx = 42: slope 1.8333, residual sum 2.3333, s = 0.6236, s(b) = 0.09623, t(6) =
   * 2.447.
   */
  @Test
  void aSlopeWorkedByHand() {
    double[] rises = {3, 5, 6, 8, 11, 11, 14, 16};
    List<TestRun> runs = new ArrayList<>();
    for (int i = 0; i < rises.length; i++) {
      runs.add(run(1000 * (i + 1), "thick", 3, rises[i]));
    }
    RunFit fit = RunFit.of(runs);
    assertThat(fit.coefficients()).hasSize(1);
    assertThat(fit.coefficients().get(0).effect().result().value()).isCloseTo(1.8333, within(1e-4));
    assertThat(fit.coefficients().get(0).effect().result().uncertainty())
        .isCloseTo(2.447 * 0.09623, within(1e-3));
    assertThat(fit.residualC()).isCloseTo(0.6236, within(1e-4));
    assertThat(fit.coefficients().get(0).isTold()).isTrue();
    assertThat(fit.says()).anyMatch(s -> s.contains("level was the same"));
  }

  /** Three coefficients and the level nothing: eight are refused, nine are taken. */
  @ParameterizedTest
  @ValueSource(ints = {3, 6, 8})
  void fewRunsAreRefused(int count) {
    RunFit fit = RunFit.of(plan(1, 3).subList(0, count));
    assertThat(fit.coefficients()).isEmpty();
    assertThat(fit.refused()).contains("wanted to tell", " more.");
  }

  @Test
  void enoughIsFiveMoreThanCoefficients() {
    assertThat(RunFit.of(plan(1, 3).subList(0, 9)).refused()).isEmpty();
  }

  @Test
  void whatChangedTogetherIsRefused() {
    List<TestRun> runs = new ArrayList<>();
    for (int i = 1; i <= 10; i++) {
      runs.add(run(500 * i, "thick", i, 3 * i));
    }
    assertThat(RunFit.of(runs).refused()).contains("always changed together");
  }

  @Test
  void whatIsStillWarmingIsLeftOut() {
    List<TestRun> runs = new ArrayList<>(plan(0, 1));
    runs.add(
        new TestRun(
            3000, "thick", 5, 20, List.of(new TestRun.Sample(5, 25), new TestRun.Sample(10, 31))));
    RunFit fit = RunFit.of(runs);
    assertThat(fit.runs()).isEqualTo(12);
    assertThat(fit.says()).anyMatch(s -> s.startsWith("1 run was still warming"));
  }

  @Test
  void nothingChangedIsNothingTold() {
    assertThat(RunFit.of(List.of(run(1000, "a", 1, 4), run(1000, "a", 1, 5))).refused())
        .startsWith("Nothing was changed");
    assertThatThrownBy(() -> new TestRun(0, "a", 1, 20, List.of()))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
