package unbo.core.friction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import unbo.core.contact.ElementContact;
import unbo.core.measure.Measured;

class LoadSpreadTest {

  private static final LoadSpread BALLS = new LoadSpread(9, new ElementContact(7.94, 0));
  private static final LoadSpread ROLLERS = new LoadSpread(13, new ElementContact(7.5, 9));

  /**
   * Without clearance half of them carry: Sjövall’s integrals are closed there. Of balls J₀ is
   * Γ(1.25)/(2·√π·Γ(1.75)) = 0.2782 and Jᵣ 0.2288 (Harris, load distribution).
   */
  @Test
  void halfOfThemCarryWithoutClearance() {
    assertThat(BALLS.together(500, 0)).isCloseTo(0.2782 / 0.2288, within(0.001));
    // With the power 1/0.9: Γ(1.0556)/(2·√π·Γ(1.5556)) = 0.3080 and Jᵣ 0.2448.
    assertThat(ROLLERS.together(500, 0)).isCloseTo(0.3080 / 0.2448, within(0.002));
  }

  /** One element under the load carries it straight; preload makes all of them press. */
  @Test
  void looseGoesToOneAndTightGrows() {
    assertThat(BALLS.together(1, 0.15)).isCloseTo(1, within(0.01));
    assertThat(BALLS.together(300, -0.02)).isGreaterThan(2);
  }

  /**
   * Preload alone, reckoned by hand: 9 balls of 7.94 mm pressed by 10 µm each carry (0.010·1.995 /
   * 4.36·10⁻⁴)^1.5 = 309.6 N, 2,786 N in all; a small load beside it changes nothing of that.
   */
  @Test
  void preloadIsCountedByHand() {
    assertThat(BALLS.together(50, -0.020) * 50).isCloseTo(2786, within(30.0));
  }

  @Property
  void moreClearanceNeverMakesThemCarryMore(
      @ForAll @DoubleRange(min = 20, max = 20_000) double load,
      @ForAll @DoubleRange(min = -0.05, max = 0.1) double clearance) {
    for (LoadSpread row : new LoadSpread[] {BALLS, ROLLERS}) {
      double now = row.together(load, clearance);
      assertThat(now).isGreaterThanOrEqualTo(1 - 1e-3);
      assertThat(row.together(load, clearance + 0.02)).isLessThanOrEqualTo(now + 1e-6);
    }
  }

  /** Against itself it is one, and the ends of a doubtful clearance are the ends of the answer. */
  @Test
  void againstItselfItIsOne() {
    assertThat(BALLS.against(400, new Measured(13, 0), 13).value()).isCloseTo(1, within(1e-9));
    Measured doubtful = BALLS.against(400, new Measured(13, 8), 13);
    assertThat(doubtful.most())
        .isCloseTo(BALLS.against(400, new Measured(5, 0), 13).value(), within(1e-9));
  }

  @Test
  void whatCarriesNothingIsRefused() {
    assertThatThrownBy(() -> BALLS.together(0, 0)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> BALLS.together(100, 1)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new LoadSpread(2, new ElementContact(5, 0)))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
