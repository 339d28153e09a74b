package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.section.Shape;

class BearingFactsTest {

  private static Reading reading(String marking) {
    return DesignationReader.standard().read(marking).readings().get(0);
  }

  /** Closures and clearances of daily life; a letter that nobody understands opens nothing. */
  @ParameterizedTest
  @CsvSource({
    "6205, open on both sides, clearance CN (none marked)",
    "6205-2RS C3, contact seal on both sides, clearance C3",
    "6205 ZZ, shield on both sides, clearance CN (none marked)",
    "6205-Z, 'shield on one side, open on the other', clearance CN (none marked)",
    "6205 QXJ, closure not known on both sides, clearance CN (none marked)"
  })
  void whatAMarkingSaysIsKept(String marking, String closed, String clearance) {
    assertThat(BearingFacts.of(reading(marking)).lines()).contains(closed, clearance);
  }

  @Test
  void whatWasNotUnderstoodIsKeptAsItStands() {
    BearingFacts facts = BearingFacts.of(reading("6205 QXJ"));
    assertThat(facts.lines()).last().asString().startsWith("not understood: ");
    assertThat(facts.closed().left()).as("not known is not open").isEmpty();
    assertThat(BearingFacts.of(reading("6205")).closed().left()).contains(Closure.OPEN);
  }

  /** A taper has neither seals nor shields to speak of; its angle is that of the table. */
  @Test
  void aTaperSpeaksOfItsAngle() {
    assertThat(BearingFacts.of(reading("30206")).lines())
        .noneMatch(l -> l.contains("open"))
        .anyMatch(l -> l.startsWith("contact angle 14"));
  }

  private static long rubber(Assembly assembly) {
    Section section = SectionBuilder.of(assembly);
    return section.parts().stream()
        .filter(p -> p.part().isBearing())
        .flatMap(p -> p.shapes().stream())
        .filter(s -> s.look() == Shape.Look.CUT_RUBBER)
        .count();
  }

  @Test
  void theSectionShowsSealsThatAreKnown() {
    Arrangement hub = Arrangements.of("a4");
    Reading sealed = reading("6204-2RS");
    Assembly read = Assembly.assumed(hub).with("left", sealed.bearing());
    assertThat(rubber(read)).isZero();
    Map<String, ClosedSides> known = Map.of("left", BearingFacts.of(sealed).closed());
    assertThat(rubber(read.closedBy(known))).isEqualTo(2);
    Map<String, ClosedSides> unknown =
        Map.of("left", BearingFacts.of(reading("6204 QXJ")).closed());
    assertThat(rubber(read.closedBy(unknown))).isZero();
  }
}
