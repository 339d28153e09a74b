package unbo.core.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class WheelLoadTest {

  /** e 30, r 300 mm, 4 kN at half a g: −480 Nm outside, +720 Nm inside. */
  @Test
  void aWheelInABend() {
    assertThat(WheelLoad.of(4000, 0, 30, 300, 0.5, true).moment().result().value())
        .isCloseTo(-480, within(1e-9));
    assertThat(WheelLoad.of(4000, 0, 30, 300, 0.5, false).moment().result().value())
        .isCloseTo(720, within(1e-9));
  }

  /** A greater offset lengthens the arm; what moves across never lifts a wheel under nothing. */
  @Test
  void offsetAndTransfer() {
    double near = WheelLoad.of(4000, 0, 30, 300, 0, true).planeMm();
    double far = WheelLoad.of(4000, 0, 60, 300, 0, true).planeMm();
    assertThat(far).isCloseTo(60, within(1e-9)).isGreaterThan(near);
    assertThat(WheelLoad.of(4000, 5000, 30, 300, 0.5, false).radialN()).isZero();
    assertThat(WheelLoad.of(4000, 1000, 30, 300, 0.5, true).radialN()).isEqualTo(5000);
    assertThat(WheelLoad.of(4000, 0, 30, 300, 0.5, true).axialN()).isEqualTo(-2000);
  }

  @Test
  void whatIsNoWheelIsRefused() {
    assertThatThrownBy(() -> WheelLoad.of(0, 0, 30, 300, 0, true))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> WheelLoad.of(4000, 0, 30, 300, 2.1, true))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
