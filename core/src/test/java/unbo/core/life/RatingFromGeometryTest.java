package unbo.core.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RatingFromGeometryTest {

  /** ISO 281, table 2, single-row radial contact: fc by γ. */
  @ParameterizedTest
  @CsvSource({"0.05, 46.7", "0.10, 55.5", "0.16, 59.6", "0.20, 59.9", "0.26, 58.2", "0.30, 56.0"})
  void theFactorOfBallsIsThatOfTheTable(double gamma, double fc) {
    assertThat(RatingFromGeometry.ballFactor(gamma)).isCloseTo(fc, within(0.012 * fc));
  }

  /** ISO 281, table 7: fc of radial roller bearings. */
  @ParameterizedTest
  @CsvSource({"0.05, 74.1", "0.10, 84.2", "0.16, 88.5", "0.20, 88.7", "0.26, 86.4", "0.30, 83.8"})
  void theFactorOfRollersIsThatOfTheTable(double gamma, double fc) {
    assertThat(RatingFromGeometry.rollerFactor(gamma)).isCloseTo(fc, within(0.1));
  }

  /** 6205: nine balls of 7.938 mm on 39.04 mm: 14.0 kN as catalogues list it. */
  @Test
  void aKnownBearingComesOut() {
    assertThat(RatingFromGeometry.balls(9, 7.938, 39.04, 0)).isCloseTo(14_000, within(200.0));
    assertThat(RatingFromGeometry.balls(8, 7.938, 33.5, 0)).isCloseTo(12_800, within(400.0));
    assertThatThrownBy(() -> RatingFromGeometry.balls(8, 30, 100, 0))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> RatingFromGeometry.rollers(8, 10, 0, 60, 15))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** More elements, longer ones: never a lower rating; an angle takes from it. */
  @Property(tries = 200)
  void moreInsideNeverRatesLower(
      @ForAll @IntRange(min = 6, max = 25) int z,
      @ForAll @DoubleRange(min = 4, max = 20) double dw,
      @ForAll @DoubleRange(min = 5, max = 30) double l) {
    double dm = 6 * dw;
    assertThat(RatingFromGeometry.balls(z + 1, dw, dm, 0))
        .isGreaterThan(RatingFromGeometry.balls(z, dw, dm, 0));
    assertThat(RatingFromGeometry.rollers(z, dw, l * 1.1, dm, 15))
        .isGreaterThan(RatingFromGeometry.rollers(z, dw, l, dm, 15));
    assertThat(RatingFromGeometry.balls(z, dw, dm, 40))
        .isLessThan(RatingFromGeometry.balls(z, dw, dm, 15));
  }
}
