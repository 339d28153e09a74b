package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;

class BoughtHubTest {

  /** N7 at 52 mm is −39 to −9 µm (ISO 286-2). */
  @ParameterizedTest
  @CsvSource({"51.976, YES", "52.010, NO", "51.989, CANNOT_TELL", "51.940, NO"})
  void aSeatIsJudgedByItsZone(double mm, Verdict verdict) {
    assertThat(BoughtHub.seat(new Measured(mm, 0.005), 52, "N7").verdict()).isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({"7.8, 8.0, NO", "8.2, 8.0, YES", "8.01, 8.0, CANNOT_TELL"})
  void aFlangeIsComparedWithTheBrokenOne(double bought, double broken, Verdict verdict) {
    assertThat(BoughtHub.flange(new Measured(bought, 0.03), new Measured(broken, 0.03)).verdict())
        .isEqualTo(verdict);
  }

  @ParameterizedTest
  @CsvSource({
    "1.0, 2.0, NO, sharper",
    "2.0, 1.0, YES, rounder",
    "1.0, 1.0, CANNOT_TELL, As round",
    "1.5, 1.0, NO, would not reach its shoulder"
  })
  void aFilletMayBeTooSharpOrTooRound(double bought, double broken, Verdict verdict, String says) {
    OptionalDouble corner =
        says.contains("shoulder") ? OptionalDouble.of(1) : OptionalDouble.empty();
    BoughtHub.Line line = BoughtHub.fillet("front", bought, broken, corner);
    assertThat(line.verdict()).isEqualTo(verdict);
    assertThat(line.says()).contains(says);
  }

  /** Which of two is the stronger; within both gauges' doubt neither is. */
  @ParameterizedTest
  @CsvSource({
    "7.8, 8.2, 0.40 mm thinner: the other is stronger.",
    "8.4, 8.0, 0.40 mm thicker.",
    "8.01, 8.0, 'as thick, within the gauge’s doubt.'"
  })
  void anotherThatOneCouldBuyIsSetBesideIt(double mine, double theirs, String says) {
    assertThat(
            BoughtHub.flangeBeside(
                new Measured(mine, 0.03), new Measured(theirs, 0.03), "“the older make”"))
        .isEqualTo("Flange beside “the older make”: " + says);
    assertThat(BoughtHub.filletBeside("front", 1, 1.1, "the other")).contains("as round");
    assertThat(BoughtHub.filletBeside("front", 1, 1.5, "the other"))
        .isEqualTo("Fillet front beside the other: 0.50 mm sharper: the other is stronger.");
  }

  /** Nothing compared, or only equal to what broke, is not sound. */
  @Test
  void oneFaultIsEnough() {
    BoughtHub.Line good = new BoughtHub.Line("Seat", Verdict.YES, "");
    BoughtHub.Line bad = new BoughtHub.Line("Flange", Verdict.NO, "");
    assertThat(new BoughtHub(List.of(good, bad), List.of()).verdict()).isEqualTo(Verdict.NO);
    assertThat(new BoughtHub(List.of(good), List.of()).verdict()).isEqualTo(Verdict.YES);
    assertThat(new BoughtHub(List.of(), List.of("Flange beside the other: as thick.")).verdict())
        .isEqualTo(Verdict.CANNOT_TELL);
  }

  /** A depth gauge of 0.02 mm tells 0.2 mm off, not 0.09 against 0.1. */
  @Test
  void aRingWithoutAShoulderGoesBackWhereItStood() {
    Instrument gauge = Instrument.withId("depth-gauge").orElseThrow();
    assertThat(SeatDepth.of(5.2, 5.22, 0.1, gauge).judged().verdict()).isEqualTo(Verdict.YES);
    assertThat(SeatDepth.of(5.2, 5.42, 0.1, gauge).judged().verdict()).isEqualTo(Verdict.NO);
    SeatDepth near = SeatDepth.of(5.2, 5.29, 0.1, gauge);
    assertThat(near.judged().verdict()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(near.judged().sentences()).isNotEmpty();
  }
}
