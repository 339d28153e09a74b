package unbo.core.units;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DigitsTest {

  /** JCGM 100:2008, 7.2.6: two digits of the uncertainty, the value to the same place. */
  @ParameterizedTest
  @CsvSource({
    "0.31, 0.02534, 0.310 ± 0.025",
    "12.345, 1.26, 12.3 ± 1.3",
    "1234.5, 123, 1235 ± 123",
    "-0.0649, 0.0253, −0.065 ± 0.025",
    "-0.0001, 0.02, 0.000 ± 0.020",
    "0.9, 0, 0.9",
    "62, 0, 62",
    "0.1250, 0, 0.125",
    "1800, 0, 1800",
    "0, 0, 0"
  })
  void valuesAreAsFineAsTheirUncertainty(double value, double u, String text) {
    assertThat(Digits.both(value, u)).isEqualTo(text);
  }
}
