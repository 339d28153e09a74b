package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;

class DesignationReaderTest {

  private final DesignationReader reader = DesignationReader.standard();

  private Reading first(String text) {
    return reader.read(text).readings().get(0);
  }

  @ParameterizedTest
  @CsvSource({
    "30206,30206",
    "302 06,30206",
    "30206 J2/Q,30206",
    "3O2O6,30206",
    "6205-2RS1/C3,6205",
    "62052rsc3,6205",
    "62/22,62/22",
    "320/32 x,320/32",
    "SS6204 zz,6204",
    "608,608",
    "32008X,32008",
    "302/32,302/32",
    "lm67048/lm67010,LM67048/LM67010",
    "L44649/10,L44649/L44610",
    "LM67010,LM67048/LM67010",
    "15123/15245,15123/15245",
    "6900,61900",
    "6804 2RS,61804",
    "688,618/8",
    "699,619/9",
    "61902-2RS,61902"
  })
  void readsAsMarked(String typed, String designation) {
    assertThat(first(typed).bearing().designation()).isEqualTo(designation);
  }

  @Test
  void saysWhatEveryRunMeans() {
    Reading reading = first("6205-2RS1 C3 xq");
    assertThat(reading.parts())
        .extracting(Part::text)
        .containsExactly("62", "05", "2RS1", "C3", "xq");
    assertThat(reading.parts())
        .extracting(Part::kind)
        .containsExactly(
            Part.Kind.SERIES, Part.Kind.BORE, Part.Kind.SUFFIX, Part.Kind.SUFFIX, Part.Kind.UNREAD);
    assertThat(reading.left()).isEqualTo(Closure.CONTACT);
    assertThat(reading.right()).isEqualTo(Closure.CONTACT);
    assertThat(reading.clearance()).isEqualTo("C3");
    assertThat(reading.unread()).containsExactly("xq");
    assertThat(reading.doubts()).anyMatch(d -> d.contains("xq"));
  }

  @Test
  void classAndClearanceAreTwoThings() {
    Reading reading = first("6205 P63");
    assertThat(reading.tolerance()).isEqualTo("P6");
    assertThat(reading.clearance()).isEqualTo("C3");
    assertThat(first("6205 P6").clearance()).isEqualTo("CN");
    assertThat(first("6205 ABEC 3").tolerance()).isEqualTo("P6");
    assertThat(first("6205 ABEC3").tolerance()).isEqualTo("P6");
  }

  @Test
  void aLostSlashShowsBothBores() {
    List<Reading> readings = reader.read("6222").readings();
    assertThat(readings)
        .extracting(r -> r.bearing().designation())
        .containsExactly("6222", "62/22");
    assertThat(readings.get(1).doubts()).anyMatch(d -> d.contains("measure the bore"));
  }

  @Test
  void aLetterWithTwoMeaningsGivesTwoReadings() {
    assertThat(reader.read("6205DD").readings())
        .extracting(Reading::left)
        .containsExactly(Closure.CONTACT, Closure.SHIELD);
    assertThat(first("6301 LLB").doubts()).anyMatch(d -> d.contains("gap all round"));
  }

  @Test
  void aWornCharacterListsAllThatFit() {
    List<String> found =
        reader.read("3020?").readings().stream().map(r -> r.bearing().designation()).toList();
    assertThat(found)
        .contains("30202", "30203", "30204", "30205", "30206", "30207", "30208", "30209")
        .hasSize(8);
  }

  @Test
  void severalNumbersAreReadEach() {
    ReadingReport report = reader.read("30206 / 30204; 6205");
    assertThat(report.items()).hasSize(3);
    assertThat(report.readings())
        .extracting(r -> r.item() + ":" + r.bearing().designation())
        .contains("0:30206", "1:30204", "2:6205");
  }

