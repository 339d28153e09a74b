package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class CarrierShimsTest {

  /** 0.66 to 0.70 for each millimetre at 20° and 65° to 75°: 0.10 mm more backlash takes 0.146. */
  @Test
  void theGearMovesForItsBacklash() {
    CarrierShims more = CarrierShims.of(0.10, 0.01, 0.20);
    assertThat(more.move().result().value()).isCloseTo(0.146, within(0.001));
    assertThat(more.move().steps().get(0).value()).isBetween(0.66, 0.70);
    assertThat(CarrierShims.of(0.25, 0.01, 0.15).move().result().value()).isNegative();
  }

  @Test
  void whatIsNoBacklashIsRefused() {
    assertThatThrownBy(() -> CarrierShims.of(-0.1, 0.01, 0.2))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> CarrierShims.of(0.1, 0.01, 0))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
