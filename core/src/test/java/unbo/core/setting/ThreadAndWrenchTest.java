package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import unbo.core.measure.Measured;

class ThreadAndWrenchTest {

  /** M45 × 1.5, clearance 0.03 to 0.36 mm: 0.02 to 0.21 mm along the axis. */
  @Test
  void aLockNutTakesTheThreadsPlay() {
    Measured play = ThreadPlay.axial(0.03, 0.36).result();
    assertThat(play.least()).isCloseTo(0.02, within(0.005));
    assertThat(play.most()).isCloseTo(0.21, within(0.005));
    assertThatThrownBy(() -> ThreadPlay.axial(0.3, 0.1))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** 100 Nm with 400 mm and 100 mm in line is 80 Nm; at a right angle nothing changes. */
  @Test
  void anExtensionInLineAsksForLess() {
    assertThat(ExtendedWrench.set(100, 400, 100, 0).result().value()).isCloseTo(80, within(1e-9));
    assertThat(ExtendedWrench.set(100, 400, 100, 90).result().value()).isCloseTo(100, within(1e-9));
    assertThatThrownBy(() -> ExtendedWrench.set(0, 400, 100, 0))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
