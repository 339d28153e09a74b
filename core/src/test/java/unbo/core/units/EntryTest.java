package unbo.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EntryTest {

  @Test
  void aCheckRefusesAValueAndKeepsTheText() {
    Entry<Integer> entry =
        Entry.taken("7", 7).check(v -> Optional.of(new Problem("7", "odd", "even")));
    assertThat(entry.isRefused()).isTrue();
    assertThat(entry.typed()).isEqualTo("7");
    assertThat(entry.value()).isEmpty();
    assertThat(Entry.taken("6", 6).check(v -> Optional.empty()).value()).contains(6);
  }

  @Test
  void emptyAndRefusedEntriesAreNotCheckedAgain() {
    assertThat(
            Entry.<Integer>empty("").check(v -> Optional.of(new Problem("", "x", "y"))).isEmpty())
        .isTrue();
    Entry<Integer> refused = Entry.refused("a", "first", "remedy");
    assertThat(
            refused
                .check(v -> Optional.of(new Problem("", "second", "")))
                .problem()
                .orElseThrow()
                .wrong())
        .isEqualTo("first");
    assertThat(refused.map(String::valueOf).isRefused()).isTrue();
  }

  @Test
  void aProblemShowsWhatWasReadOnOneShortLine() {
    Problem problem = new Problem("a\nb\u0000c\t d", "Wrong.", "Do this.");
    assertThat(problem.found()).isEqualTo("a b c d");
    assertThat(problem.sentence()).isEqualTo("“a b c d”: Wrong. Do this.");
    assertThat(new Problem("", "Missing.", "Enter it.").sentence()).isEqualTo("Missing. Enter it.");
  }

  @ParameterizedTest
  @CsvSource({"1 5/16,1.3125", "-1/2,-0.5", "3/4,0.75", "1-1/2,1.5", "+2,2", "7.,7", "0012,12"})
  void numbersAreReadAsAHandTypesThem(String typed, double value) {
    assertThat(NumberText.parse(typed).orElseThrow()).isCloseTo(value, within(1e-12));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "-", "1/0", "1 2", "1,2,3", "½", "0x10", "NaN", "1e9", "1234567890123"})
  void whatIsNoNumberIsNone(String typed) {
    assertThat(NumberText.parse(typed)).isEmpty();
  }

  @Property
  void commaAndPointAreTheSame(@ForAll @IntRange(min = 0, max = 99_999) int thousandths) {
    String point = thousandths / 1000 + "." + String.format("%03d", thousandths % 1000);
    assertThat(NumberText.parse(point.replace('.', ','))).isEqualTo(NumberText.parse(point));
    assertThat(NumberText.parse(point).orElseThrow()).isCloseTo(thousandths / 1000.0, within(1e-9));
  }

  @Test
  void lengthsAreFiniteAndKeptInMillimetres() {
    assertThat(Length.ofInches(1).millimetres()).isEqualTo(25.4);
    assertThat(Length.ofMillimetres(0.31).inMicrometres()).isCloseTo(310, within(1e-9));
    assertThat(Length.ofMillimetres(50.8).inInches()).isCloseTo(2, within(1e-12));
    assertThat(Length.ofMillimetres(1)).isLessThan(Length.ofMillimetres(2));
    assertThatThrownBy(() -> Length.ofMillimetres(Double.NaN))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
