package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;

/**
 * Laws of reading over the whole catalogue, with seeded chance: what is written is read, what is
 * mutilated is still found, what is no number is not taken for one. The figures go to {@code
 * target/naming.txt} and from there into docs/naming.md.
 */
class ReadingLawsTest {

  private static final long SEED = 20261124;
  private static final int CASES = 10_000;
  private static final List<Suffix.Kind> IN_ORDER =
      List.of(Suffix.Kind.CAGE, Suffix.Kind.CLOSURE, Suffix.Kind.TOLERANCE, Suffix.Kind.CLEARANCE);

  private final DesignationReader reader = DesignationReader.standard();
  private final List<Bearing> all = Catalogue.standard().all();
  private final Random random = new Random(SEED);

  private Bearing any() {
    return all.get(random.nextInt(all.size()));
  }

  /** A number with suffixes as it could stand on a box: cage, closure, class, clearance. */
  private String marked(Bearing bearing) {
    StringBuilder text = new StringBuilder(bearing.designation());
    for (Suffix.Kind kind : IN_ORDER) {
      List<Suffix> known =
          Suffix.of(Suffix.Place.SUFFIX, bearing.family()).stream()
              .filter(s -> s.kind() == kind && s.weight() == 1)
              .filter(s -> bearing.boreMm() < 10 || !s.isForMiniatures())
              .toList();
      if (!bearing.isInch() && !known.isEmpty() && random.nextInt(3) == 0) {
        text.append(random.nextBoolean() ? "-" : " ");
        text.append(known.get(random.nextInt(known.size())).spelling());
      }
    }
    return text.toString();
  }

  /** The place of a bearing in the ranking, from 1; 0 when it is not there. */
  private int rank(String text, Bearing bearing) {
    List<Reading> readings = reader.read(text).readings();
    List<String> distinct =
        readings.stream().map(r -> r.bearing().designation()).distinct().toList();
    return distinct.indexOf(bearing.designation()) + 1;
  }

  @Test
  void whatIsWrittenIsRead() {
    for (Bearing bearing : all) {
      assertThat(rank(bearing.designation(), bearing)).as(bearing.designation()).isEqualTo(1);
    }
    for (int i = 0; i < CASES; i++) {
      Bearing bearing = any();
      String text = marked(bearing);
      assertThat(rank(text, bearing)).as(text).isEqualTo(1);
    }
  }

  /** Separators lost, lower case, doubled spaces, a look-alike. */
  private String mutilated(String text) {
    return switch (random.nextInt(4)) {
      case 0 -> text.replaceAll("[ -]", "");
      case 1 -> text.toLowerCase(Locale.ROOT);
      case 2 -> text.replaceAll("[ -]", "  ");
      default -> lookAlike(text);
    };
  }

  private String lookAlike(String text) {
    int at = random.nextInt(text.length());
    String twins = "0O1I5S8B2Z";
    int twin = twins.indexOf(text.charAt(at));
    return twin < 0
        ? text
        : text.substring(0, at) + twins.charAt(twin ^ 1) + text.substring(at + 1);
  }

  @Test
  void whatIsMutilatedIsStillFound() throws IOException {
    int first = 0;
    int firstThree = 0;
    List<String> lost = new ArrayList<>();
    for (int i = 0; i < CASES; i++) {
      Bearing bearing = any();
      String text = mutilated(marked(bearing));
      int rank = rank(text, bearing);
      first += rank == 1 ? 1 : 0;
      firstThree += rank >= 1 && rank <= 3 ? 1 : 0;
      if (rank != 1) {
        lost.add(text + " for " + bearing.designation() + " at " + rank);
      }
    }
    note("mutilated, first", first);
    note("mutilated, in the first three", firstThree);
    assertThat(first).as(lost.toString()).isGreaterThanOrEqualTo(CASES * 97 / 100);
    assertThat(firstThree).as(lost.toString()).isGreaterThanOrEqualTo(CASES * 995 / 1000);
  }

