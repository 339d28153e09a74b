package unbo.core.crank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;

/** Crank mains, cold and warm. */
class CrankPinchTest {

  private static final Material ALLOY = Material.withId("aluminium").orElseThrow();
  private static final BallThrust MAIN = new BallThrust(10.3, 7, 0.010, 1.04);

  private static CrankPinch pinch(double shoulder, double crank, double rise) {
    return CrankPinch.of(
        new CrankPinch.Measured(shoulder, crank, 0.01, ALLOY, rise, rise), MAIN, 5);
  }

  /** 80 mm of light alloy on steel, both 70 K warmer: 0.064 mm. */
  @Test
  void aWarmCaseGrowsOverItsCrank() {
    CrankPinch pinch = pinch(80, 80, 70);
    assertThat(pinch.cold().result().value()).isCloseTo(0, within(1e-9));
    assertThat(pinch.warm().result().value()).isCloseTo(0.064, within(0.0005));
    assertThat(pinch.warmN()).as("still within the clearance").isZero();
    assertThat(pinch.coldSays()).isEqualTo("free");
  }

  /** 0.10 mm beyond the axial clearance: 0.05 each, about 0.73 kN. */
  @Test
  void beyondTheClearanceEachMainTakesHalf() {
    double free = MAIN.axialClearanceMm();
    CrankPinch pinch = pinch(80, 80 + free + 0.10, 0);
    assertThat(pinch.coldN()).isCloseTo(730, within(10.0));
    assertThat(pinch.coldSays()).isEqualTo("pinched");
    assertThat(pinch(80, 80 + free + 0.005, 0).coldSays()).isEqualTo("cannot tell");
  }

  @Test
  void aCrankThatIsTooWideIsEasedByHeat() {
    double free = MAIN.axialClearanceMm();
    CrankPinch pinch = pinch(80, 80 + free + 0.10, 70);
    assertThat(pinch.warmN()).isLessThan(pinch.coldN());
  }

  @Test
  void whatIsNoCrankIsRefused() {
    assertThatThrownBy(() -> pinch(80, 90, 0)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> pinch(0, 0.1, 0)).isInstanceOf(IllegalArgumentException.class);
  }
}
