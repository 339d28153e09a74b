package unbo.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.catalogue.Catalogue;

/** The drift or collet argument, decided by geometry. */
class SpacerLandTest {

  private static Assembly hub(double spacerBore, double chamfer) {
    Arrangement a4 = Arrangements.of("a4");
    return Assembly.assumed(a4)
        .with("left", Catalogue.standard().find("6204").orElseThrow())
        .with(a4.size("spacer.bore").orElseThrow(), spacerBore)
        .with(a4.size("spacer.chamfer").orElseThrow(), chamfer);
  }

  /** By hand: 6204, bore 20, corner 1 to 1.5 (ISO 582): (22/2 + 1) − (20/2 + 1.5) = 0.5. */
  @ParameterizedTest
  @CsvSource({
    "22.0, 1.0, 1.0, 0.5, RIGHT",
    "20.2, 1.0, 0.1, -0.4, MARGINAL",
    "20.2, 0.3, -0.6, -1.1, WRONG",
    "24.0, 0.2, 1.2, 0.7, RIGHT"
  })
  void theLandDecides(
      double spacerBore, double chamfer, double most, double least, SpacerLand.Says says) {
    SpacerLand land = SpacerLand.of(hub(spacerBore, chamfer), "left").orElseThrow();
    assertThat(land.most().result().value()).isCloseTo(most, within(1e-9));
    assertThat(land.least().result().value()).isCloseTo(least, within(1e-9));
    assertThat(land.says()).isEqualTo(says);
    assertThat(land.measured()).isTrue();
  }

  /** No spacer, no argument; and a spacer that nobody measured says so. */
  @Test
  void elsewhereThereIsNone() {
    assertThat(SpacerLand.of(Assembly.assumed(Arrangements.of("a1")), "inboard")).isEmpty();
    Arrangement a4 = Arrangements.of("a4");
    Assembly read =
        Assembly.assumed(a4).with("left", Catalogue.standard().find("6204").orElseThrow());
    assertThat(SpacerLand.of(read, "left").orElseThrow().measured()).isFalse();
  }
}