  /** One worn character: always listed; a measured bore beside it narrows the list. */
  @Test
  void oneWornCharacterStillListsIt() throws IOException {
    double alone = 0;
    double measured = 0;
    for (int i = 0; i < CASES; i++) {
      Bearing bearing = any();
      String number = bearing.designation();
      int at;
      do {
        at = random.nextInt(number.length());
      } while ("/. -".indexOf(number.charAt(at)) >= 0);
      String text = number.substring(0, at) + "?" + number.substring(at + 1);
      List<Bearing> listed =
          reader.read(text).readings().stream().map(Reading::bearing).distinct().toList();
      assertThat(listed).as(text).contains(bearing);
      alone += (listed.indexOf(bearing) + 1.0) / CASES;
      List<Bearing> ofBore =
          listed.stream().filter(b -> Math.abs(b.boreMm() - bearing.boreMm()) < 0.1).toList();
      measured += (ofBore.indexOf(bearing) + 1.0) / CASES;
    }
    note("one worn character, mean rank", String.format(Locale.ROOT, "%.2f", alone));
    note("with the bore measured, mean rank", String.format(Locale.ROOT, "%.2f", measured));
    assertThat(measured).isLessThan(alone);
  }

  /** Words, prices, dates, telephone numbers, oil grades: nothing over a half. */
  @Test
  void whatIsNoNumberIsNotTakenForOne() throws IOException {
    List<String> words =
        List.of("hub", "trailer", "wheel nut", "left", "torque", "grease", "order", "bolt", "axle");
    int sure = 0;
    List<String> taken = new ArrayList<>();
    for (int i = 0; i < CASES; i++) {
      String text =
          switch (random.nextInt(6)) {
            case 0 -> words.get(random.nextInt(words.size())) + " " + random.nextInt(100);
            case 1 -> (5 + random.nextInt(400)) + "." + (10 + random.nextInt(90)) + " EUR";
            case 2 ->
                String.format(
                    Locale.ROOT,
                    "%d.%d.20%02d",
                    1 + random.nextInt(28),
                    1 + random.nextInt(12),
                    random.nextInt(40));
            case 3 ->
                String.format(
                    Locale.ROOT, "0%d %07d", 30 + random.nextInt(900), random.nextInt(10_000_000));
            case 4 -> (random.nextInt(5) * 5) + "W-" + (20 + 10 * random.nextInt(5));
            default -> "SAE " + (70 + 5 * random.nextInt(6)) + "W-" + (80 + 10 * random.nextInt(7));
          };
      boolean over = reader.read(text).readings().stream().anyMatch(r -> r.confidence() > 0.5);
      sure += over ? 1 : 0;
      if (over) {
        taken.add(text);
      }
    }
    note("no number, read with over a half", sure);
    assertThat(sure).as(taken.toString()).isLessThanOrEqualTo(CASES * 5 / 1000);
  }

  private static void note(String what, Object figure) throws IOException {
    Path file = Path.of("target/naming-" + what.replaceAll("[^a-z]+", "-") + ".txt");
    Files.writeString(file, "| " + what + " | " + figure + " |\n");
  }

  /** Digits that go on behind a number make another one: nothing of it is left. */
  @Test
  void aLongerRunOfDigitsIsAnotherNumber() {
    for (Bearing bearing : Catalogue.standard().of(Family.DEEP_GROOVE_BALL)) {
      String number = bearing.designation();
      for (String more : List.of("13", "98", "408")) {
        assertThat(DesignationReader.standard().read(number + more).readings())
            .as(number + more)
            .noneMatch(r -> r.bearing().designation().equals(number));
      }
    }
  }

  /** Two letters or more of a kind make the digits behind a gap that kind’s, or nobody’s. */
  @Test
  void theLettersOfAKindAreNoMark() {
    for (String text : List.of("SCE 1212", "BH 1616", "HK 3909", "NA 4999", "UCFL 204-12 D1")) {
      assertThat(DesignationReader.standard().read(text).readings()).as(text).isEmpty();
      assertThat(DesignationReader.standard().read(text).problem()).as(text).isPresent();
    }
    for (String text : List.of("SB 6205", "NA 6205", "BB 6806", "AS 6205", "SA 6204")) {
      assertThat(DesignationReader.standard().read(text).readings().get(0).confidence())
          .as(text)
          .isGreaterThan(0.9);
    }
  }

  /** A second number behind a comma is one of its own, however few digits its kind has. */
  @Test
  void whatACommaPartsIsReadApart() {
    for (String second : List.of("MR95", "KR22", "POS8", "R8", "GE 15")) {
      assertThat(DesignationReader.standard().read("6205-2RS, " + second).items())
          .as(second)
          .hasSize(2);
    }
    for (String more : List.of("2RS", "C3", "MT33", "ABEC 7", "TN9", "P6")) {
      assertThat(DesignationReader.standard().read("6205, " + more).items()).as(more).hasSize(1);
    }
  }

