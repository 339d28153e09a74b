package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;

class CapTravelTest {

  /** M6 has 1 mm of pitch: half a turn is 0.5 mm ± 10/360; of 3 mm 2.5 are left. */
  @Test
  void halfATurnOfASixMillimetreBolt() {
    CapTravel cap = CapTravel.of(1, 180, new Measured(3, 0.05));
    assertThat(cap.travel().result().value()).isCloseTo(0.5, within(1e-12));
    assertThat(cap.travel().result().uncertainty()).isCloseTo(10 / 360.0, within(1e-9));
    assertThat(cap.left().result().value()).isCloseTo(2.5, within(1e-12));
    assertThat(cap.hasGap()).isEqualTo(Verdict.YES);
  }

  @Test
  void aGapThatIsUsedUpIsNone() {
    assertThat(CapTravel.of(1, 720, new Measured(1, 0.05)).hasGap()).isEqualTo(Verdict.NO);
    assertThat(CapTravel.of(1, 360, new Measured(1, 0.05)).hasGap()).isEqualTo(Verdict.CANNOT_TELL);
    assertThatThrownBy(() -> CapTravel.of(0, 90, new Measured(1, 0.05)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
