package unbo.core.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** ISO 281 by hand, and laws. */
class LifeTest {

  private static final OptionalDouble NONE = OptionalDouble.empty();

  private static Life life(Life.Kind kind, double kappa, double stress) {
    return Life.of(
        kind,
        14000,
        1400,
        OptionalDouble.of(kappa),
        OptionalDouble.of(1),
        OptionalDouble.of(stress * 1400));
  }

  /** C/P of 10: 1000 million turns with balls, 2154 with rollers. */
  @Test
  void basicLife() {
    Life ball = Life.of(Life.Kind.BALL, 14000, 1400, NONE, NONE, NONE);
    assertThat(ball.l10Mrev()).isCloseTo(1000, within(1e-6));
    assertThat(ball.aIso()).isEmpty();
    assertThat(ball.hours(1000)).isCloseTo(1000e6 / 60000, within(1e-6));
    assertThat(ball.km(600)).isCloseTo(1000 * Math.PI * 600, within(1e-6));
    assertThat(Life.of(Life.Kind.ROLLER, 14000, 1400, NONE, NONE, NONE).l10Mrev())
        .isCloseTo(2154.4, within(0.1));
  }

  /** κ 1 and e_C·C_u/P 0.1: (0.5684^0.83·0.4642) → 0.7096^−9.3/10 = 2.43; rollers 0.40. */
  @Test
  void modifiedLifeByHand() {
    assertThat(life(Life.Kind.BALL, 1, 0.1).aIso().orElseThrow()).isCloseTo(2.43, within(0.01));
    assertThat(life(Life.Kind.ROLLER, 1, 0.1).aIso().orElseThrow()).isCloseTo(0.399, within(0.003));
  }

  /** The three ranges of κ meet. */
  @ParameterizedTest
  @CsvSource({"BALL,0.4", "BALL,1", "ROLLER,0.4", "ROLLER,1"})
  void theRangesMeet(Life.Kind kind, double kappa) {
    double below = life(kind, kappa - 1e-9, 0.2).aIso().orElseThrow();
    double above = life(kind, kappa, 0.2).aIso().orElseThrow();
    assertThat(above).isCloseTo(below, within(0.02 * below));
  }

  @Test
  void limitsOfWhatIsAnswered() {
    assertThat(life(Life.Kind.BALL, 0.09, 0.1).aIso()).as("too thin a film").isEmpty();
    assertThat(life(Life.Kind.BALL, 9, 0.1).aIso()).isEqualTo(life(Life.Kind.BALL, 4, 0.1).aIso());
    assertThat(life(Life.Kind.BALL, 4, 5).aIso().orElseThrow()).isEqualTo(50);
    assertThat(life(Life.Kind.BALL, 1, 0).aIso().orElseThrow()).isCloseTo(0.1, within(1e-9));
    assertThatThrownBy(() -> Life.of(Life.Kind.BALL, 0, 100, NONE, NONE, NONE))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Property(tries = 200)
  void aThickerFilmAndLessDirtLiveLonger(
      @ForAll @DoubleRange(min = 0.1, max = 3.8) double kappa,
      @ForAll @DoubleRange(min = 0, max = 0.9) double stress) {
    double one = life(Life.Kind.BALL, kappa, stress).aIso().orElseThrow();
    assertThat(life(Life.Kind.BALL, kappa, stress + 0.05).aIso().orElseThrow())
        .isGreaterThanOrEqualTo(one);
    assertThat(life(Life.Kind.BALL, kappa + 0.1, stress).aIso().orElseThrow())
        .isGreaterThanOrEqualTo(one * 0.98);
  }

  /** Normal cleanliness, κ 1, dₘ 40: 0.0432·40^0.55 = 0.329, times 1 − 1.141/3.42: 0.219. */
  @Test
  void contamination() {
    assertThat(Cleanliness.withId("normal").orElseThrow().factor(1, 40))
        .isCloseTo(0.219, within(0.001));
    double before = 1.1;
    for (Cleanliness c : Cleanliness.all()) {
      double factor = c.factor(2, 60);
      assertThat(factor).as(c.id()).isLessThan(before).isBetween(0.0, 1.0);
      before = factor;
    }
  }

  @Test
  void fatigueLimits() {
    assertThat(Life.fatigueLimit(Life.Kind.BALL, 7850, 38.5)).isCloseTo(356.8, within(0.1));
    assertThat(Life.fatigueLimit(Life.Kind.ROLLER, 8200, 40)).isCloseTo(1000, within(1e-9));
    assertThat(Life.fatigueLimit(Life.Kind.BALL, 22000, 400)).isCloseTo(500, within(1e-9));
  }
}
