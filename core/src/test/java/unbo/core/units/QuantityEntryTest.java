package unbo.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuantityEntryTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "FORCE|6|6",
        "FORCE|1 kg|9.80665",
        "FORCE|1,5 lbf|6.6723",
        "TORQUE|10 lbf·ft|13.5582",
        "TORQUE|100 ft-lb|135.5818",
        "TORQUE|35 ft lbs|47.4536",
        "TORQUE|120 in-lb|13.5582",
        "TORQUE|5 mkg|49.0333",
        "TORQUE|250 kg·cm|24.5166",
        "TORQUE|1.2 N·m|1.2",
        "TEMPERATURE|212 °F|100",
        "TEMPERATURE|41|41",
        "DISTANCE|300 mi|482.8032",
        "COUNT|6|6"
      })
  void readsNumberAndUnit(QuantityEntry kind, String typed, double value) {
    assertThat(kind.parse(typed).value().orElseThrow()).isCloseTo(value, within(1e-3));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"FORCE|six", "COUNT|6.5", "TEMPERATURE|41 mm", "DISTANCE|km", "TORQUE|3 N 4"})
  void refusesTheRest(QuantityEntry kind, String typed) {
    assertThat(kind.parse(typed).isRefused()).isTrue();
  }
}
