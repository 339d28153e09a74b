package unbo.core.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** A fresh line for the lip: by hand on paper, and laws. */
class FreshLineTest {

  private static FreshLine of(double room, double seat, double depth, double groove, double u) {
    return FreshLine.of(new FreshLine.Depths(room, seat, 8, depth, groove, u), "depth gauge");
  }

  /** Room 12 less half a millimetre, seat 11: 11 − 8 − 0.5 = 2.5 inwards; 0.75 is needed. */
  @Test
  void thereIsRoomInwards() {
    FreshLine line = of(12, 11, 0.5, 1, 0.05);
    assertThat(line.inwards().result().value()).isCloseTo(2.5, within(1e-9));
    assertThat(line.needed().result().value()).isCloseTo(0.75, within(1e-9));
    assertThat(line.says()).isEqualTo(FreshLine.Says.DEEPER);
  }

  @Test
  void thereIsRoomOutwardsOnly() {
    assertThat(of(10.5, 14, 2, 1, 0.05).says()).isEqualTo(FreshLine.Says.OUTWARD);
  }

  @Test
  void thereIsNone() {
    assertThat(of(8.8, 9, 0.3, 1, 0.05).says()).isEqualTo(FreshLine.Says.NO_ROOM);
  }

  /** The same depths by a rule: half a millimetre each is more than what is left. */
  @Test
  void aRuleCannotTell() {
    assertThat(of(9.9, 12, 0.5, 1, 0.05).says()).isEqualTo(FreshLine.Says.DEEPER);
    FreshLine byRule = of(9.9, 12, 0.5, 1, 0.5);
    assertThat(byRule.says()).isEqualTo(FreshLine.Says.CANNOT_TELL);
    assertThat(byRule.reasons()).anyMatch(r -> r.contains("depth gauge"));
  }

  @Test
  void whatCannotBeBuiltIsRefused() {
    assertThatThrownBy(() -> of(-1, 11, 0.5, 1, 0.05)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> of(9, 11, 6, 1, 0.05)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> of(Double.NaN, 11, 0.5, 1, 0.05))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** Deeper never lets the seal touch: what is said to fit leaves the gap. */
  @Property(tries = 300)
  void deeperAlwaysLeavesTheGap(
      @ForAll @DoubleRange(min = 9, max = 20) double room,
      @ForAll @DoubleRange(min = 9, max = 20) double seat,
      @ForAll @DoubleRange(min = 0, max = 1) double depth,
      @ForAll @DoubleRange(min = 0.3, max = 3) double groove) {
    FreshLine line = of(room, seat, depth, groove, 0.05);
    double moved = depth + line.needed().result().value();
    if (line.says() == FreshLine.Says.DEEPER) {
      assertThat(moved + 8).isLessThan(Math.min(room - FreshLine.GAP_MM, seat));
    }
    if (line.says() == FreshLine.Says.OUTWARD) {
      assertThat(depth - line.needed().result().value()).isGreaterThan(0);
    }
    if (line.says() == FreshLine.Says.NO_ROOM) {
      assertThat(moved + 8).isGreaterThan(Math.min(room - FreshLine.GAP_MM, seat));
    }
  }
}
