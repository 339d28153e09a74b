package unbo.core.lubricant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Oils at work and thickeners that meet. */
class FilmTest {

  /** Oils of viscosity index about 95: ISO VG grades at temperatures as charts give them. */
  @ParameterizedTest
  @CsvSource({"100,11.1,70,28,2", "46,6.7,60,21,1.5", "220,18.7,50,129,4", "32,5.4,40,32,0.01"})
  void viscosityFollowsWalther(double v40, double v100, double c, double v, double off) {
    assertThat(new Oil(v40, v100).at(c)).isCloseTo(v, within(off));
  }

  @Property(tries = 200)
  void oilThinsWithHeatAndPassesItsTwoPoints(
      @ForAll @DoubleRange(min = 10, max = 1000) double v40,
      @ForAll @DoubleRange(min = 0.1, max = 0.9) double share,
      @ForAll @DoubleRange(min = -20, max = 140) double c) {
    double v100 = Math.max(1.1, share * v40 / 3);
    if (v100 < v40) {
      Oil oil = new Oil(v40, v100);
      assertThat(oil.at(40)).isCloseTo(v40, within(1e-6 * v40));
      assertThat(oil.at(100)).isCloseTo(v100, within(1e-6 * v100));
      assertThat(oil.at(c + 5)).isLessThan(oil.at(c));
    }
  }

  /** dₘ 38.5 at 1500 rpm: 4500/√(1500·38.5) = 18.7; at 500 rpm 45000·500^−0.83/√38.5 = 41.7. */
  @Test
  void requiredViscosity() {
    assertThat(Film.required(1500, 38.5)).isCloseTo(18.7, within(0.1));
    assertThat(Film.required(500, 38.5)).isCloseTo(41.7, within(0.2));
    double below = Film.required(999.99, 50);
    assertThat(Film.required(1000, 50))
        .as("the two rules nearly meet")
        .isCloseTo(below, within(0.07 * below));
  }

  @ParameterizedTest
  @CsvSource({
    "46,6.7,90,3000,MIXED",
    "46,6.7,60,1500,GOOD",
    "460,30,40,1500,DRAG",
    "22,4.3,110,200,STARVING"
  })
  void kappaIsCalled(double v40, double v100, double c, double rpm, Film.Says says) {
    Film film = Film.of(new Oil(v40, v100), rpm, 38.5, c);
    assertThat(film.says()).isEqualTo(says);
    assertThat(film.kappa().result().value())
        .isCloseTo(film.actual() / film.required().result().value(), within(1e-9));
    assertThat(film.ndm()).isCloseTo(rpm * 38.5, within(1e-9));
  }

  @Test
  void whatIsNoOilIsRefused() {
    assertThatThrownBy(() -> new Oil(10, 20)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Oil(10, 0.2)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Oil(100, 11).at(160)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Oil(100, 11).at(-21)).isInstanceOf(IllegalArgumentException.class);
  }

  @ParameterizedTest
  @CsvSource({
    "lithium,lithium,GOOD",
    "lithium,lithium-complex,GOOD",
    "lithium,calcium,DOUBTFUL",
    "lithium,polyurea,BAD",
    "lithium-complex,sodium,BAD",
    "calcium-complex,polyurea,DOUBTFUL",
    "clay,lithium,BAD",
    "calcium,clay,DOUBTFUL",
    "ptfe,lithium,BAD",
    "ptfe,ptfe,GOOD",
    "lithium,blue,UNKNOWN",
    "unknown,unknown,UNKNOWN",
    "barium-complex,sodium,DOUBTFUL"
  })
  void thickeners(String a, String b, Mixing.Verdict verdict) {
    assertThat(Mixing.of(a, b).verdict()).isEqualTo(verdict);
    assertThat(Mixing.of(b, a)).as("either way round").isEqualTo(Mixing.of(a, b));
    assertThat(Mixing.of(a, b).reason()).isNotBlank();
  }
}
