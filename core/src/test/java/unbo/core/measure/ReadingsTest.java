package unbo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class ReadingsTest {

  /** s = 0.010, t(2) = 4.3027, so 0.02484 from scatter and 0.005 from the dial. */
  @Test
  void threeReadingsWithADial() {
    Readings readings = Readings.of(List.of(0.31, 0.30, 0.32), Instrument.dial());
    assertThat(readings.result().value()).isCloseTo(0.310, within(1e-9));
    assertThat(readings.result().uncertainty()).isCloseTo(0.02534, within(1e-5));
    assertThat(readings.spread()).isCloseTo(0.02, within(1e-9));
  }

  @Test
  void oneReadingKnowsNothingOfItsRepeatability() {
    Readings one = Readings.of(List.of(0.31), Instrument.dial());
    assertThat(one.repeatabilityKnown()).isFalse();
    assertThat(one.result().uncertainty()).isEqualTo(0.005);
    assertThatThrownBy(() -> Readings.of(List.of(), Instrument.dial()))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aSpringScaleErrsByAShareOfItsReading() {
    Instrument scale = Instrument.withId("spring-scale").orElseThrow();
    assertThat(Readings.of(List.of(50.0), scale).result().uncertainty()).isCloseTo(1, within(1e-9));
  }

  @Property
  void uncertaintyIsNeverUnderTheInstrumentAndGrowsWithScatter(
      @ForAll @Size(min = 2, max = 8) List<@DoubleRange(min = 0, max = 2) Double> values,
      @ForAll @DoubleRange(min = 1.1, max = 5) double stretch) {
    Measured result = Readings.of(values, Instrument.dial()).result();
    List<Double> wider = values.stream().map(v -> v * stretch).toList();
    assertThat(result.uncertainty()).isGreaterThanOrEqualTo(0.005);
    assertThat(Readings.of(wider, Instrument.dial()).result().uncertainty())
        .isGreaterThanOrEqualTo(result.uncertainty() - 1e-12);
  }

  @Test
  void aWindowAnswersThreeWays() {
    Window window = new Window(0.03, 0.13);
    assertThat(window.judge(new Measured(0.060, 0.025))).isEqualTo(Verdict.YES);
    assertThat(window.judge(new Measured(0.050, 0.025))).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(window.judge(new Measured(0.185, 0.025))).isEqualTo(Verdict.NO);
    assertThat(window.judge(new Measured(0.155, 0.025))).isEqualTo(Verdict.CANNOT_TELL);
    assertThatThrownBy(() -> new Window(0.1, 0.1)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aDifferenceAddsUncertaintiesByRootSumSquare() {
    assertThat(new Measured(5, 3).minus(new Measured(1, 4))).isEqualTo(new Measured(4, 5));
  }
}