  @Test
  void whileTypingItSaysWhatItCouldBecome() {
    assertThat(reader.read("302").continuations()).contains("30206", "302/32");
    assertThat(reader.read("302").problem()).isEmpty();
    assertThat(reader.read("30206").readings().get(0).confidence()).isGreaterThan(0.9);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "hello",
        "wheel bearing grease",
        "12.50",
        "99999",
        "٣٠٢٠٦",
        "\u0000\u0007",
        "🛞",
        "call 555 0101"
      })
  void whatIsNoNumberGivesNoConfidentReading(String text) {
    ReadingReport report = reader.read(text);
    assertThat(report.readings()).allSatisfy(r -> assertThat(r.confidence()).isLessThan(0.5));
    if (report.readings().isEmpty() && !report.items().isEmpty()) {
      assertThat(report.problem()).isPresent();
    }
  }

  @Test
  void aVeryLongTextIsRefusedPlainly() {
    assertThat(reader.read("30206 ".repeat(2000)).problem().orElseThrow().wrong())
        .contains("Too long");
    assertThat(reader.read(null).problem()).isEmpty();
  }

  /** Law: every row with any suffixes of its family, however spaced, reads as itself first. */
  @Test
  void everyBearingIsReadBack() {
    Random random = new Random(20261123);
    for (Bearing bearing : Catalogue.standard().all()) {
      for (int i = 0; i < 20; i++) {
        String text = spelled(bearing, random);
        Reading reading = first(text);
        assertThat(reading.bearing().designation()).as(text).isEqualTo(bearing.designation());
        assertThat(reading.unread()).as(text).isEmpty();
      }
    }
  }

  private static String spelled(Bearing bearing, Random random) {
    boolean miniature = bearing.boreMm() < 10;
    boolean inch = List.of("R", "R1", "RLS", "RMS", "16", "MR").contains(bearing.series());
    List<Suffix> known =
        Suffix.of(Suffix.Place.SUFFIX, bearing.family()).stream()
            .filter(s -> miniature || !s.isForMiniatures())
            .filter(s -> !bearing.isInch())
            .filter(s -> !inch || !s.value().equals("design"))
            .toList();
    String suffixes =
        random
            .ints(known.isEmpty() ? 0 : random.nextInt(3), 0, Math.max(1, known.size()))
            .mapToObj(known::get)
            // A single letter stands before class and clearance, or is not read.
            .sorted(Comparator.comparing(s -> s.spelling().length() > 1))
            .map(s -> " -/".charAt(random.nextInt(3)) + s.spelling())
            .collect(Collectors.joining());
    String text = bearing.designation() + suffixes;
    return random.nextBoolean() ? text.toLowerCase(java.util.Locale.ROOT) : text;
  }

  @Test
  void confidencesOfOneNumberSumToAtMostOneAndPartsStandWhereTheySay() {
    for (String text : List.of("6222", "3020?", "6205DD C3 QX", "ss 608 zz", "3O2O6", "62?5")) {
      ReadingReport report = reader.read(text);
      assertThat(report.readings().stream().mapToDouble(Reading::confidence).sum())
          .isLessThanOrEqualTo(1);
      assertThat(report.readings())
          .allSatisfy(
              r ->
                  assertThat(r.parts())
                      .allSatisfy(
                          p -> assertThat(text.substring(p.start(), p.end())).isEqualTo(p.text())));
    }
  }

  /** A cone alone does not fix the bearing: its cups are named, and the reading says cone. */
  @Test
  void aConeOrCupAloneNamesItsPartners() {
    Reading cone = first("L68149");
    assertThat(cone.role()).isEqualTo("cone");
    assertThat(cone.doubts()).anyMatch(d -> d.contains("L68110, L68111"));
    Reading cup = first("L44610");
    assertThat(cup.role()).isEqualTo("cup");
    assertThat(cup.doubts()).anyMatch(d -> d.contains("L44640, L44643, L44649"));
    assertThat(first("L44649/L44610").role()).isEqualTo("set");
  }

  @Test
  void anInchNumberSaysItsClasses() {
    assertThat(first("LM67048").parts())
        .extracting(Part::text, Part::meaning)
        .contains(
            org.assertj.core.groups.Tuple.tuple("LM", "duty class light to medium"),
            org.assertj.core.groups.Tuple.tuple("6", "included angle of the cup 30.5 to 32.5°"));
    assertThat(first("JL69349/JL69310").parts().get(0).meaning()).contains("metric dimensions");
  }

  /** 688 is 4 mm wide open and 5 closed; 6900 is 6 either way. */
  @Test
  void aShortSpellingSaysWhereClosedWidthsDiffer() {
    assertThat(first("688 ZZ").doubts()).anyMatch(d -> d.contains("it is 5 mm wide; open, 4 mm"));
    assertThat(first("688").doubts()).noneMatch(d -> d.startsWith("Closed, it is"));
    assertThat(first("NA4902-2RS").doubts())
        .anyMatch(d -> d.contains("it is 14 mm wide; open, 13"));
    assertThat(first("NA4902-2RS").bearing().otherWidthMm()).hasValue(13);
    assertThat(first("RNA4902-2RS").doubts()).noneMatch(d -> d.startsWith("Closed, it is"));
    assertThat(first("6900 2RS").doubts()).noneMatch(d -> d.startsWith("Closed, it is"));
  }

  /**
   * One legible character fits hundreds of rows: nothing is claimed, and no time is spent on it.
   */
  @ParameterizedTest
  @ValueSource(strings = {"?????", "6????", "?", "???5", "??? ??? ???"})
  void tooLittleThatIsLegibleIsNoReading(String typed) {
    ReadingReport report = DesignationReader.standard().read(typed);
    assertThat(report.readings()).isEmpty();
    assertThat(report.problem().orElseThrow().wrong()).contains("Too few");
  }

  @Test
  void onePieceHasABoundedListAndATextABoundedNumberOfPieces() {
    ReadingReport worn = DesignationReader.standard().read("62??");
    assertThat(worn.readings()).hasSizeBetween(1, 60);
    assertThat(worn.readings().stream().mapToDouble(Reading::confidence).sum())
        .isLessThanOrEqualTo(1.0000001);
  }
}
