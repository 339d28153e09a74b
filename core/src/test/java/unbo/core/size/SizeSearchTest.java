package unbo.core.size;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.arrangement.Arrangements;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.measure.Instrument;

class SizeSearchTest {

  private static MeasuredSize by(String instrument, double mm) {
    return new MeasuredSize(mm, Instrument.withId(instrument).orElseThrow());
  }

  private static Map<SizeDimension, MeasuredSize> size(
      String instrument, double bore, double outer, double width) {
    Map<SizeDimension, MeasuredSize> all = new EnumMap<>(SizeDimension.class);
    all.put(SizeDimension.BORE, by(instrument, bore));
    all.put(SizeDimension.OUTER, by(instrument, outer));
    all.put(SizeDimension.WIDTH, by(instrument, width));
    return all;
  }

  private static SizeAnswer find(Map<SizeDimension, MeasuredSize> measured) {
    return SizeSearch.find(measured, Optional.empty());
  }

  private static List<String> names(SizeAnswer answer) {
    return answer.candidates().stream().map(c -> c.bearing().designation()).toList();
  }

  @Test
  void theWholeSizeFindsTheCommonBearingFirst() {
    SizeAnswer answer = find(size("caliper", 24.99, 51.99, 14.97));
    SizeCandidate first = answer.candidates().get(0);
    assertThat(first.bearing().designation()).isEqualTo("6205");
    assertThat(first.misfitUm().get(SizeDimension.BORE)).isCloseTo(-10, within(1e-6));
    assertThat(first.sigma().get(SizeDimension.BORE)).isNegative().isGreaterThan(-1.0);
    assertThat(answer.none()).isLessThan(0.01);
    assertThat(answer.candidates().stream().mapToDouble(SizeCandidate::weight).sum())
        .isBetween(0.9, 1.0);
    assertThat(names(answer)).contains("7205", "NU205", "1205");
  }

  /** sigma: 30 µm caliper gives σ 15; bore 0/−10 µm gives √(5² + 10²/12) = 5.77; together 16.07. */
  @Test
  void sigmaIsOfInstrumentAndRingTogether() {
    SizeCandidate first = find(size("caliper", 24.95, 52, 15)).candidates().get(0);
    assertThat(first.sigma().get(SizeDimension.BORE)).isCloseTo(-50 / 16.07, within(0.005));
  }

  @Test
  void tapersAreFoundByConeOrCupAlone() {
    Map<SizeDimension, MeasuredSize> measured = new EnumMap<>(SizeDimension.class);
    measured.put(SizeDimension.OUTER, by("caliper", 62.0));
    measured.put(SizeDimension.CUP, by("caliper", 14.0));
    assertThat(names(find(measured))).contains("30206").doesNotContain("6206");
    measured.clear();
    measured.put(SizeDimension.BORE, by("caliper", 30.0));
    measured.put(SizeDimension.CONE, by("caliper", 16.0));
    assertThat(names(find(measured))).contains("30206");
  }

  @Test
  void aRuleCannotTellMetricFromInchAndSaysSo() {
    SizeAnswer answer = find(size("rule", 25, 52, 15));
    assertThat(answer.traps())
        .anySatisfy(t -> assertThat(t).contains("25.4 mm", "cannot tell them apart"));
    assertThat(find(size("caliper", 25, 52, 15)).traps())
        .anySatisfy(t -> assertThat(t).contains(" can tell them apart"));
  }

  @Test
  void closeSizesAskForAFinerInstrument() {
    Map<SizeDimension, MeasuredSize> bore = Map.of(SizeDimension.BORE, by("rule", 25.2));
    assertThat(find(bore).advice()).contains("measure the");
    SizeAnswer same = find(size("micrometer", 25, 52, 15));
    assertThat(same.advice()).contains("6205 and 7205 measure the same", "shoulder ground away");
  }

  /** A tenth off on a worn, greasy ring is no reason to say that nobody makes it; it is doubted. */
  @ParameterizedTest
  @CsvSource({
    "25.1, 52, 14.9, 6205, bore",
    "24.88, 52.02, 15, 6205, bore",
    "20, 47.15, 14, 6204, outside",
    "30.02, 61.98, 15.6, 6206, width"
  })
  void aSlipOfTheHandIsDoubtedAndStillFound(
      double bore, double outer, double width, String designation, String again) {
    SizeAnswer answer = find(size("caliper", bore, outer, width));
    assertThat(answer.candidates().get(0).bearing().designation()).isEqualTo(designation);
    assertThat(answer.none()).isLessThan(0.2);
    assertThat(answer.advice()).contains("more than gauge and ring allow", "measure the " + again);
  }

  /** Three slips at once are no bearing of the tables. */
  @Test
  void whatIsOffAllRoundIsNone() {
    assertThat(find(size("micrometer", 25.3, 52.4, 15.4)).none()).isGreaterThan(0.5);
  }

