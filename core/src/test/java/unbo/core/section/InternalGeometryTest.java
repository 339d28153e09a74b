package unbo.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.catalogue.Basis;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;

/** The inside against balls that were counted and bearings that were weighed. */
class InternalGeometryTest {

  /** So much larger outside is another size: no row of the list, but the same estimate. */
  private static final double UNLISTED_MM = 0.02;

  private static final double STEEL_G_PER_CM3 = 7.85;

  private static Bearing unlisted(Bearing b) {
    return new Bearing(
        b.designation() + " unlisted",
        b.family(),
        b.series(),
        b.boreMm(),
        b.outerMm() + UNLISTED_MM,
        b.widthMm(),
        b.taper(),
        Basis.RECALLED,
        "test");
  }

  private static InternalGeometry inside(Bearing bearing) {
    return InternalGeometry.estimate(bearing, false, OptionalDouble.empty()).orElseThrow();
  }

  /** Counts and diameters of general trade tables; the estimate alone is within its own band. */
  @ParameterizedTest
  @CsvSource({
    "608,7,3.969", "6000,7,4.762", "6001,8,4.762", "6002,9,4.762", "6003,10,4.762",
    "6004,9,6.35", "6005,10,6.35", "6201,7,5.953", "6202,8,5.953", "6203,8,6.747",
    "6204,8,7.938", "6205,9,7.938", "6206,9,9.525", "6207,9,11.112", "6305,7,11.5"
  })
  void ballsAreAsCounted(String number, int balls, double diameter) {
    Bearing bearing = Catalogue.standard().find(number).orElseThrow();
    assertThat(inside(bearing).perRow()).isEqualTo(balls);
    assertThat(inside(bearing).elementMm()).isEqualTo(diameter);
    InternalGeometry estimate = inside(unlisted(bearing));
    assertThat(estimate.listed()).isFalse();
    assertThat(estimate.perRow()).isBetween(balls - 1, balls + 1);
    assertThat(estimate.elementMm()).isCloseTo(diameter, within(0.12 * diameter));
  }

  /** Masses of open bearings with a steel cage; the estimate alone is within 6 %. */
  @ParameterizedTest
  @CsvSource({
    "608,12",
    "6000,19",
    "6001,22",
    "6002,30",
    "6003,39",
    "6004,69",
    "6005,80",
    "6201,37",
    "6202,45",
    "6203,65",
    "6204,106",
    "6205,128",
    "6206,199",
    "6207,288",
    "6305,232",
    "30203,79",
    "30204,125",
    "30205,150",
    "30206,230",
    "30207,330",
    "32004,97",
    "32005,110",
    "32006,170",
    "NU205,130"
  })
  void metalIsAsWeighed(String number, double grams) {
    Bearing bearing = Catalogue.standard().find(number).orElseThrow();
    assertThat(STEEL_G_PER_CM3 * BearingVolume.solidCm3(bearing)).isCloseTo(grams, within(0.1));
    assertThat(STEEL_G_PER_CM3 * BearingVolume.solidCm3(unlisted(bearing)))
        .as("estimated")
        .isCloseTo(grams, within(0.06 * grams));
  }

  /** One bearing has one count: the metal is that of the elements that are named. */
  @ParameterizedTest
  @CsvSource({
    "deep-groove-ball,40,80,18,0.95", "angular-contact-ball,30,62,16,0.95",
    "cylindrical-roller,40,80,18,0.935", "self-aligning-ball,30,62,16,0.95",
    "thrust-ball,30,47,11,0.93"
  })
  void metalCountsTheSameElements(
      String family, double bore, double outer, double width, double correction) {
    Bearing bearing =
        new Bearing(
            family,
            Family.withId(family).orElseThrow(),
            "",
            bore,
            outer,
            width,
            Optional.empty(),
            Basis.RECALLED,
            "test");
    List<BearingPortrait.Piece> pieces = BearingPortrait.of(bearing).pieces();
    double rings =
        pieces.stream()
            .filter(p -> p.name().contains("ring") || p.name().contains("washer"))
            .flatMap(p -> p.shapes().stream())
            .mapToDouble(BearingVolume::revolved)
            .sum();
    InternalGeometry inside = inside(bearing);
    double d = inside.elementMm();
    double one =
        inside.lengthMm().isPresent()
            ? Math.PI / 4 * d * d * inside.lengthMm().getAsDouble()
            : Math.PI / 6 * d * d * d;
    double cage = inside.lengthMm().isPresent() ? 1.11 : 1.22;
    double all = rings + inside.rows() * inside.perRow() * one * cage;
    assertThat(BearingVolume.solidCm3(bearing)).isCloseTo(correction * all / 1000, within(1e-9));
  }

  /**
   * Masses as the trade lists them, recalled, of sizes that no table of ours holds: every family
   * with rolling elements. A drawn cup's sheet is thinner or thicker by maker, so it may be 16 %
   * off.
   */
  @ParameterizedTest
  @CsvSource({
    "51104, 37", "51105, 56", "51106, 63", "NA4904, 75", "NA4905, 88", "NA4906, 100", "1204, 120",
    "1205, 140", "1206, 220", "2205, 160", "3204, 160", "3205, 180", "3206, 290", "3305, 340",
    "7204, 110", "7205, 130", "7206, 200", "7305, 230", "NU204, 110", "NU206, 205", "NU305, 240",
    "HK1612, 12", "HK2016, 23", "HK2516, 28", "HK2020, 30", "61805, 22", "61902, 16", "61904, 37",
    "6306, 350", "32206, 290", "33205, 210", "30305, 260"
  })
  void theMetalOfEveryFamilyAgreesWithTheTrade(String number, double grams) {
    Bearing bearing = Catalogue.standard().find(number).orElseThrow();
    assertThat(BearingVolume.isListed(bearing)).as("an estimate, not a list").isFalse();
    double share = bearing.family() == Family.DRAWN_CUP_NEEDLE ? 0.16 : 0.1;
    assertThat(BearingVolume.solidCm3(bearing) * 7.85)
        .as(number)
        .isCloseTo(grams, within(share * grams));
  }
}
