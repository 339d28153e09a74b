package unbo.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.section.Shape;

/** What a place takes, what a part is counted or numbered by, and the pieces of a unit. */
class PlacesTest {

  private static Bearing bearing(String number) {
    return Catalogue.standard().find(number).orElseThrow();
  }

  /** A crank with one roller bearing is common; with a taper there is none. */
  @Test
  void aPlaceTakesTheKindsThatItLists() {
    BearingPlace left = Arrangements.of("a9").place("left").orElseThrow();
    assertThat(left.takes(bearing("6205"))).isTrue();
    assertThat(left.kindOf(bearing("NU205"))).contains(BearingKind.CYLINDRICAL_ROLLER);
    assertThat(left.takes(bearing("30205"))).isFalse();
    assertThat(left.title()).isEqualTo("deep groove ball bearing or cylindrical roller bearing");
    assertThatThrownBy(
            () -> new Assembly(Arrangements.of("a9"), Map.of("left", bearing("30205")), Map.of()))
        .hasMessageContaining("or cylindrical roller bearing");
  }

  @Test
  void theKindThatWasReadIsDrawn() {
    Arrangement crank = Arrangements.of("a9");
    assertThat(elements(Assembly.assumed(crank))).isNotEqualTo(elements(with(crank, "NU205")));
  }

  private static Assembly with(Arrangement crank, String number) {
    return new Assembly(crank, Map.of("left", bearing(number)), Map.of());
  }

  private static Object elements(Assembly assembly) {
    Section section = SectionBuilder.of(assembly);
    return section.parts().stream()
        .filter(p -> p.part().id().equals("left-main"))
        .flatMap(p -> p.shapes().stream())
        .filter(s -> s.look() == Shape.Look.UNCUT)
        .map(s -> s.outline().size())
        .toList();
  }

  /** Half of the inner ring can stay behind on its flange: the pieces are parts. */
  @Test
  void theHalvesOfAUnitAreParts() {
    Arrangement unit = Arrangements.of("a2");
    assertThat(unit.part("outer").orElseThrow().ring()).contains(Ring.OUTER);
    assertThat(unit.part("inner-right").orElseThrow().ring()).contains(Ring.INNER);
    Section section = SectionBuilder.of(Assembly.assumed(unit));
    double[] ends = new double[2];
    for (var part : section.parts()) {
      if (part.part().id().startsWith("inner-")) {
        int half = part.part().id().equals("inner-left") ? 0 : 1;
        ends[half] = half == 0 ? part.shapes().get(0).mostX() : part.shapes().get(0).leastX();
      }
    }
    assertThat(ends[0]).as("the halves meet").isEqualTo(ends[1]);
  }

  /** A piece is assumed as long as the unit's sizes are, though they are asked at another piece. */
  @Test
  void aPieceIsAssumedWithItsUnit() {
    Arrangement unit = Arrangements.of("a2");
    PartTemplate half = unit.part("inner-left").orElseThrow();
    assertThat(half.sizes()).isEmpty();
    assertThat(Assembly.assumed(unit).isAssumed(half)).isTrue();
    Map<String, Double> measured =
        Map.of("unit.bore", 39.0, "unit.outer", 72.0, "unit.width", 37.0);
    assertThat(new Assembly(unit, Map.of(), measured).isAssumed(half)).isFalse();
  }

  /** Nine balls of 1/4 inch are the rule in a rear hub: 28 mm of pitch takes no more than 13. */
  @Test
  void looseBallsGoByCountAndSize() {
    Arrangement hub = Arrangements.of("a5");
    SizeTemplate count = hub.size("left-balls.count").orElseThrow();
    assertThat(count.isCount()).isTrue();
    assertThat(count.read("9").value()).contains(9.0);
    assertThat(count.read("9.5").isRefused()).isTrue();
    assertThat(count.read("9 mm").isRefused()).isTrue();
    assertThat(count.read("99").problem().orElseThrow().remedy()).isEqualTo("Enter 3 to 30.");
    Map<String, Double> row = Map.of("left-balls.pitch", 28.0, "left-balls.size", 6.35);
    assertThat(new Assembly(hub, Map.of(), with(row, 13)).problems()).isEmpty();
    assertThat(new Assembly(hub, Map.of(), with(row, 14)).problems())
        .anyMatch(p -> p.text().contains("14 balls of 6.35 mm"));
    assertThat(SectionBuilder.of(new Assembly(hub, Map.of(), with(row, 9))).parts())
        .anyMatch(p -> p.name().equals("9 left balls"));
  }

  private static Map<String, Double> with(Map<String, Double> row, double count) {
    Map<String, Double> all = new java.util.HashMap<>(row);
    all.put("left-balls.count", count);
    return all;
  }

  @Test
  void aNumberThatNoTableKnowsIsText() {
    assertThat(Arrangements.of("a26").part("ring").orElseThrow().number()).isPresent();
    assertThat(Arrangements.of("a4").part("hub").orElseThrow().number()).isEmpty();
  }
}
