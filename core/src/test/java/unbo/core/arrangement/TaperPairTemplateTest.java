package unbo.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;

/** Arrangement A1, whose figures the setting of the nut rests on. */
class TaperPairTemplateTest {

  private static final Arrangement A1 = Arrangements.of("a1");

  private static Bearing bearing(String designation) {
    return Catalogue.standard().find(designation).orElseThrow();
  }

  private static Assembly hub(Map<String, Double> measured) {
    Map<String, Double> all = new HashMap<>(measured);
    all.put("nut.thread", 18.0);
    return new Assembly(A1, Map.of("inboard", bearing("30206"), "outboard", bearing("30204")), all);
  }

  /** One wrong size, one problem, at the part where it is seen. */
  @ParameterizedTest
  @CsvSource({
    "spindle.seal-seat,30.5,spindle,leaves no shoulder",
    "spindle.inboard-seat,30.3,inboard-cone,the wrong size",
    "spindle.outboard-seat,19.8,outboard-cone,the wrong size",
    "hub.inboard-bore,61.5,inboard-cup,the wrong size",
    "hub.outboard-bore,47.4,outboard-cup,the wrong size",
    "hub.barrel-outside,66,hub,no wall left",
    "hub.flange-outside,70,hub,does not stand out",
    "washer.outside,17,washer,does not go over",
    "washer.outside,44,washer,would rub the cap",
    "nut.across-flats,41,nut,would rub the cap",
    "nut.across-flats,19,nut,leaves no wall",
    "cap.length,8,cap,it would touch",
    "seal.outside,60,seal,lets no cup",
  })
  void eachImpossibleSizeIsSaidAtItsPart(String size, double value, String part, String words) {
    assertThat(hub(Map.of(size, value)).problems())
        .anySatisfy(
            p -> {
              assertThat(p.part()).isEqualTo(part);
              assertThat(p.text()).contains(words);
            });
  }

  /** A tenth of a millimetre is a matter of fits and not of the wrong bearing. */
  @Test
  void fitsAreNotJudgedHere() {
    assertThat(hub(Map.of("spindle.inboard-seat", 29.98, "hub.inboard-bore", 61.95)).problems())
        .isEmpty();
  }

  @Test
  void facesStandWhereTheWidthsSay() {
    Assembly hub = hub(Map.of("hub.shoulder-distance", 34.0));
    assertThat(hub.valueOf("outboard.to")).isEqualTo(17.25 + 34 + 15.25);
  }

  @Test
  void aSwappedPairAndAThickThreadAreRefused() {
    Assembly swapped =
        new Assembly(
            A1,
            Map.of("inboard", bearing("30204"), "outboard", bearing("30206")),
            Map.of("nut.thread", 36.0));
    assertThat(swapped.problems()).extracting(StackProblem::part).contains("outboard-cone", "nut");
  }

  /** The centres of contact normals lie further apart than the rollers: back to back. */
  @Test
  void theEffectiveCentresSpread() {
    TaperPair pair = TaperPair.of(hub(Map.of("hub.shoulder-distance", 34.0))).orElseThrow();
    assertThat(pair.effectiveCentresMm()).isBetween(58.5, 59.3);
    assertThat(pair.meanContactAngleDeg()).isBetween(12.9, 14.1);
    assertThat(TaperPair.of(Assembly.assumed(Arrangements.of("a4")))).isEmpty();
  }

  @Test
  void aBallBearingIsNoPartOfThisArrangement() {
    assertThatThrownBy(() -> hub(Map.of()).with("inboard", bearing("6205")))
        .hasMessageContaining("tapered roller bearing only");
  }

  @Test
  void anUnknownThreadIsAssumedUnderTheOutboardBore() {
    for (Bearing taper : Catalogue.standard().all().stream().filter(Bearing::isTaper).toList()) {
      Assembly any = Assembly.assumed(A1).with("outboard", taper);
      assertThat(any.valueOf("nut.thread")).isLessThan(taper.boreMm());
    }
  }

  @Test
  void whatIsMeasuredIsNoLongerAssumed() {
    PartTemplate washer = A1.part("washer").orElseThrow();
    assertThat(hub(Map.of()).isAssumed(washer)).isTrue();
    assertThat(hub(Map.of("washer.outside", 33.0, "washer.thickness", 3.0)).isAssumed(washer))
        .isFalse();
    PartTemplate cone = A1.part("inboard-cone").orElseThrow();
    assertThat(hub(Map.of()).isAssumed(cone)).isFalse();
    assertThat(Assembly.assumed(A1).isAssumed(cone)).isTrue();
  }
}
