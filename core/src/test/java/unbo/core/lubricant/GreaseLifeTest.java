package unbo.core.lubricant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GreaseLifeTest {

  private static double hours(double ndm, double celsius, int hardships) {
    return GreaseLife.hours(ndm, celsius, hardships).orElseThrow().result().value();
  }

  /** 30,000 h at the base; a half for each 100,000, each 15 °C, each hardship. */
  @ParameterizedTest
  @CsvSource({
    "100000, 70, 0, 30000",
    "200000, 70, 0, 15000",
    "100000, 85, 0, 15000",
    "100000, 70, 1, 15000",
    "300000, 100, 2, 468.75",
    "20000, 20, 0, 30000"
  })
  void theRule(double ndm, double celsius, int hardships, double expected) {
    assertThat(hours(ndm, celsius, hardships)).isCloseTo(expected, within(0.01));
  }

  @Test
  void outsideTheRuleThereIsNoNumber() {
    assertThat(GreaseLife.hours(500_001, 70, 0)).isEmpty();
    assertThat(GreaseLife.hours(100_000, 121, 0)).isEmpty();
    assertThat(GreaseLife.hours(0, 70, 0)).isEmpty();
    assertThat(GreaseLife.hours(100_000, 70, 4)).isEmpty();
  }

  @Property
  void hotterAndFasterNeverLastLonger(
      @ForAll @DoubleRange(min = 1000, max = 490_000) double ndm,
      @ForAll @DoubleRange(min = -20, max = 115) double celsius) {
    assertThat(hours(ndm + 10_000, celsius, 0)).isLessThanOrEqualTo(hours(ndm, celsius, 0));
    assertThat(hours(ndm, celsius + 5, 0)).isLessThanOrEqualTo(hours(ndm, celsius, 0));
  }
}