  /** The bore of the plan is not claimed where digits that were not read may name another. */
  @ParameterizedTest
  @CsvSource({
    "6204-16-2RS, 20, true",
    "6203-2RS-16, 17, true",
    "6203/16, 17, true",
    "6202-16 mm, 15, true",
    "6203-2RS-5/7, 17, false",
    "6203-2RS-10, 15.875, false",
    "6203-2RS 15.875, 15.875, false",
    "6203/15.875, 15.875, false",
    "6201-2RS-12.7, 12.7, false",
    "6203-2RS 12.5, 17, true",
    "6203-10 4.50, 15.875, true",
    "6203-2RS-5/8 v1.2, 15.875, false",
    "6203-2RS 24, 17, false",
    "6203-2RS-2, 17, false",
    "6203-2RS-240317, 17, false",
    "6203 2RS 16mm, 17, true",
    "6203-2RS 17 mm, 17, false",
    "6205-2RS 52 mm, 25, false",
    "6205-2RS 1\", 25.4, false",
    "6205 1 inch, 25.4, false",
    "6204 0.75 in, 19.05, false",
    "6205 0.5 in, 25, true",
    "6202-2RS-15, 15, false",
    "R8 1/2, 12.7, false",
    "R8 3/8\", 12.7, true",
    "6205 12 in stock, 25, false"
  })
  void digitsBehindMayBeAnotherBore(String text, double boreMm, boolean inDoubt) {
    Reading reading = DesignationReader.standard().read(text).readings().get(0);
    assertThat(reading.bearing().boreMm()).isEqualTo(boreMm);
    assertThat(reading.boreInDoubt()).isEqualTo(inDoubt);
    assertThat(reading.confidence()).isLessThan(inDoubt ? 0.35 : 1.01);
    assertThat(reading.doubts().stream().anyMatch(d -> d.startsWith("The bore is in doubt")))
        .isEqualTo(inDoubt);
  }

  /** The second width of a wheel unit stands behind a stroke, a gap or nothing. */
  @ParameterizedTest
  @ValueSource(strings = {"/30", "30", " 30", "-30", "/30 2RS", " / 30"})
  void theSecondWidthOfAUnitIsParted(String second) {
    List<Reading> readings = DesignationReader.standard().read("DAC35680033" + second).readings();
    assertThat(readings).hasSize(1);
    assertThat(readings.get(0).bearing().designation()).isEqualTo("DAC35680033/30");
    assertThat(readings.get(0).confidence()).isGreaterThan(0.6);
  }

  /**
   * A letter glued before a small bearing is its flange; before a dash it begins a maker's code.
   */
  @ParameterizedTest
  @CsvSource({
    "F688ZZ, 688, true",
    "F6800-2RS, 61800, true",
    "F 688 ZZ, 688, false",
    "F-6205, 6205, false"
  })
  void aFlangeIsGluedBeforeTheNumber(String text, String row, boolean flange) {
    Reading reading = DesignationReader.standard().read(text).readings().get(0);
    assertThat(reading.bearing().designation()).isEqualTo(row);
    assertThat(reading.features().contains("flange")).isEqualTo(flange);
    assertThat(reading.unread().isEmpty()).isEqualTo(flange);
  }

  /** Beside a cage they are other parts; behind a ball's number the letters are its maker's. */
  @ParameterizedTest
  @CsvSource({
    "AXK3047-2AS, washers, true",
    "AXK 1730 AS, washer, true",
    "AXK1730+2AS1730, '', true",
    "6205 AS, '', false"
  })
  void washersStandBesideTheCage(String text, String feature, boolean read) {
    Reading reading = DesignationReader.standard().read(text).readings().get(0);
    assertThat(String.join(" ", reading.features())).isEqualTo(feature);
    assertThat(reading.unread().isEmpty()).isEqualTo(read);
  }

  /** Behind the closure sixteenths may be a month of a year: neither is claimed. */
  @Test
  void aMonthIsNoBoreForSure() {
    assertThat(DesignationReader.standard().read("6203-2RS 11/16").readings().get(0).confidence())
        .isLessThan(0.6);
    assertThat(DesignationReader.standard().read("6203-2RS-5/8").readings().get(0).confidence())
        .isGreaterThan(0.9);
  }
}
