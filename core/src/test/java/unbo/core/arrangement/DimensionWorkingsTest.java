package unbo.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

class DimensionWorkingsTest {

  static List<Arrangement> arrangements() {
    return Arrangements.standard().all();
  }

  @ParameterizedTest
  @MethodSource("arrangements")
  void eachGivesWhatTheSectionWrites(Arrangement arrangement) {
    Assembly assembly = Assembly.assumed(arrangement);
    List<Section.Dimension> written = SectionBuilder.of(assembly).dimensions();
    List<Working> worked = DimensionWorkings.of(assembly);
    assertThat(worked).hasSameSizeAs(written);
    for (int i = 0; i < worked.size(); i++) {
      assertThat(worked.get(i).result().value())
          .as("%s, dimension %s", arrangement.id(), i + 1)
          .isCloseTo(written.get(i).value(), within(1e-9));
    }
  }

  /** The formula as a reader would work it on paper, with the inputs as they are shown. */
  @ParameterizedTest
  @MethodSource("arrangements")
  void theFormulaInSignsGivesTheSame(Arrangement arrangement) {
    for (Working w : DimensionWorkings.of(Assembly.assumed(arrangement))) {
      String sum = w.formula().signs().replaceFirst("^[Ld] = ", "");
      sum = sum.replace('·', '*').replace("−", "-").replace(" mm", "").replaceFirst("^-", "- ");
      for (Input i : w.inputs()) {
        sum = sum.replaceAll("\\b" + i.symbol() + "\\b", "" + i.value().value());
      }
      double byHand = new ExpressionParser(sum, n -> n, n -> {}).parse().value(n -> Double.NaN);
      assertThat(byHand)
          .as("%s: %s", arrangement.id(), w.formula().signs())
          .isCloseTo(w.result().value(), within(0.02));
    }
  }

  /** ISO 15: a 6205 is 25 × 52 × 15 mm; a spacer hub holds its bearings a shoulder apart. */
  @Test
  void knowsWhatWasMeasuredReadAndAssumed() {
    Arrangement a4 = Arrangements.of("a4");
    Bearing read = Catalogue.standard().find("6205").orElseThrow();
    Assembly assembly =
        Assembly.assumed(a4)
            .with("left", read)
            .with(a4.size("hub.shoulder-distance").orElseThrow(), 62.4);
    List<Working> worked = DimensionWorkings.of(assembly);
    assertThat(worked.get(0).result().value()).isEqualTo(15);
    assertThat(kinds(worked.get(0))).containsExactly(Origin.Kind.READ);
    assertThat(worked.get(1).result().value()).isCloseTo(62.4, within(1e-9));
    assertThat(kinds(worked.get(1))).containsExactly(Origin.Kind.MEASURED);
    assertThat(worked.get(1).result().uncertainty())
        .as("a caliper’s")
        .isCloseTo(0.03, within(1e-9));
    assertThat(kinds(worked.get(2))).containsExactly(Origin.Kind.ASSUMED);
  }

  private static List<Origin.Kind> kinds(Working working) {
    return working.inputs().stream().map(i -> i.origin().kind()).toList();
  }
}
