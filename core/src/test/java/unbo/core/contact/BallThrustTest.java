package unbo.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Thrust by a rising angle. */
class BallThrustTest {

  private static final BallThrust MAIN = new BallThrust(10.3, 7, 0.010, 1.04);

  /** Two crank mains 0.10 mm too near: 0.05 each comes to about 0.73 kN. */
  @Test
  void aPinchedCrankMain() {
    assertThat(MAIN.thrustN(0.05)).isCloseTo(730, within(10.0));
  }

  /** With the angle held fixed it would be a third of that. */
  @Test
  void aFixedAngleIsWrongBySeveral() {
    double angle = MAIN.freeAngle();
    double fixed = 7 * MAIN.ballN(0.05 * Math.sin(angle)) * Math.sin(angle);
    assertThat(fixed).isCloseTo(260, within(8.0));
    assertThat(MAIN.thrustN(0.05) / fixed).isGreaterThan(2.5);
  }

  @Test
  void axialClearanceFromRadial() {
    // G_a = 2A·sin α₀ with A = 0.412 and cos α₀ = 1 − 0.01/0.824
    assertThat(MAIN.axialClearanceMm()).isCloseTo(0.1280, within(0.0002));
    assertThat(new BallThrust(8, 9, 0, 1.04).axialClearanceMm()).isZero();
  }

  @Property(tries = 200)
  void thrustAndAngleRiseWithTheDisplacement(
      @ForAll @DoubleRange(min = 0, max = 0.2) double s,
      @ForAll @DoubleRange(min = 0.01, max = 0.05) double more) {
    assertThat(MAIN.thrustN(s + more)).isGreaterThan(MAIN.thrustN(s));
    assertThat(MAIN.angle(s + more)).isGreaterThan(MAIN.angle(s));
    assertThat(MAIN.thrustN(-s)).isZero();
  }

  @Test
  void whatIsNoBearingIsRefused() {
    for (double clearance : new double[] {-0.01, 0.5, Double.NaN}) {
      assertThatThrownBy(() -> new BallThrust(10, 8, clearance, 1.04))
          .isInstanceOf(IllegalArgumentException.class);
    }
    assertThatThrownBy(() -> new BallThrust(10, 0, 0.01, 1.04))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
