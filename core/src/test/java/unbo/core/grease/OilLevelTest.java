package unbo.core.grease;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class OilLevelTest {

  /** 6205: 39.04 mm, balls of 7.938 mm: 19.52 mm under the shaft slow, 20.84 mm fast. */
  @Test
  void theLowestElementDips() {
    assertThat(OilLevel.below(39.04, 7.938, 1000).result().value()).isCloseTo(19.52, within(0.01));
    assertThat(OilLevel.below(39.04, 7.938, 10_000).result().value())
        .isCloseTo(20.84, within(0.01));
    assertThatThrownBy(() -> OilLevel.below(5, 8, 0)).isInstanceOf(IllegalArgumentException.class);
  }

  /** Faster never asks for more oil, and the element always dips. */
  @Property(tries = 200)
  void fasterIsNeverHigher(
      @ForAll @DoubleRange(min = 20, max = 200) double mean,
      @ForAll @DoubleRange(min = 0, max = 20_000) double rpm) {
    double element = mean / 6;
    double slow = OilLevel.below(mean, element, 0).result().value();
    double now = OilLevel.below(mean, element, rpm).result().value();
    assertThat(now).isGreaterThanOrEqualTo(slow).isLessThan((mean + element) / 2);
  }
}
