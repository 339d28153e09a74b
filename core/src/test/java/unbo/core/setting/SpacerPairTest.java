package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;
import unbo.core.setting.SpacerPair.Distribution;

/** A spacer tube between two ball bearings. */
class SpacerPairTest {

  private static final Material ALLOY = Material.withId("aluminium").orElseThrow();
  private static final BallThrust BALLS = new BallThrust(7.938, 8, 0.008, 1.04);
  private static final double TUBE_MM2 = Math.PI / 4 * (20 * 20 - 15.2 * 15.2);

  private static SpacerPair pair(double spacer, double clampN, double riseC, Double tolerance) {
    return SpacerPair.of(
        new SpacerPair.Question(
            55,
            spacer,
            BALLS,
            clampN,
            TUBE_MM2,
            ALLOY,
            Material.STEEL,
            riseC,
            OptionalDouble.of(900),
            tolerance == null ? OptionalDouble.empty() : OptionalDouble.of(tolerance),
            Distribution.UNIFORM));
  }

  /** 8.3 kN squeezes a 55 mm light alloy tube 20/15.2 by 0.049 mm. */
  @Test
  void theClampSqueezesTheSpacer() {
    assertThat(55 - pair(55, 8300, 0, null).clampedMm()).isCloseTo(0.0485, within(0.0005));
  }

  @Test
  void freeWithinTheAxialClearance() {
    double free = BALLS.axialClearanceMm();
    SpacerPair pair = pair(55 + free / 2, 0, 0, null);
    assertThat(pair.verdict()).isEqualTo("free");
    assertThat(pair.slackMm()).isCloseTo(free / 2, within(1e-9));
    assertThat(pair.preloadN()).isZero();
    assertThat(pair(55 + free - 0.004, 0, 0, null).verdict()).isEqualTo("just-free");
  }

  /** Beyond it the sum is taken by both; a long spacer at most with what the seats hold. */
  @Test
  void beyondItIsPreloadCappedByWhatHolds() {
    double free = BALLS.axialClearanceMm();
    SpacerPair slightly = pair(55 + free + 0.02, 0, 0, null);
    assertThat(slightly.preloadMm()).isCloseTo(0.02, within(1e-9));
    assertThat(slightly.preloadN()).isCloseTo(BALLS.thrustN(0.01), within(1e-6));
    SpacerPair long1 = pair(55 + free + 0.4, 0, 0, null);
    assertThat(long1.preloadN()).isEqualTo(900);
    assertThat(long1.capped()).isTrue();
    SpacerPair short1 = pair(55 - free - 0.4, 500, 0, null);
    assertThat(short1.preloadN()).isEqualTo(500);
  }

  /** A light alloy spacer in a steel hub grows by 11.5e-6·55·40 = 0.025 mm. */
  @Test
  void heatOfTwoMetalsCounts() {
    double cold = pair(55, 0, 0, null).offMm();
    assertThat(pair(55, 0, 40, null).offMm() - cold).isCloseTo(0.0253, within(0.0001));
  }

  /** The closed form against throwing dice. */
  @Test
  void theChanceAgreesWithDice() {
    double free = BALLS.axialClearanceMm();
    SpacerPair pair = pair(55 + free - 0.02, 0, 0, 0.05);
    Random random = new Random(7);
    int preloaded = 0;
    int throwsOf = 200_000;
    for (int i = 0; i < throwsOf; i++) {
      double off = pair.offMm() + 0.05 * (2 * random.nextDouble() - 1);
      preloaded += Math.abs(off) > free ? 1 : 0;
    }
    assertThat(pair.chance().orElseThrow()).isCloseTo((double) preloaded / throwsOf, within(0.005));
    assertThat(pair.chance().orElseThrow()).isCloseTo(0.3, within(1e-6));
  }

  @Test
  void whatIsNoPairIsRefused() {
    assertThatThrownBy(() -> pair(90, 0, 0, null)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> pair(55, 0, 0, -1.0)).isInstanceOf(IllegalArgumentException.class);
  }
}
