package unbo.core.friction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import unbo.core.friction.Friction.Question;
import unbo.core.friction.Friction.Seal;

/** Drag worked by hand, and laws. */
class FrictionTest {

  private static Question ball(double rpm, double radialN, double fill, boolean fresh, Seal seal) {
    return new Question(
        "deep-groove-ball",
        25,
        52,
        OptionalDouble.of(15),
        rpm,
        radialN,
        0,
        100,
        fill,
        fresh,
        false,
        seal,
        2,
        OptionalDouble.empty(),
        false,
        OptionalDouble.of(7850),
        0,
        1,
        20);
  }

  /**
   * 6205 at 600 rpm in 100 mm²/s, 500 N: ν·n 60,000, M₀ = 1e-7·60000^⅔·1.5·38.5³ = 13.1; P₀/C₀
   * 0.0637, f₁ 0.00011, M₁ = 2.1 Nmm.
   */
  @Test
  void aWheelBearing() {
    Friction f = Friction.of(ball(600, 500, 0.3, false, Seal.OPEN));
    assertThat(f.noLoadNmm()).isCloseTo(13.12, within(0.02));
    assertThat(f.loadNmm())
        .isCloseTo(0.0005 * Math.pow(500 / 7850.0, 0.55) * 500 * 38.5, within(1e-6));
    assertThat(f.loadNmm()).isCloseTo(2.12, within(0.02));
    assertThat(f.sealNmm()).isZero();
    assertThat(f.watts()).isCloseTo(15.24e-3 * 2 * Math.PI * 10, within(0.01));
    double perKelvin = 0.016 / 50 * Math.PI * 15 * 77;
    assertThat(f.runningC().orElseThrow()).isCloseTo(20 + f.watts() / perKelvin, within(1e-9));
  }

  /** Two contact lips at (25 + 52)/2: 3.85² + 10 = 24.8 Nmm; one side half, light 0.3 of it. */
  @Test
  void sealsDragMoreThanBalls() {
    Friction two = Friction.of(ball(100, 200, 0.3, false, Seal.CONTACT));
    assertThat(two.sealNmm()).isCloseTo(24.82, within(0.01));
    assertThat(two.uncertaintyPercent()).isBetween(30.0, 50.0);
    assertThat(Friction.of(ball(100, 200, 0.3, false, Seal.LIGHT_CONTACT)).sealNmm())
        .isCloseTo(0.3 * 24.82, within(0.01));
    assertThat(Friction.of(ball(100, 200, 0.3, false, Seal.SHIELD)).sealNmm()).isZero();
  }

  /** A third full is the reference; fresh grease doubles. */
  @Test
  void fillAndFreshGrease() {
    double usual = Friction.of(ball(600, 0, 0.3, false, Seal.OPEN)).noLoadNmm();
    assertThat(Friction.of(ball(600, 0, 0.9, false, Seal.OPEN)).noLoadNmm())
        .isCloseTo(2 * usual, within(1e-9));
    assertThat(Friction.of(ball(600, 0, 0.3, true, Seal.OPEN)).noLoadNmm())
        .isCloseTo(2 * usual, within(1e-9));
  }

  /** At ν·n = 2000 the two branches meet: no jump. */
  @Test
  void noJumpWhereTheRulesMeet() {
    double below = Friction.of(ball(19.99, 0, 0.3, false, Seal.OPEN)).noLoadNmm();
    double above = Friction.of(ball(20.3, 0, 0.3, false, Seal.OPEN)).noLoadNmm();
    assertThat(above / below).isBetween(1.0, 1.02);
  }

  /** 6205 by ISO 76 with usual balls: 7.85 kN. */
  @Test
  void theStaticRatingIsEstimated() {
    Question q = ball(100, 0, 0.3, false, Seal.OPEN);
    assertThat(Friction.estimatedRating(q)).isCloseTo(7850, within(150.0));
  }

  @Property(tries = 200)
  void dragRisesWithSpeedAndLoad(
      @ForAll @DoubleRange(min = 1, max = 5000) double rpm,
      @ForAll @DoubleRange(min = 0, max = 5000) double load) {
    Friction f = Friction.of(ball(rpm, load, 0.3, false, Seal.CONTACT));
    Friction faster = Friction.of(ball(rpm + 100, load, 0.3, false, Seal.CONTACT));
    Friction heavier = Friction.of(ball(rpm, load + 100, 0.3, false, Seal.CONTACT));
    assertThat(faster.totalNmm()).isGreaterThanOrEqualTo(f.totalNmm());
    assertThat(heavier.totalNmm()).isGreaterThan(f.totalNmm());
    assertThat(f.totalNmm()).isCloseTo(f.noLoadNmm() + f.loadNmm() + f.sealNmm(), within(1e-9));
  }

  /** A hybrid spares a fifth of the load’s share and nothing else. */
  @Test
  void aHybridSparesAFifthOfTheLoadsShare() {
    Question steel = ball(600, 800, 0.3, false, Seal.CONTACT);
    Question hybrid =
        new Question(
            "deep-groove-ball",
            25,
            52,
            OptionalDouble.of(15),
            600,
            800,
            0,
            100,
            0.3,
            false,
            false,
            Seal.CONTACT,
            2,
            OptionalDouble.empty(),
            true,
            OptionalDouble.of(7850),
            0,
            1,
            20);
    Friction a = Friction.of(steel);
    Friction b = Friction.of(hybrid);
    assertThat(b.loadNmm()).isCloseTo(0.8 * a.loadNmm(), within(1e-9));
    assertThat(b.noLoadNmm()).isEqualTo(a.noLoadNmm());
    assertThat(b.sealNmm()).isEqualTo(a.sealNmm());
  }

  @Test
  void whatCannotRunIsRefused() {
    assertThatThrownBy(() -> ball(0, 100, 0.3, false, Seal.OPEN))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> ball(100, -1, 0.3, false, Seal.OPEN))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> ball(100, 1, 1.3, false, Seal.OPEN))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
