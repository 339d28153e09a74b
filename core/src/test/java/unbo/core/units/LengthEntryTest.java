package unbo.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.units.LengthEntry.Unit;

class LengthEntryTest {

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "0.31|0.31|MILLIMETRE",
        "0,08|0.08|MILLIMETRE",
        ".31 mm|0.31|MILLIMETRE",
        "3 thou|0.0762|THOU",
        "310 µm|0.31|MICROMETRE",
        "310um|0.31|MICROMETRE",
        "1 5/16|33.3375|INCH",
        "5/16\"|7.9375|INCH",
        "0.012 in|0.3048|INCH",
        "-0.02|-0.02|MILLIMETRE",
        "2.5cm|25|CENTIMETRE",
      })
  void readsWhatAMechanicWrites(String typed, double millimetres, Unit unit) {
    LengthEntry.Taken taken = LengthEntry.parse(typed, Unit.MILLIMETRE).value().orElseThrow();
    assertThat(taken.length().millimetres()).isCloseTo(millimetres, within(1e-9));
    assertThat(taken.unit()).isEqualTo(unit);
  }

  @ParameterizedTest
  @ValueSource(strings = {"abc", "0.3x", "1,250.0", "1/0", "--3", "mm", "1e3", "0.31 furlong", "."})
  void refusesWhatIsNoLengthAndSaysWhatWouldDo(String typed) {
    Entry<LengthEntry.Taken> entry = LengthEntry.parse(typed, Unit.MILLIMETRE);
    assertThat(entry.typed()).isEqualTo(typed);
    assertThat(entry.problem()).isPresent();
    assertThat(entry.problem().get().remedy()).isNotBlank();
  }

  @Test
  void tenThousandCharactersAreRefusedAndShownShort() {
    Problem problem =
        LengthEntry.parse("9".repeat(10_000), Unit.MILLIMETRE).problem().orElseThrow();
    assertThat(problem.found()).hasSizeLessThan(70).contains("10000 characters");
  }

  @Test
  void anEmptyFieldIsEmptyAndNoFault() {
    assertThat(LengthEntry.parse("  ", Unit.MILLIMETRE).isEmpty()).isTrue();
    assertThat(LengthEntry.parse(null, Unit.MILLIMETRE).isEmpty()).isTrue();
  }

  @Property
  void aNumberInEveryUnitComesBackAsItsOwnLength(
      @ForAll @DoubleRange(min = -900, max = 900) double value, @ForAll Unit unit) {
    String typed = String.format(java.util.Locale.ROOT, "%.4f %s", value, unit.symbol());
    double read =
        LengthEntry.parse(typed, Unit.MILLIMETRE).value().orElseThrow().length().millimetres();
    assertThat(read).isCloseTo(value * unit.millimetres(), within(0.00006 * unit.millimetres()));
  }
}
