package unbo.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.setting.SpindleThread;

class TaperHubSectionTest {

  private static final SpindleThread THREAD = new SpindleThread(18, 1.5, "M18×1.5");

  private static Bearing bearing(String designation) {
    return Catalogue.standard().find(designation).orElseThrow();
  }

  private static TaperHub hub(Map<HubDimension, Double> measured) {
    return new TaperHub(bearing("30206"), bearing("30204"), THREAD, measured);
  }

  private static SectionPart part(Section section, HubPart part) {
    return section.parts().stream().filter(p -> p.part() == part).findFirst().orElseThrow();
  }

  @Test
  void theDemoHubHasElevenPartsInOrderAndNoImpossibleStack() {
    Section section = TaperHubSection.of(hub(Map.of()));
    assertThat(section.parts()).extracting(SectionPart::part).containsExactly(HubPart.values());
    assertThat(section.parts())
        .extracting(SectionPart::number)
        .containsExactly(1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11);
    assertThat(section.problems()).isEmpty();
  }

  @Test
  void facesStandWhereTheWidthsSay() {
    TaperHub hub = hub(Map.of(HubDimension.SHOULDER_DISTANCE, 34.0));
    Section section = TaperHubSection.of(hub);
    assertThat(hub.outboardFaceMm()).isEqualTo(17.25 + 34 + 15.25);
    Shape cup = part(section, HubPart.INBOARD_CUP).shapes().get(0);
    assertThat(cup.mostX()).isCloseTo(17.25, within(1e-9));
    assertThat(cup.mostR()).isCloseTo(31, within(1e-9));
    Shape washer = part(section, HubPart.WASHER).shapes().get(0);
    assertThat(washer.leastX()).isCloseTo(66.5, within(1e-9));
    assertThat(part(section, HubPart.OUTBOARD_CONE).shapes().get(0).leastR())
        .isCloseTo(10, within(1e-9));
  }

  /**
   * Law: over every pair of tapers, outlines are real, anchors lie inside, rings do not overlap.
   */
  @Test
  void everyPairOfTapersGivesASoundSection() {
    List<Bearing> tapers = Catalogue.standard().of(Family.TAPERED_ROLLER);
    for (int i = 0; i < tapers.size(); i += 3) {
      for (int j = 0; j < tapers.size(); j += 7) {
        TaperHub hub = new TaperHub(tapers.get(i), tapers.get(j), THREAD, Map.of());
        Section section = TaperHubSection.of(hub);
        String pair = hub.inboard().designation() + "/" + hub.outboard().designation();
        assertThat(section.parts())
            .as(pair)
            .allSatisfy(
                p -> {
                  assertThat(p.shapes()).allSatisfy(s -> assertThat(s.area()).isPositive());
                  assertThat(p.shapes()).as(p.name()).anyMatch(s -> contains(s, p.anchor()));
                });
        assertCupOverCone(section, HubPart.INBOARD_CUP, HubPart.INBOARD_CONE);
        assertCupOverCone(section, HubPart.OUTBOARD_CUP, HubPart.OUTBOARD_CONE);
      }
    }
  }

  private static void assertCupOverCone(Section section, HubPart cup, HubPart cone) {
    Shape ring = part(section, cup).shapes().get(0);
    Shape inner = part(section, cone).shapes().get(0);
    assertThat(inner.outline()).noneMatch(p -> contains(ring, p));
    assertThat(ring.outline()).noneMatch(p -> contains(inner, p));
    Shape roller = part(section, cone).shapes().get(1);
    assertThat(roller.mostR()).isGreaterThan(ring.leastR());
  }

  /** Even-odd rule. */
  private static boolean contains(Shape shape, Point p) {
    boolean inside = false;
    List<Point> o = shape.outline();
    for (int i = 0, j = o.size() - 1; i < o.size(); j = i++) {
      if ((o.get(i).r() > p.r()) != (o.get(j).r() > p.r())
          && p.x()
              < (o.get(j).x() - o.get(i).x())
                      * (p.r() - o.get(i).r())
                      / (o.get(j).r() - o.get(i).r())
                  + o.get(i).x()) {
        inside = !inside;
      }
    }
    return inside;
  }

  @Test
  void contactLinesSpreadTheEffectiveCentresApart() {
    TaperHub hub = hub(Map.of(HubDimension.SHOULDER_DISTANCE, 34.0));
    List<Section.ContactLine> lines = TaperHubSection.of(hub).contactLines();
    double centres = lines.get(1).centre().x() - lines.get(0).centre().x();
    double elements = lines.get(1).element().x() - lines.get(0).element().x();
    assertThat(centres).isGreaterThan(elements).isCloseTo(hub.effectiveCentresMm(), within(1e-9));
  }

  @Test
  void impossibleStacksAreSaidAtThePart() {
    Section section =
        TaperHubSection.of(
            hub(
                Map.of(
                    HubDimension.INBOARD_SEAT,
                    25.0,
                    HubDimension.SEAL_OUTSIDE,
                    50.0,
                    HubDimension.CAP_LENGTH,
                    6.0)));
    assertThat(section.problems())
        .extracting(Section.StackProblem::part)
        .containsExactlyInAnyOrder(HubPart.INBOARD_CONE, HubPart.SEAL, HubPart.CAP);
    assertThat(section.problems().get(0).text()).contains("30 mm", "25");
  }

  @Test
  void aSwappedPairAndAThickThreadAreRefused() {
    TaperHub swapped =
        new TaperHub(
            bearing("30204"), bearing("30206"), new SpindleThread(36, 1.5, "M36×1.5"), Map.of());
    assertThat(TaperHubSection.of(swapped).problems())
        .extracting(Section.StackProblem::part)
        .contains(HubPart.OUTBOARD_CONE, HubPart.NUT);
  }

  @Test
  void aMeasuredDimensionIsNoLongerAssumed() {
    Map<HubDimension, Double> all =
        Map.of(HubDimension.WASHER_OUTSIDE, 33.0, HubDimension.WASHER_THICKNESS, 3.0);
    assertThat(part(TaperHubSection.of(hub(all)), HubPart.WASHER).assumed()).isFalse();
    assertThat(part(TaperHubSection.of(hub(Map.of())), HubPart.WASHER).assumed()).isTrue();
    assertThat(
            HubDimension.SEAL_WIDTH
                .problemWith(unbo.core.units.Length.ofMillimetres(-3))
                .orElseThrow()
                .wrong())
        .contains("over zero");
  }
}