  /** A cylindrical roller bearing stands where rollers stand: the position moves the ranking. */
  @Test
  void thePositionMovesTheRanking() {
    var measured = size("caliper", 25, 62, 17);
    var open = find(measured);
    var mains = SizeSearch.find(measured, Arrangements.standard().find("a20"));
    assertThat(weight(mains, "6305")).isGreaterThan(weight(open, "6305"));
  }

  /**
   * Where a size is met most it counts for more, and nowhere else; what is listed there is listed.
   */
  @Test
  void aSizeCountsForMoreWhereItIsMetMost() {
    var measured = size("rule", 25, 52, 15);
    var wheel = SizeSearch.find(measured, Arrangements.standard().find("a4"));
    var starter = SizeSearch.find(measured, Arrangements.standard().find("a12"));
    assertThat(weight(wheel, "6205")).isGreaterThan(weight(starter, "6205"));
    for (SizeVariant v : SizeSearch.all()) {
      assertThat(v.at()).allMatch(id -> Arrangements.standard().find(id).isPresent());
    }
  }

  private static double weight(SizeAnswer answer, String designation) {
    return answer.candidates().stream()
        .filter(c -> c.bearing().designation().equals(designation))
        .mapToDouble(SizeCandidate::weight)
        .findFirst()
        .orElse(0);
  }

  /** One ball bearing under two numbers is one size, not two that share its likelihood. */
  @Test
  void anotherNumberOfTheSameBearingIsNoSecondSize() {
    SizeAnswer answer = find(size("caliper", 17, 30, 7));
    assertThat(names(answer)).contains("61903").doesNotContain("MR17307");
    assertThat(answer.candidates().get(0).note()).contains("MR17307");
    assertThat(answer.candidates().get(0).weight()).isGreaterThan(0.8);
    assertThat(find(size("caliper", 24, 37, 7)).candidates()).hasSize(1);
  }

  /** What no gauge tells apart is told by the eye, by something that those two really have. */
  @Test
  void twinsAreToldByTheEye() {
    assertThat(find(size("caliper", 20, 26, 16)).advice()).contains("closed at one end");
    assertThat(find(size("caliper", 20, 47, 14)).advice()).contains("one shoulder ground away");
    assertThat(find(size("caliper", 15, 35, 11.2)).advice()).contains("A taper comes apart");
  }

  @Test
  void aSizeThatNobodyMakesEndsAsNone() {
    SizeAnswer answer = find(size("micrometer", 23.3, 49.7, 13.1));
    assertThat(answer.candidates()).isEmpty();
    assertThat(answer.none()).isEqualTo(1);
  }

  @Test
  void aClosedWidthIsAVariantOfItsOwn() {
    SizeAnswer answer = find(size("caliper", 4.762, 12.7, 4.978));
    assertThat(answer.candidates().get(0).bearing().designation()).isEqualTo("R3");
    assertThat(answer.candidates().get(0).note()).contains("closed");
  }

  /** Law: every bearing measured with an error of the instrument is listed, ties or not. */
  @Test
  void everyBearingIsFoundByItsSize() {
    Random random = new Random(20261125);
    Instrument caliper = Instrument.withId("caliper").orElseThrow();
    for (Bearing b : Catalogue.standard().all()) {
      double error = caliper.uncertainty() / 2;
      SizeAnswer answer =
          find(
              size(
                  "caliper",
                  b.boreMm() + error * random.nextGaussian(),
                  b.outerMm() + error * random.nextGaussian(),
                  b.widthMm() + error * random.nextGaussian()));
      assertThat(answer.candidates())
          .as(b.designation())
          .anySatisfy(c -> assertThat(c.bearing().hasEnvelopeOf(b)).isTrue());
      assertThat(answer.candidates().get(0).worstSigma()).as(b.designation()).isLessThan(5);
    }
  }

  /**
   * Law: weights never exceed one together, and a further misfit never weighs more against "no
   * standard size". Against a neighbour made over size it may: an inch taper of 47 mm loses what a
   * ball wins as the reading leaves both.
   */
  @Test
  void aWorseMisfitNeverWeighsMore() {
    double before = Double.MAX_VALUE;
    for (double off = 0; off < 0.3; off += 0.02) {
      SizeAnswer answer = find(Map.of(SizeDimension.OUTER, by("caliper", 47 + off)));
      double now = weight(answer, "6204") / answer.none();
      assertThat(now).isLessThanOrEqualTo(before + 1e-9);
      before = now;
      assertThat(answer.none() + answer.candidates().stream().mapToDouble(c -> c.weight()).sum())
          .isLessThanOrEqualTo(1 + 1e-9);
    }
  }

  @Test
  void impossibleSizesAreRefused() {
    assertThatThrownBy(() -> by("caliper", 0)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> by("caliper", Double.NaN))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> find(Map.of())).hasMessageContaining("Nothing");
  }
}
