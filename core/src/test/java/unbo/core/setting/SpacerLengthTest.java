package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.measure.Verdict;

class SpacerLengthTest {

  private static Optional<SpacerLength> of(String id, Map<String, Double> sizes) {
    Arrangement arrangement = Arrangements.of(id);
    return SpacerLength.of(
        arrangement.adjustmentAt("spacer").orElseThrow(),
        new Assembly(arrangement, Map.of(), sizes));
  }

  /** Two sizes by caliper, each ± 0.03 mm: their difference is known to 0.042 mm. */
  @ParameterizedTest
  @CsvSource({
    "59.90, NO, Shorter",
    "59.95, NO, Shorter",
    "59.97, CANNOT_TELL, Equal",
    "60.03, CANNOT_TELL, Equal",
    "60.05, CANNOT_TELL, Longer"
  })
  void shortAndLongAreAnswers(double length, Verdict verdict, String word) {
    Map<String, Double> sizes = Map.of("spacer.length", length, "hub.shoulder-distance", 60.0);
    SpacerLength spacer = of("a4", sizes).orElseThrow();
    assertThat(spacer.verdict()).isEqualTo(verdict);
    assertThat(spacer.sentence()).startsWith(word);
    assertThat(spacer.working().result().uncertainty()).isCloseTo(0.0424, within(1e-4));
    assertThat(new Assembly(Arrangements.of("a4"), Map.of(), sizes).problems())
        .as("nothing is impossible about it")
        .isEmpty();
  }

  @Test
  void whatIsAssumedIsNotCompared() {
    assertThat(of("a4", Map.of("spacer.length", 60.0))).isEmpty();
    assertThat(of("a30", Map.of("spacer.length", 20.0, "body.between", 20.0))).isPresent();
  }

  /** Over a millimetre it is no spacer of this hub, or a slip of the finger. */
  @ParameterizedTest
  @CsvSource({"a4, hub.shoulder-distance", "a30, body.between"})
  void overAMillimetreItCannotBe(String id, String distance) {
    Arrangement arrangement = Arrangements.of(id);
    for (double off : new double[] {-1.1, 1.1}) {
      Assembly assembly =
          new Assembly(arrangement, Map.of(), Map.of("spacer.length", 30 + off, distance, 30.0));
      assertThat(assembly.problems()).as("%s %s", id, off).hasSize(1);
    }
    for (double off : new double[] {-0.9, 0.9}) {
      Assembly assembly =
          new Assembly(arrangement, Map.of(), Map.of("spacer.length", 30 + off, distance, 30.0));
      assertThat(assembly.problems()).as("%s %s", id, off).isEmpty();
    }
  }
}
