package unbo.core.speed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** Cage, spin and pull. */
class ElementSpeedsTest {

  private static ElementSpeeds of(double dm, double dw, double angle, double rpm, boolean inner) {
    return ElementSpeeds.of(dm, dw, OptionalDouble.empty(), 7.85, angle, rpm, inner);
  }

  /** dₘ 75 at 5200 rpm: balls of 6 and 12 mm differ by about two. */
  @Test
  void aThinSectionSpinsItsSmallBallsFaster() {
    double small = of(75, 6, 0, 5200, true).elementRpm();
    double large = of(75, 12, 0, 5200, true).elementRpm();
    assertThat(small).isCloseTo(2600 * (75.0 / 6 - 6.0 / 75), within(1e-6));
    assertThat(small / large).isBetween(1.95, 2.1);
  }

  /** 9 balls of 7.938 on 38.5 at 1000 rpm: γ 0.2062, cage 396.9 rpm; one ball of 2.05 g. */
  @Test
  void aCommonBearing() {
    ElementSpeeds s = of(38.5, 7.938, 0, 1000, true);
    assertThat(s.cageRpm()).isCloseTo(396.9, within(0.1));
    assertThat(s.ndm()).isCloseTo(38500, within(1e-6));
    assertThat(s.centrifugalN()).isCloseTo(0.0682, within(0.0003));
  }

  /** The two rings turning together carry the cage once round with them. */
  @Property(tries = 200)
  void innerAndOuterTurningMakeOneWholeTurn(
      @ForAll @DoubleRange(min = 20, max = 200) double dm,
      @ForAll @DoubleRange(min = 0.05, max = 0.4) double share,
      @ForAll @DoubleRange(min = 0, max = 60) double angle,
      @ForAll @DoubleRange(min = 0, max = 9000) double rpm) {
    ElementSpeeds inner = of(dm, share * dm, angle, rpm, true);
    ElementSpeeds outer = of(dm, share * dm, angle, rpm, false);
    assertThat(inner.cageRpm() + outer.cageRpm()).isCloseTo(rpm, within(1e-6));
    assertThat(inner.elementRpm()).isCloseTo(outer.elementRpm(), within(1e-6));
    assertThat(outer.centrifugalN()).isGreaterThanOrEqualTo(inner.centrifugalN());
  }

  @Test
  void whatDoesNotRollIsRefused() {
    assertThatThrownBy(() -> of(10, 12, 0, 100, true)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> of(40, 8, 90, 100, true)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> of(40, 8, 0, -1, true)).isInstanceOf(IllegalArgumentException.class);
  }
}
