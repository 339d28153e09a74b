package unbo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The fit against traces that were made from known parts. */
class RunOutTest {

  private static List<Double> trace(int n, double sine, double highDeg, double twice) {
    List<Double> readings = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double angle = 2 * Math.PI * i / n;
      readings.add(
          0.2
              + sine * Math.cos(angle - Math.toRadians(highDeg))
              + twice * Math.cos(2 * (angle - 0.4)));
    }
    return readings;
  }

  @ParameterizedTest
  @ValueSource(ints = {8, 9, 12, 36, 72})
  void findsWhatWasPutIn(int n) {
    RunOut runOut = RunOut.of(trace(n, 0.06, 215, 0.015), Instrument.dial());
    assertThat(runOut.sineMm()).isCloseTo(0.06, within(1e-9));
    assertThat(runOut.highSpotDeg()).isCloseTo(215, within(1e-6));
    assertThat(runOut.twiceMm()).isCloseTo(0.015, within(1e-9));
    assertThat(runOut.remainderMm()).as("nothing is left over").isLessThan(1e-9);
    assertThat(runOut.fittedMm(215)).isCloseTo(0.26, within(1e-9));
    assertThat(runOut.look()).isEqualTo(RunOut.Look.SMOOTH);
  }

  /** Turning the mark by one reading turns the high spot by one step and changes nothing else. */
  @Test
  void theMarkIsOnlyAPlaceToCountFrom() {
    List<Double> readings = trace(12, 0.05, 100, 0.01);
    readings.set(7, readings.get(7) + 0.03);
    RunOut before = RunOut.of(readings, Instrument.dial());
    Collections.rotate(readings, 1);
    RunOut after = RunOut.of(readings, Instrument.dial());
    assertThat(after.highSpotDeg()).isCloseTo(before.highSpotDeg() + 30, within(1e-6));
    assertThat(after.sineMm()).isCloseTo(before.sineMm(), within(1e-12));
    assertThat(after.spikeDeg()).isCloseTo(before.spikeDeg() + 30, within(1e-9));
    assertThat(after.totalMm()).isEqualTo(before.totalMm());
  }

  /** A spike of 0.08 mm at 240° over a still flange: TIR is the spike, the sine nearly nothing. */
  @Test
  void aSpikeIsNoSwing() {
    List<Double> readings = new ArrayList<>(Collections.nCopies(12, 0.0));
    readings.set(8, 0.08);
    RunOut runOut = RunOut.of(readings, Instrument.dial());
    assertThat(runOut.totalMm()).isEqualTo(0.08);
    assertThat(runOut.sineMm()).isCloseTo(2 * 0.08 / 12, within(1e-12));
    assertThat(runOut.spikeDeg()).isEqualTo(240);
    assertThat(runOut.look()).isEqualTo(RunOut.Look.JUMPS);
  }

  /**
   * A fit of five constants through n readings takes 5/n of a lone spike into itself. The spike is
   * found again whole whatever n is, but eight readings see only one three times as high as the
   * dial's uncertainty, and twenty-four one little over twice.
   */
  @ParameterizedTest
  @ValueSource(ints = {8, 12, 24, 72})
  void aSpikeIsJudgedByWhatSoManyReadingsCanShow(int n) {
    List<Double> readings = new ArrayList<>(trace(n, 0.05, 30, 0.01));
    readings.set(n / 2, readings.get(n / 2) + 0.03);
    RunOut runOut = RunOut.of(readings, Instrument.dial());
    assertThat(runOut.remainderMm()).isCloseTo(0.03 * (1 - 5.0 / n), within(1e-12));
    assertThat(runOut.spike().value()).isCloseTo(0.03, within(1e-12));
    assertThat(runOut.look()).isEqualTo(RunOut.Look.JUMPS);
    double seen = runOut.leastSpikeMm();
    assertThat(seen).isCloseTo(0.01 / Math.sqrt(1 - 5.0 / n), within(1e-12));
    readings.set(n / 2, readings.get(n / 2) - 0.03 + seen * 0.99);
    assertThat(RunOut.of(readings, Instrument.dial()).look()).isEqualTo(RunOut.Look.SMOOTH);
    readings.set(n / 2, readings.get(n / 2) + seen * 0.02);
    assertThat(RunOut.of(readings, Instrument.dial()).look()).isEqualTo(RunOut.Look.JUMPS);
  }

  /** The dial's own noise is hardly ever taken for damage: twice its reading's uncertainty. */
  @Test
  void noiseIsNotDamage() {
    Random random = new Random(11);
    int jumps = 0;
    for (int i = 0; i < 400; i++) {
      List<Double> readings = trace(8, 0.04, 10 * i, 0);
      readings.replaceAll(v -> v + random.nextGaussian() * Instrument.dial().uncertainty() / 2);
      jumps += RunOut.of(readings, Instrument.dial()).look() == RunOut.Look.JUMPS ? 1 : 0;
    }
    assertThat(jumps).isLessThan(4);
    assertThat(RunOut.of(Collections.nCopies(8, 0.3), Instrument.dial()).look())
        .isEqualTo(RunOut.Look.STILL);
  }

  /** Uncertainty of a fitted amplitude falls with the root of the number of readings. */
  @Test
  void moreReadingsAreSurer() {
    double eight = RunOut.of(trace(8, 0.05, 0, 0), Instrument.dial()).sine().uncertainty();
    double many = RunOut.of(trace(72, 0.05, 0, 0), Instrument.dial()).sine().uncertainty();
    assertThat(eight / many).isCloseTo(3, within(1e-9));
    assertThat(eight).isCloseTo(0.0025, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, 1, 7, 73})
  void tooFewOrTooManyAreRefused(int n) {
    List<Double> readings = Collections.nCopies(n, 0.0);
    assertThatThrownBy(() -> RunOut.of(readings, Instrument.dial()))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("" + n);
  }
}
