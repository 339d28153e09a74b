package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class InchTextTest {

  /** 25.4 mm are an inch; a number keeps about the precision that it had. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "25.4 mm | 1.000 in",
        "play 0.310 → 0.060 ± 0.015 mm | play 0.0122 → 0.0024 ± 0.0006 in",
        "30 × 62 × 17.25 mm, cone 16 mm | 1.181 × 2.441 × 0.6791 in, cone 0.630 in",
        "0.03 to 0.13 mm | 0.0012 to 0.0051 in",
        "the sum is −0.065 mm | the sum is −0.0026 in",
        "30206 stands on it | 30206 stands on it",
        "M18×1.5, 40 mm²/s at 40 °C | M18×1.5, 40 mm²/s at 40 °C (104 °F)",
        "38 °C hotter than left hub (25 °C). | 38 °C (68 °F) hotter than left hub (25 °C (77 °F)).",
        "5 °C cooler | 5 °C (9 °F) cooler",
        "front left: 38.0 ± 2.1 °C hotter | front left: 38.0 ± 2.1 °C (68 °F) hotter",
        "difference within ± 2.1 °C | difference within ± 2.1 °C (4 °F)",
        "33 ± 28 °C per year | 33 ± 28 °C (59 °F) per year",
        "1.9 mm at 290 mm: 6.6 mrad | 0.075 in at 11.417 in: 6.6 mrad",
      })
  void lengthsBecomeInchesAndNothingElseDoes(String millimetres, String inches) {
    assertThat(InchText.of(millimetres)).isEqualTo(inches);
  }
}
