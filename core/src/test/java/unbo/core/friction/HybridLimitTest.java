package unbo.core.friction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class HybridLimitTest {

  /**
   * By hand: 1/E is 2·0.91/208 = 8.750e-3 for steel on steel and 0.91/208 + 0.9324/310 = 7.383e-3
   * with ceramic; (7.383/8.750)² = 0.712.
   */
  @Test
  void aStifferBallLeavesSevenTenths() {
    var share = HybridLimit.share().result();
    assertThat(share.value()).isCloseTo(0.712, within(0.0005));
    assertThat(share.most()).isLessThan(1);
  }
}
