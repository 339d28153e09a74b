package unbo.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.catalogue.TaperGeometry;

class TaperShapesTest {

  static java.util.List<Bearing> tapers() {
    return Catalogue.standard().of(Family.TAPERED_ROLLER);
  }

  /** The roller's upper side lies on the cup raceway: same slope, and its corners on that line. */
  @ParameterizedTest
  @MethodSource("tapers")
  void theRollerLiesOnItsRaceway(Bearing bearing) {
    TaperShapes shapes = new TaperShapes(bearing, 0, 1);
    Point big = shapes.roller().outline().get(0);
    Point small = shapes.roller().outline().get(1);
    double slope = Math.toDegrees(Math.atan2(big.r() - small.r(), small.x() - big.x()));
    assertThat(slope).isCloseTo(TaperGeometry.estimate(bearing).contactAngleDeg(), within(1e-6));
    Point from = shapes.cup().outline().get(0);
    Point to = shapes.cup().outline().get(1);
    double raceway = from.r() + (small.x() - from.x()) * (to.r() - from.r()) / (to.x() - from.x());
    assertThat(small.r()).isCloseTo(raceway, within(0.02 * bearing.widthMm()));
  }

  @ParameterizedTest
  @MethodSource("tapers")
  void ringsKeepToTheirEnvelope(Bearing bearing) {
    TaperShapes shapes = new TaperShapes(bearing, 100, -1);
    Bearing.TaperWidths widths = bearing.taper().orElseThrow();
    Shape cone = shapes.cone();
    Shape cup = shapes.cup();
    assertThat(cone.mostX() - cone.leastX()).isCloseTo(widths.coneMm(), within(1e-9));
    assertThat(cup.mostX() - cup.leastX()).isCloseTo(widths.cupMm(), within(1e-9));
    assertThat(cone.mostX()).isCloseTo(100, within(1e-9));
    assertThat(100 - cup.leastX()).isCloseTo(bearing.widthMm(), within(1e-9));
    assertThat(cup.mostR()).isCloseTo(bearing.outerMm() / 2, within(1e-9));
    assertThat(cone.leastR()).isCloseTo(bearing.boreMm() / 2, within(1e-9));
  }

  @ParameterizedTest
  @MethodSource("tapers")
  void theContactLineStandsSquareOnTheCupRaceway(Bearing bearing) {
    Section.ContactLine line = new TaperShapes(bearing, 0, 1).contactLine();
    double lean =
        Math.toDegrees(Math.atan2(line.element().x() - line.centre().x(), line.element().r()));
    assertThat(lean).isCloseTo(TaperGeometry.estimate(bearing).contactAngleDeg(), within(1e-9));
  }
}
