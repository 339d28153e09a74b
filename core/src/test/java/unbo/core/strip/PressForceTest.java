package unbo.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PressForceTest {

  @ParameterizedTest
  @CsvSource({
    "12 t, 117.68",
    "'10,5 tonnes', 102.97",
    "100 kN, 100",
    "20 ton, 177.93",
    "shop press 20t by the door, 196.13"
  })
  void aForceIsRead(String text, double kn) {
    assertThat(PressForce.kilonewtons(text).orElseThrow()).isCloseTo(kn, within(0.01));
  }

  /** A number without its unit may be anything. */
  @ParameterizedTest
  @ValueSource(strings = {"12", "", "0 t", "table press", "9000 kN", "8-32 mm"})
  void whatNamesNoForceIsNone(String text) {
    assertThat(PressForce.kilonewtons(text)).isEmpty();
  }
}
