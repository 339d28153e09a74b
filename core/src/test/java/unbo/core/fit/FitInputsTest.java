package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;

class FitInputsTest {

  private static final Bearing BEARING = Catalogue.standard().find("6204").orElseThrow();

  private static Fit of(String shaft, String housing) {
    return Fit.of(
        FitInputs.usual(BEARING, new Recommendation(shaft, housing, List.of()), Material.STEEL)
            .orElseThrow());
  }

  /** Tighter zones ask for more force, loose ones for none. */
  @Test
  void tighterZonesPressHarder() {
    double last = -1;
    for (String zone : List.of("g6", "k5", "m5", "n6", "p6")) {
      double force = of(zone, "H7").inner().pressForceN();
      assertThat(force).as(zone).isGreaterThan(last);
      last = force == 0 ? -0.5 : force;
    }
    assertThat(of("g6", "H7").inner().pressForceN()).isZero();
    assertThat(of("k5", "H7").outer().pressForceN()).isZero();
    assertThat(of("k5", "P7").outer().pressForceN()).isPositive();
  }

  /** k5 at 20 mm is +2 to +11 µm, the bore 0 to −10 µm: 11.5 µm likely (ISO 286-2, ISO 492). */
  @Test
  void theLikelyInterferenceIsThatOfTheLimits() {
    assertThat(of("k5", "H7").inner().cold().likely()).isCloseTo(11.5, within(0.6));
    assertThat(FitInputs.ring(BEARING, true).likely()).isCloseTo(-5, within(0.01));
  }

  /** A 6204 has its balls counted: raceways from the table, not from a share of the section. */
  @Test
  void countedBallsGiveTheRaceways() {
    FitInput input =
        FitInputs.usual(BEARING, new Recommendation("k5", "H7", List.of()), Material.STEEL)
            .orElseThrow();
    assertThat(input.racewaysEstimated()).isFalse();
    assertThat(input.outerRacewayMm() - input.innerRacewayMm()).isCloseTo(2 * 7.938, within(0.01));
    assertThat(FitInputs.usual(BEARING, new Recommendation("k99", "H7", List.of()), Material.STEEL))
        .isEmpty();
  }
}
