package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Slack before an axle is clamped. */
class ClampSlackTest {

  /** 5 kN on a hollow steel axle 10/5 of 130 mm: 0.054 mm, 19° of a 1 mm pitch. */
  @Test
  void aQuickRelease() {
    ClampSlack slack = ClampSlack.of(ClampSlack.QUICK_RELEASE_N, 130, 10, 5, 1);
    assertThat(slack.travel().result().value()).isCloseTo(0.054, within(0.0006));
    assertThat(slack.turn().result().value()).isCloseTo(19.3, within(0.2));
    assertThat(slack.turn().result().uncertainty())
        .as("a third of doubt")
        .isCloseTo(5.8, within(0.2));
  }

  @Test
  void noClampNoSlack() {
    assertThat(ClampSlack.of(0, 130, 10, 5, 1).turn().result().value()).isZero();
    assertThat(ClampSlack.of(5000, 130, 10, 0, 1).travel().result().value())
        .as("a thicker section gives less")
        .isLessThan(ClampSlack.of(5000, 130, 10, 5, 1).travel().result().value());
  }

  @Test
  void whatIsNoAxleIsRefused() {
    assertThatThrownBy(() -> ClampSlack.of(5000, 130, 5, 10, 1))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> ClampSlack.of(5000, 130, 10, 5, 0))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
