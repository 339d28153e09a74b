package unbo.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class ElementContactTest {

  /**
   * By hand: 1,000 N on a ball of 8 mm, 4.36·10⁻⁴·100/2; on a roller of 10 mm,
   * 7.68·10⁻⁵·501.2/6.310.
   */
  @Test
  void aThousandNewton() {
    assertThat(new ElementContact(8, 0).approach(1000)).isCloseTo(0.0218, within(0.0001));
    assertThat(new ElementContact(8, 10).approach(1000)).isCloseTo(0.0061, within(0.0001));
  }

  /** Load and approach are each other’s inverse; none without approach. */
  @Property
  void thereAndBack(@ForAll @DoubleRange(min = 1, max = 50_000) double newton) {
    for (ElementContact c :
        new ElementContact[] {new ElementContact(7.5, 0), new ElementContact(7.5, 9)}) {
      assertThat(c.load(c.approach(newton))).isCloseTo(newton, within(1e-6 * newton));
      assertThat(c.load(-0.01)).isZero();
      assertThat(c.load(0.02)).isCloseTo(c.stiffness() * Math.pow(0.02, c.power()), within(1e-6));
    }
  }

  @Test
  void whatIsNoElementIsRefused() {
    assertThatThrownBy(() -> new ElementContact(0, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new ElementContact(5, -1))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
