package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;

class SuffixRunTest {

  private static final List<Suffix> BALL = Suffix.of(Suffix.Place.SUFFIX, Family.DEEP_GROOVE_BALL);

  private static String split(String text) {
    Marking marking = Marking.of(text, 0);
    return SuffixRun.split(marking, 0, marking.length(), SuffixIndex.of(BALL))
        .get(0)
        .pieces()
        .stream()
        .map(p -> (p.isUnread() ? "?" : "") + marking.characters().substring(p.from(), p.to()))
        .collect(Collectors.joining(" "));
  }

  /** Fewest unread characters first, then fewest pieces. */
  @ParameterizedTest
  @CsvSource({
    "2RSC3,2RS C3",
    "2RS1C3,2RS1 C3",
    "ZZC3P6,ZZ C3 P6",
    "P63,P63",
    "2RSHHC5,2RSH HC5",
    "2ZNR,2Z NR",
    "QC3,?Q C3",
    "C3GJN,C3 ?G J N",
    "ABEC5,ABEC5",
    "XY,?X ?Y"
  })
  void splitsAsAMechanicWould(String text, String pieces) {
    assertThat(split(text)).isEqualTo(pieces);
  }

  @Test
  void aSeparatorInsideASpellingBreaksIt() {
    assertThat(split("2R-S")).doesNotContain("2RS");
    assertThat(split("ZZ-C3")).isEqualTo("ZZ C3");
  }

  @Test
  void aSpellingWithTwoMeaningsIsSplitTwice() {
    Marking marking = Marking.of("DD", 0);
    List<SuffixRun> runs = SuffixRun.split(marking, 0, 2, SuffixIndex.of(BALL));
    assertThat(runs).hasSize(2);
    assertThat(runs.stream().mapToDouble(SuffixRun::weight).sum()).isEqualTo(1.0);
  }

  @Test
  void nothingToSplitIsOneEmptySplit() {
    assertThat(SuffixRun.split(Marking.of("", 0), 0, 0, SuffixIndex.of(BALL)))
        .hasSize(1)
        .first()
        .extracting(r -> r.pieces().size())
        .isEqualTo(0);
  }

  @Test
  void aMarkingKnowsWhereEachCharacterStood() {
    Marking marking = Marking.of(" 62/22-z", 10);
    assertThat(marking.characters()).isEqualTo("6222Z");
    assertThat(marking.place(0)).isEqualTo(11);
    assertThat(marking.separatorBefore(2)).isEqualTo('/');
    assertThat(marking.separatorBefore(4)).isEqualTo('-');
    assertThat(marking.placeAfter(5)).isEqualTo(18);
    assertThat(Marking.of("6 / 2", 0).separatorBefore(1))
        .as("a slash outranks the spaces beside it")
        .isEqualTo('/');
  }

  @ParameterizedTest
  @CsvSource({"62/22,1", "62 22,0.12", "6222,0.15", "6Z/22,0.2", "6?/22,0.5", "63/22,0", "62,0"})
  void spellingsAreMatchedByHowWellTheyFit(String marked, double score) {
    Bearing bearing = Catalogue.standard().find("62/22").orElseThrow();
    double found = Spelling.of(bearing, "bearing", List.of()).match(Marking.of(marked, 0), 0);
    assertThat(found).isBetween(score - 0.035, score + 0.035);
  }

  @Test
  void everySuffixHasAMeaningAndASource() {
    for (Suffix suffix : BALL) {
      assertThat(suffix.meaning()).as(suffix.spelling()).isNotBlank();
      assertThat(suffix.source()).as(suffix.spelling()).isNotBlank();
      assertThat(suffix.spelling()).isUpperCase();
    }
    var weights =
        BALL.stream()
            .collect(
                Collectors.groupingBy(Suffix::spelling, Collectors.summingDouble(Suffix::weight)));
    assertThat(weights.values())
        .as("meanings of one spelling share one weight")
        .allMatch(w -> Math.abs(w - 1) < 1e-9);
  }
}
