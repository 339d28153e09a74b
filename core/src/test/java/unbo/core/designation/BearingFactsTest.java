package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
    "6205-QXJ, closure not known on both sides, clearance CN (none marked)"
  })
  void whatAMarkingSaysIsKept(String marking, String closed, String clearance) {
    assertThat(BearingFacts.of(reading(marking)).lines()).contains(closed, clearance);
  }

  @Test
  void whatWasNotUnderstoodIsKeptAsItStands() {
    BearingFacts facts = BearingFacts.of(reading("6205-QXJ"));
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
    Map<String, BearingFacts> known = Map.of("left", BearingFacts.of(sealed));
    assertThat(rubber(read.saying(known))).isEqualTo(2);
    Map<String, BearingFacts> unknown = Map.of("left", BearingFacts.of(reading("6204-QXJ")));
    assertThat(rubber(read.saying(unknown))).isZero();
  }

  /** B is 40°, C is 15° by the letters of the trade: the line of contact leans as far. */
  @ParameterizedTest
  @CsvSource({"7207 B, 40", "7207 C, 15"})
  void theContactLineLeansAsTheNumberSays(String marking, double angle) {
    Reading read = reading(marking);
    Assembly release =
        Assembly.assumed(Arrangements.of("a23"))
            .with("release", read.bearing())
            .saying(Map.of("release", BearingFacts.of(read)));
    Section.ContactLine line = SectionBuilder.of(release).contactLines().get(0);
    double along = Math.abs(line.centre().x() - line.element().x());
    double across = Math.abs(line.centre().r() - line.element().r());
    assertThat(Math.toDegrees(Math.atan2(along, across))).isCloseTo(angle, within(0.1));
  }
}
