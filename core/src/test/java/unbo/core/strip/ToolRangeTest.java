package unbo.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ranges of pullers as they are written on a shelf. */
class ToolRangeTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {"8-32 mm|8|32", "8 to 32|8|32", "collets 12,5 – 17|12.5|17", "10mm-30mm|10|30"})
  void aRangeIsRead(String text, double from, double to) {
    assertThat(ToolRange.in(text)).contains(new ToolRange(from, to));
    assertThat(ToolRange.problem(text)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"20 t", "two, one bent", "", "M12", "from the market"})
  void otherWordsAreOnlyWords(String text) {
    assertThat(ToolRange.in(text)).isEmpty();
    assertThat(ToolRange.problem(text)).isEmpty();
  }

  @Test
  void backwardsIsSaidSo() {
    assertThat(ToolRange.in("32-8 mm")).isEmpty();
    assertThat(ToolRange.problem("32-8 mm").orElseThrow().remedy()).contains("8 to 32 mm");
    assertThat(ToolRange.problem("20 to 20")).isPresent();
    assertThat(new ToolRange(8, 32).reaches(32)).isTrue();
    assertThat(new ToolRange(8, 32).reaches(35)).isFalse();
  }
}
