package unbo.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class WindowTest {

  private static final Window WINDOW = new Window(0.03, 0.13);

  /** Less uncertainty never turns a certain answer round. */
  @Property
  void aCertainAnswerStaysWhenTheUncertaintyShrinks(
      @ForAll @DoubleRange(min = -1, max = 1) double value,
      @ForAll @DoubleRange(min = 0, max = 0.5) double uncertainty) {
    Verdict rough = WINDOW.judge(new Measured(value, uncertainty));
    Verdict fine = WINDOW.judge(new Measured(value, uncertainty / 2));
    if (rough != Verdict.CANNOT_TELL) {
      assertThat(fine).isEqualTo(rough);
    }
  }

  @Property
  void anExactValueIsAlwaysTold(@ForAll @DoubleRange(min = -1, max = 1) double value) {
    Verdict verdict = WINDOW.judge(new Measured(value, 0));
    assertThat(verdict).isEqualTo(WINDOW.contains(value) ? Verdict.YES : Verdict.NO);
  }

  @Test
  void nonsenseIsNoMeasurement() {
    assertThatThrownBy(() -> new Measured(Double.NaN, 0))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Measured(1, -0.1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Measured(1, Double.NaN))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void instrumentsAreKnownByTheirWord() {
    assertThat(Instrument.withId("test-dial").orElseThrow().uncertaintyAt(5)).isEqualTo(0.002);
    assertThat(Instrument.withId("spring-scale").orElseThrow().uncertaintyAt(-50)).isEqualTo(1.0);
    assertThat(Instrument.withId("laser")).isEmpty();
    assertThat(Instrument.all()).extracting(Instrument::id).doesNotHaveDuplicates();
  }
}
