package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.PartTemplate;
import unbo.core.catalogue.Catalogue;
import unbo.core.section.SectionBuilder;

/** A section is kept by everything that it is drawn from, and by nothing less. */
class DrawnSectionsTest {

  private static final Arrangement A1 = Arrangements.of("a1");
  private static final PartTemplate NUT = A1.part("nut").orElseThrow();

  /** One thing that a drawing is drawn from, by its name. */
  private record Given(
      String what,
      Assembly assembly,
      double grease,
      PartTemplate selected,
      PartStates states,
      List<SectionNote> results,
      boolean inch) {

    DrawnSection drawn(DrawnSections sections) {
      return sections.of(assembly, grease, selected, states, results, inch);
    }

    @Override
    public String toString() {
      return what;
    }
  }

  private static PartStates states(String letter) {
    return new PartStates(
        new PartStates.Word("as found", "F"), Map.of("nut", new PartStates.Word("keep", letter)));
  }

  private static Given usual() {
    return new Given(
        "usual",
        Assembly.assumed(A1),
        0,
        NUT,
        states("K"),
        List.of(new SectionNote(List.of(), NoteText.of("rock ").size(2).unit(), Sign.NONE, "")),
        false);
  }

  static Stream<Given> others() {
    Given u = usual();
    Assembly read = u.assembly.with("inboard", Catalogue.standard().find("32206").orElseThrow());
    Assembly measured =
        new Assembly(A1, Map.of(), new HashMap<>(Map.of("hub.shoulder-distance", 36.0)));
    return Stream.of(
        new Given("bearing", read, 0, NUT, u.states, u.results, false),
        new Given("size", measured, 0, NUT, u.states, u.results, false),
        new Given("grease", u.assembly, 0.5, NUT, u.states, u.results, false),
        new Given("selected", u.assembly, 0, null, u.states, u.results, false),
        new Given("states", u.assembly, 0, NUT, states("N"), u.results, false),
        new Given("results", u.assembly, 0, NUT, u.states, List.of(), false),
        new Given("units", u.assembly, 0, NUT, u.states, u.results, true),
        new Given(
            "arrangement",
            Assembly.assumed(Arrangements.of("a4")),
            0,
            null,
            u.states,
            u.results,
            false));
  }

  @Test
  void theSameIsDrawnOnce() {
    DrawnSections sections = new DrawnSections();
    assertThat(usual().drawn(sections)).isSameAs(usual().drawn(sections));
  }

  /** After something else was asked for the drawing is that of fresh sums, each time. */
  @ParameterizedTest
  @MethodSource("others")
  void whatDiffersIsDrawnAnew(Given other) {
    DrawnSections sections = new DrawnSections();
    DrawnSection usual = usual().drawn(sections);
    DrawnSection drawn = other.drawn(sections);
    assertThat(drawn).isNotEqualTo(usual).isEqualTo(other.drawn(new DrawnSections()));
    assertThat(drawn.bench())
        .isEqualTo(
            SectionDrawing.of(
                SectionBuilder.of(other.assembly, other.grease),
                SectionDrawing.Format.BENCH.in(other.inch),
                other.selected,
                other.states,
                other.results));
    assertThat(usual().drawn(sections)).isEqualTo(usual);
  }

  @Test
  void aListsDrawingHasNeitherBalloonsNorDimensions() {
    DrawnSections sections = new DrawnSections();
    SectionDrawing small = sections.thumbnail(A1);
    assertThat(small).isSameAs(sections.thumbnail(A1));
    assertThat(small.balloonRadius()).isZero();
    assertThat(small.width()).isEqualTo(SectionDrawing.Format.THUMBNAIL.width());
  }
}
