package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class WarmCaseTest {

  /** 62 mm in aluminium, 20 µm tight: 10.5·10⁻⁶·62 is 0.65 µm a degree, gone 31 °C above room. */
  @Test
  void aLightAlloyCaseLetsGo() {
    WarmCase warm = new WarmCase(20, new Spread(0, 20, 40, 5), 10.5e-6 * 62 * 1000);
    assertThat(warm.letsGoC()).isCloseTo(20 + 20 / 0.651, within(0.01));
    assertThat(warm.earliestC()).isCloseTo(20 + 10 / 0.651, within(0.01));
    assertThat(warm.likelyUm(20)).isEqualTo(20);
    assertThat(warm.likelyUm(warm.letsGoC())).isCloseTo(0, within(1e-9));
  }

  @Property
  void itLetsGoNoEarlierThanItsBand(
      @ForAll @DoubleRange(min = -60, max = 60) double likely,
      @ForAll @DoubleRange(min = 0, max = 20) double sigma,
      @ForAll @DoubleRange(min = 0.1, max = 3) double perC) {
    WarmCase warm = new WarmCase(20, new Spread(likely, likely, likely, sigma), perC);
    assertThat(warm.earliestC()).isBetween(20.0, warm.letsGoC());
    assertThat(warm.likelyUm(60)).isLessThan(warm.likelyUm(20));
  }
}
