package unbo.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
    assertThat(metricPlan())
        .hasSizeGreaterThan(900)
        .allSatisfy(
            b -> assertThat(b.boreMm()).as(b.designation()).isEqualTo(boreOf(b.boreCode())));
  }

  /** Rows whose number is series and bore code. */
  private Stream<Bearing> metricPlan() {
    Set<String> others =
        Set.of(
            "inch",
            "522",
            "523",
            "UC2",
            "UC2-inch",
            "KR",
            "POS",
            "PHS",
            "SA",
            "SI",
            "HF",
            "HFL",
            "CSK",
            "AXK",
            "R",
            "R1",
            "RLS",
            "RMS",
            "16",
            "MR",
            "HK",
            "BK",
            "NK",
            "NKI",
            "NA49",
            "NA69",
            "RNA49",
            "RNA69",
            "GE",
            "DAC",
            "cartridge",
            "headset");
    return catalogue.all().stream().filter(b -> !others.contains(b.series()));
  }

  /**
   * ISO 104: housing washers are those of the single-direction twin, both rows share one on the
   * shaft.
   */
  @Test
  void aTwoWayThrustBearingSharesItsTwinsHousingWashers() {
    List<Bearing> both = catalogue.of(Family.TWO_WAY_THRUST_BALL);
    assertThat(both).hasSizeGreaterThan(20);
    for (Bearing b : both) {
      Bearing twin = catalogue.find("51" + b.designation().substring(2)).orElseThrow();
      assertThat(b.outerMm()).as(b.designation()).isEqualTo(twin.outerMm());
      assertThat(b.boreMm()).as(b.designation()).isLessThan(twin.boreMm());
      assertThat(b.widthMm() / twin.widthMm()).as(b.designation()).isBetween(1.7, 2.0);
    }
  }

  /** Inch bores are sixteenths or eighths by their number; drawn cups carry bore and width. */
  @Test
  void numbersThatCarrySizesAgreeWithTheirRows() {
    for (Bearing b : catalogue.all()) {
      switch (b.series()) {
        case "R" -> {
          double sixteenths = Integer.parseInt(b.boreCode().replaceFirst("A$", "")) * 25.4 / 16;
          assertThat(b.boreMm()).as(b.designation()).isCloseTo(sixteenths, within(0.002));
        }
        case "UC2-inch" -> {
          double sixteenths = Integer.parseInt(b.designation().replaceFirst(".*-", "")) * 25.4 / 16;
          assertThat(b.boreMm()).as(b.designation()).isCloseTo(sixteenths, within(0.001));
        }
        case "KR" ->
            assertThat(b.outerMm()).isEqualTo(Integer.parseInt(b.designation().substring(2)));
        case "POS", "PHS" ->
            assertThat(b.boreMm()).isEqualTo(Integer.parseInt(b.designation().substring(3)));
        case "HF", "HFL" ->
            assertThat(b.designation())
                .endsWith("%02d%d".formatted((int) b.boreMm(), (int) b.widthMm()));
        case "RLS", "RMS" -> {
          double eighths = Integer.parseInt(b.boreCode()) * 25.4 / 8;
          assertThat(b.boreMm()).as(b.designation()).isCloseTo(eighths, within(0.002));
        }
        case "HK", "BK" -> {
          assertThat(b.boreMm()).isEqualTo(Integer.parseInt(b.boreCode().substring(0, 2)));
          assertThat(b.widthMm()).isEqualTo(Integer.parseInt(b.boreCode().substring(2)));
          assertThat((b.outerMm() - b.boreMm()) / 2).as(b.designation()).isBetween(2.0, 4.0);
        }
        case "MR" -> assertThat(b.designation()).isEqualTo("MR" + plain(b.outerMm(), b.boreMm()));
        default -> {
          // The metric plan is checked above.
        }
      }
    }
  }

  private static String plain(double outer, double bore) {
    return (int) outer + "" + (int) bore;
  }

  /** ISO 15: cylindrical 10, 2, 3 and angular 70, 72, 73 have the envelopes of 60, 62, 63. */
  @ParameterizedTest
  @CsvSource({
    "NU10,60", "NU2,62", "NU3,63", "NJ2,62", "NUP3,63", "N2,62", "70,60", "72,62", "73,63", "12,62",
    "13,63", "718,618", "719,619"
  })
  void oneDimensionSeriesIsOneEnvelope(String series, String ball) {
    List<Bearing> rows =
        metricPlan().filter(b -> b.series().equals(series) && b.boreMm() >= 10).toList();
    assertThat(rows).hasSizeGreaterThan(8);
    for (Bearing row : rows) {
      Bearing twin = catalogue.find(ball + row.boreCode()).orElseThrow();
      assertThat(List.of(row.boreMm(), row.outerMm(), row.widthMm()))
          .as(row.designation())
          .isEqualTo(List.of(twin.boreMm(), twin.outerMm(), twin.widthMm()));
    }
  }

  /** ISO 15: a wider dimension series keeps bore and outside. */
  @ParameterizedTest
  @CsvSource({
    "622,62",
    "623,63",
    "630,60",
    "22,12",
    "23,13",
    "32,62",
    "33,63",
    "30,60",
    "NU22,NU2"
  })
  void widerSeriesKeepTheirOutside(String wide, String narrow) {
    metricPlan()
        .filter(b -> b.series().equals(wide))
        .forEach(
            b ->
                catalogue
                    .find(narrow + b.boreCode())
                    .ifPresent(
                        n -> {
                          assertThat(b.outerMm()).as(b.designation()).isEqualTo(n.outerMm());
                          assertThat(b.widthMm()).as(b.designation()).isGreaterThan(n.widthMm());
                        }));
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
    var series = metricPlan().collect(Collectors.groupingBy(b -> b.family() + b.series()));
    assertThat(series).hasSizeGreaterThan(40);
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
              w.contactAngleDeg().ifPresent(a -> assertThat(a).isBetween(10.0, 30.0));
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
              assertThat(b.outerMm() - b.boreMm()).isBetween(18.0, 75.0);
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
