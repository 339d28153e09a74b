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
  private static final LetterReader LETTERS = LetterReader.of(new DeepGrooveBallFamily());

  private static List<SuffixRun> behind(Marking marking) {
    return LETTERS.behind(marking, "6205".length(), false);
  }

  /**
   * Pieces behind the number: known as they stand, codes with ~, words of the box with =, else ?.
   */
  private static String split(String behind) {
    Marking marking = Marking.of("6205" + behind, 0);
    return behind(marking).get(0).pieces().stream()
        .map(p -> sign(p) + marking.characters().substring(p.from(), p.to()))
        .collect(Collectors.joining(" "));
  }

  private static String sign(SuffixRun.Piece piece) {
    return switch (piece.kind()) {
      case KNOWN -> "";
      case CODE -> "~";
      case PLAIN -> "=";
      case WORD, FRACTION, SIZE, UNREAD -> "?";
    };
  }

  /** A piece is explained whole or not at all. */
  @ParameterizedTest
  @CsvSource({
    "2RSC3,2RS C3",
    "2RS1C3,2RS1 C3",
    "ZZC3P6,ZZ C3 P6",
    "-P63,P63",
    "2RSHHC5,2RSH HC5",
    "2ZNR,2Z NR",
    "QC3,?QC3",
    "-C3GJN,C3 ~GJN",
    "2RSC3GJN,2RS C3 ~GJN",
    "' C3GJN',C3 ~GJN",
    "' ABEC5',ABEC5",
    "' ABEC 5',ABEC5",
    "XY,?XY",
    "NTM,?NTM",
    "' NTM',?NTM",
    "-NTM,?NTM",
    "' ZEM',?ZEM",
    "' CMZ',?CMZ",
    "' TMA',?TMA",
    "ZEM,?ZEM",
    "/5K,~5K",
    "/WT,~WT",
    "' VA201',~VA201",
    "' 2 RS',2RS",
    "' C 3',C3",
    "' MADE IN XYLAND',=MADE =IN ?XYLAND",
    "' 2PCS',=2PCS",
    "' 25X52X15',?25X52X15",
    "MC3,M C3",
    "' 2QX',?2QX"
  })
  void splitsAsAMechanicWould(String text, String pieces) {
    assertThat(split(text)).isEqualTo(pieces);
  }

  /** What may hide a closure is told from what cannot: a word that stands free. */
  @ParameterizedTest
  @CsvSource({
    "XY, UNREAD",
    "-XYQ, UNREAD",
    "' XYQ', WORD",
    "' 2QX', UNREAD",
    "' sealed', UNREAD",
    "' 2019', WORD"
  })
  void aWordIsNoLetterOfAClosure(String text, SuffixRun.Kind kind) {
    assertThat(behind(Marking.of("6205" + text, 0)).get(0).pieces().get(0).kind()).isEqualTo(kind);
  }

  @Test
  void aSeparatorInsideASpellingBreaksIt() {
    assertThat(split("-2R-XS")).isEqualTo("?2R ?XS");
    assertThat(split("ZZ-C3")).isEqualTo("ZZ C3");
  }

  @Test
  void aSpellingWithTwoMeaningsIsSplitTwice() {
    List<SuffixRun> runs = behind(Marking.of("6205DD", 0));
    assertThat(runs).hasSize(2);
    assertThat(runs.stream().mapToDouble(SuffixRun::weight).sum()).isEqualTo(1.0);
  }

  @Test
  void nothingToSplitIsOneEmptySplit() {
    assertThat(behind(Marking.of("6205", 0)))
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
