package unbo.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CatalogueTest {

  private final Catalogue catalogue = Catalogue.standard();

  /**
   * ISO 15: 00 10, 01 12, 02 15, 03 17, then times 5; written out behind a slash; one digit below
   * 10.
   */
  @Test
  void everyBoreFollowsFromItsCode() {
    assertThat(catalogue.all().stream().filter(b -> !b.isInch()))
        .hasSizeGreaterThan(225)
        .allSatisfy(
            b -> assertThat(b.boreMm()).as(b.designation()).isEqualTo(boreOf(b.boreCode())));
  }

  private static double boreOf(String code) {
    if (code.startsWith("/")) {
      return Double.parseDouble(code.substring(1));
    }
    int number = Integer.parseInt(code);
    if (code.length() == 1) {
      return number;
    }
    return number < 4 ? List.of(10, 12, 15, 17).get(number) : number * 5.0;
  }

  /** Within a series, a greater bore never has a smaller outside; a slip of the pen would. */
  @Test
  void outsidesGrowWithTheBoreWithinASeries() {
    var series =
        catalogue.all().stream()
            .filter(b -> !b.isInch())
            .collect(Collectors.groupingBy(Bearing::series));
    assertThat(series).hasSize(9);
    series
        .values()
        .forEach(
            rows -> {
              List<Bearing> sorted =
                  rows.stream().sorted(Comparator.comparingDouble(Bearing::boreMm)).toList();
              for (int i = 1; i < sorted.size(); i++) {
                assertThat(sorted.get(i).outerMm())
                    .as(sorted.get(i).designation())
                    .isGreaterThan(sorted.get(i - 1).outerMm());
                assertThat(sorted.get(i).widthMm())
                    .as(sorted.get(i).designation())
                    .isGreaterThanOrEqualTo(sorted.get(i - 1).widthMm());
              }
            });
  }

  /** ISO 15: diameter series 2 and 3 share outside diameters between balls and tapers. */
  @ParameterizedTest
  @CsvSource({"62,302", "62,322", "63,303", "60,320"})
  void ballsAndTapersOfOneDiameterSeriesShareTheirOutside(String ball, String taper) {
    long shared =
        catalogue.all().stream()
            .filter(b -> b.series().equals(taper))
            .filter(
                t ->
                    catalogue
                        .find(ball + t.boreCode())
                        .map(
                            b -> {
                              assertThat(t.outerMm()).as(t.designation()).isEqualTo(b.outerMm());
                              return true;
                            })
                        .orElse(false))
            .count();
    assertThat(shared).isGreaterThan(15);
  }

  @Test
  void taperWidthsNestInTheAssembledWidth() {
    assertThat(catalogue.of(Family.TAPERED_ROLLER).stream().filter(b -> !b.isInch()))
        .allSatisfy(
            b -> {
              Bearing.TaperWidths w = b.taper().orElseThrow();
              assertThat(w.coneMm()).isLessThanOrEqualTo(b.widthMm());
              assertThat(w.cupMm()).isLessThanOrEqualTo(w.coneMm());
              w.contactAngleDeg().ifPresent(a -> assertThat(a).isBetween(10.0, 18.917));
            });
  }

  /**
   * Distance a of the effective centre from the cup back face: common trade listings, to 0.6 mm.
   */
  @ParameterizedTest
  @CsvSource({
    "30206,13.8",
    "30204,11.2",
    "30208,16.9",
    "32206,15.6",
    "32208,19",
    "32006,13.3",
    "30306,15.3",
    "30308,19.5"
  })
  void theEstimatedEffectiveCentreAgreesWithListings(String designation, double listed) {
    Bearing bearing = catalogue.find(designation).orElseThrow();
    double a = bearing.widthMm() - TaperGeometry.estimate(bearing).effectiveCentreMm();
    assertThat(a).isCloseTo(listed, within(0.6));
  }

  @Test
  void racewaysAndRollerShareOneApex() {
    for (Bearing bearing : catalogue.of(Family.TAPERED_ROLLER)) {
      TaperGeometry g = TaperGeometry.estimate(bearing);
      double half = Math.toRadians((g.contactAngleDeg() - g.coneAngleDeg()) / 2);
      double axis = Math.toRadians(g.rollerAxisAngleDeg());
      double apexDistance = g.pitchDiameterMm() / 2 / Math.sin(axis);
      assertThat(2 * apexDistance * Math.sin(half))
          .as(bearing.designation())
          .isCloseTo(g.rollerMm(), within(1e-9));
    }
    assertThatThrownBy(() -> TaperGeometry.estimate(catalogue.find("6205").orElseThrow()))
        .hasMessageContaining("no taper");
  }

  /** Inch pairs: plausible envelopes, and the angle lies in the class that the number names. */
  @Test
  void inchPairsKeepToTheirAngleClass() {
    List<Bearing> pairs = catalogue.all().stream().filter(Bearing::isInch).toList();
    assertThat(pairs)
        .hasSizeGreaterThanOrEqualTo(20)
        .allSatisfy(
            b -> {
              Bearing.TaperWidths w = b.taper().orElseThrow();
              assertThat(w.cupMm()).isLessThan(b.widthMm());
              assertThat(w.coneMm()).isBetween(0.9 * b.widthMm(), 1.1 * b.widthMm());
              assertThat(b.outerMm() - b.boreMm()).isBetween(18.0, 45.0);
              assertThat(b.basis()).isEqualTo(Basis.RECALLED);
            });
    assertThat(angle("LM67048/LM67010")).isBetween(30.5 / 2, 32.5 / 2);
    assertThat(angle("L44649/L44610")).isBetween(27.0 / 2, 28.5 / 2);
    assertThat(catalogue.find("15123/15245").orElseThrow().taper().orElseThrow().contactAngleDeg())
        .as("a plain number says no angle")
        .isEmpty();
  }

  private double angle(String designation) {
    return catalogue
        .find(designation)
        .orElseThrow()
        .taper()
        .orElseThrow()
        .contactAngleDeg()
        .orElseThrow();
  }
}
