package unbo.app.proving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import unbo.app.web.Figures;
import unbo.app.working.Workings;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.TaperPair;
import unbo.core.measure.Verdict;
import unbo.core.verification.AccusingTest;
import unbo.core.working.Origin;

class TestFiguresTest {

  private static final Optional<TaperPair> PAIR =
      TaperPair.of(
          new Assembly(Arrangements.of("a1"), Map.of(), Map.of("hub.shoulder-distance", 34.0)));

  private static String words(AccusingTest test, double value, Double second) {
    return new TestFigures(
            test, "now", Origin.measured("by the test"), PAIR, new Workings("test"), new Figures())
        .shown(TestReading.of(value, second))
        .text();
  }

  /** Two hubs warm alike is nothing; one warmer or colder than its brother is a finding. */
  @Test
  void heatIsComparedByItsDistanceFromTheBrotherEitherWay() {
    assertThat(TestReading.of(63, 25.0).compared(AccusingTest.HUB_HEAT, null).value())
        .isEqualTo(38);
    assertThat(TestReading.of(25, 63.0).compared(AccusingTest.HUB_HEAT, null).value())
        .isEqualTo(38);
    assertThat(words(AccusingTest.HUB_HEAT, 25, 63.0)).endsWith("38 °C cooler");
  }

  @Test
  void dragIsATorqueSoThatAnotherRadiusCanBeCompared() {
    TestRecord record = new TestRecord(14, 290.0).repeated(28.0, 145.0, "J", Instant.EPOCH);
    assertThat(TestFigures.repeated(AccusingTest.DRAG, record).better())
        .contains(Verdict.CANNOT_TELL);
    assertThat(TestReading.of(14, 290.0).compared(AccusingTest.DRAG, null).value())
        .isCloseTo(4.06, within(1e-9));
  }

  /** a = 66.5 − 3.35 − 4.1 and 13.5°: E = 1.9·a/(580·tan α), about 0.8 mm. */
  @Test
  void rockSaysItsTiltAndTheEndPlayThatWouldGiveIt() {
    assertThat(PAIR.orElseThrow().effectiveCentresMm()).isCloseTo(58.9, within(0.4));
    assertThat(words(AccusingTest.ROCK, 1.9, 290.0))
        .startsWith("1.9 mm at 290 mm: 6.6 mrad, like 0.8 ± 0.27 mm end play");
  }

  @Test
  void aTestThatWasNotRepeatedHasNoVerdict() {
    assertThat(TestFigures.repeated(AccusingTest.ROCK, new TestRecord(1.9, 290.0)).isRepeated())
        .isFalse();
    TestRecord taken =
        new TestRecord(1.9, 290.0).repeated(0.4, 290.0, "J", Instant.EPOCH).notRepeated();
    assertThat(TestFigures.repeated(AccusingTest.ROCK, taken).better()).isEmpty();
    assertThat(taken.before().value()).isEqualTo(1.9);
  }

  @Test
  void endPlayIsOneNumber() {
    assertThat(words(AccusingTest.END_PLAY, 0.0633, null)).isEqualTo("0.063 mm");
  }
}
