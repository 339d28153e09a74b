package unbo.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.catalogue.Catalogue;
import unbo.core.setting.SpindleThread;
import unbo.core.units.Length;

class StackCheckTest {

  private static TaperHub hub(Map<HubDimension, Double> measured) {
    Catalogue all = Catalogue.standard();
    return new TaperHub(
        all.find("30206").orElseThrow(),
        all.find("30204").orElseThrow(),
        new SpindleThread(18, 1.5, "M18×1.5"),
        measured);
  }

  /** One wrong size, one problem, at the part where it is seen. */
  @ParameterizedTest
  @CsvSource({
    "SEAL_SEAT,30.5,SPINDLE,leaves no shoulder",
    "INBOARD_SEAT,30.3,INBOARD_CONE,does not go on",
    "OUTBOARD_SEAT,19.8,OUTBOARD_CONE,does not go on",
    "INBOARD_BORE,61.5,INBOARD_CUP,does not go on",
    "OUTBOARD_BORE,47.4,OUTBOARD_CUP,does not go on",
    "BARREL_OUTSIDE,66,HUB,no wall left",
    "FLANGE_OUTSIDE,70,HUB,does not stand out",
    "WASHER_OUTSIDE,17,WASHER,does not go over",
    "WASHER_OUTSIDE,44,WASHER,would rub the cap",
    "NUT_ACROSS_FLATS,41,NUT,would rub the cap",
    "NUT_ACROSS_FLATS,19,NUT,leaves no wall",
    "CAP_LENGTH,8,CAP,it would touch",
    "SEAL_OUTSIDE,60,SEAL,lets no cup",
  })
  void eachImpossibleSizeIsSaidAtItsPart(
      HubDimension dimension, double value, HubPart part, String words) {
    assertThat(TaperHubSection.of(hub(Map.of(dimension, value))).problems())
        .anySatisfy(
            p -> {
              assertThat(p.part()).isEqualTo(part);
              assertThat(p.text()).contains(words);
            });
  }

  /** A tenth of a millimetre is a matter of fits and not of the wrong bearing. */
  @Test
  void fitsAreNotJudgedHere() {
    Map<HubDimension, Double> seats =
        Map.of(HubDimension.INBOARD_SEAT, 29.98, HubDimension.INBOARD_BORE, 61.95);
    assertThat(TaperHubSection.of(hub(seats)).problems()).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(HubDimension.class)
  void everyDefaultIsASizeThatWouldBeTaken(HubDimension dimension) {
    TaperHub hub = hub(Map.of());
    assertThat(hub.isAssumed(dimension)).isTrue();
    assertThat(dimension.problemWith(Length.ofMillimetres(hub.get(dimension)))).isEmpty();
    assertThat(hub.dimensions()).containsEntry(dimension, hub.get(dimension));
    assertThat(dimension.problemWith(Length.ofMillimetres(0))).isPresent();
    assertThat(dimension.problemWith(Length.ofMillimetres(9999)).orElseThrow().remedy())
        .startsWith("Taken are");
  }

  /** The drawing follows every single dimension. */
  @ParameterizedTest
  @EnumSource(HubDimension.class)
  void everyDimensionChangesTheSection(HubDimension dimension) {
    TaperHub hub = hub(Map.of(HubDimension.FLANGE_OUTSIDE, 90.0));
    double change = dimension == HubDimension.FLANGE_OUTSIDE ? 1.5 : -0.5;
    TaperHub other =
        new TaperHub(
            hub.inboard(),
            hub.outboard(),
            hub.thread(),
            Map.of(
                HubDimension.FLANGE_OUTSIDE,
                90.0 + (dimension == HubDimension.FLANGE_OUTSIDE ? change : 0),
                dimension == HubDimension.FLANGE_OUTSIDE ? HubDimension.SEAL_WIDTH : dimension,
                dimension == HubDimension.FLANGE_OUTSIDE ? 8.0 : hub.get(dimension) + change));
    assertThat(outlines(other)).isNotEqualTo(outlines(hub));
  }

  private static Object outlines(TaperHub hub) {
    return TaperHubSection.of(hub).parts().stream().map(SectionPart::shapes).toList();
  }

  @Test
  void aBallBearingIsNoPartOfThisArrangement() {
    assertThatThrownBy(
            () -> hub(Map.of()).withInboard(Catalogue.standard().find("6205").orElseThrow()))
        .hasMessageContaining("tapers only");
  }

  @Test
  void anUnknownThreadIsAssumedUnderTheOutboardBore() {
    SpindleThread assumed =
        TaperHub.assumedThread(Catalogue.standard().find("30204").orElseThrow());
    assertThat(assumed.diameterMm()).isEqualTo(18);
    TaperHub hub = hub(Map.of());
    for (var taper : Catalogue.standard().all().stream().filter(b -> b.isTaper()).toList()) {
      assertThat(TaperHub.assumedThread(taper).diameterMm()).isLessThan(taper.boreMm());
    }
    assertThat(hub.meanContactAngleDeg()).isBetween(12.9, 14.1);
  }
}
