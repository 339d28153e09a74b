package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import unbo.core.tables.Table;

/**
 * Numbers of daily life, written down apart from the tables: how many are read right first, and in
 * how many of those with a mark, a place or a code beside them a fact is invented. The figures go
 * to {@code target/naming-daily.txt} and from there into docs/naming.md.
 */
class DailyNumbersTest {

  private static final double NOTHING_CLAIMED = 0.3;

  private record Case(String kind, String text, String designation, Map<String, String> facts) {}

  private static final List<Case> CASES =
      Table.read(
          DailyNumbersTest.class,
          "/unbo/core/designation/daily-numbers.csv",
          row ->
              new Case(
                  row.text("kind"),
                  row.text("text"),
                  row.text("designation"),
                  Map.of(
                      "closure", row.text("closure"),
                      "clearance", row.text("clearance"),
                      "tolerance", row.text("tolerance"),
                      "cage", row.text("cage"),
                      "angle", row.text("angle"),
                      "features", row.text("features"))));

  private final DesignationReader reader = DesignationReader.standard();

  /** What is wrong with the first reading of a case; empty when nothing is. */
  private String wrong(Case c) {
    List<Reading> readings = reader.read(c.text).readings();
    Reading first = readings.isEmpty() ? null : readings.get(0);
    if (c.designation.equals("-")) {
      return first == null || first.confidence() <= NOTHING_CLAIMED
          ? ""
          : "claims " + first.bearing().designation() + " at " + first.confidence();
    }
    if (first == null || !first.bearing().designation().equals(c.designation)) {
      return "read as " + (first == null ? "nothing" : first.bearing().designation());
    }
    return "";
  }

  /** The facts of the first reading that differ from what a person reads. */
  private String invented(Case c) {
    Reading first = reader.read(c.text).readings().get(0);
    Map<String, String> read =
        Map.of(
            "closure",
            c.facts.get("closure").equals("-") ? "-" : closure(first),
            "clearance",
            c.facts.get("clearance").equals("-") ? "-" : first.clearance(),
            "tolerance",
            first.tolerance(),
            "cage",
            first.cage().equals("unknown") ? "-" : first.cage(),
            "angle",
            angle(first, c.facts.get("angle")),
            "features",
            features(first));
    Set<String> differ = new TreeSet<>();
    read.forEach(
        (fact, value) -> {
          if (!value.equals(sorted(c.facts.get(fact)))) {
            differ.add(fact + " " + value);
          }
        });
    return String.join(", ", differ);
  }

  private static String sorted(String words) {
    return String.join(" ", new TreeSet<>(List.of(words.split(" (?!hole)"))));
  }

  private static String features(Reading reading) {
    return reading.features().isEmpty() ? "-" : String.join(" ", new TreeSet<>(reading.features()));
  }

  private static String closure(Reading reading) {
    return letter(reading.left()) + letter(reading.right());
  }

  private static String letter(Closure closure) {
    return closure == Closure.NOT_KNOWN ? "?" : closure.id().substring(0, 1);
  }

  private static String angle(Reading reading, String wanted) {
    if (reading.contactAngleDeg().isEmpty() || reading.bearing().isInch()) {
      return "-";
    }
    double angle = reading.contactAngleDeg().getAsDouble();
    boolean same = !wanted.equals("-") && Math.abs(angle - Double.parseDouble(wanted)) < 0.002;
    return same ? wanted : String.format(Locale.ROOT, "%.3f", angle);
  }

  @Test
  void numbersOfDailyLifeAreReadRightFirst() throws IOException {
    List<String> wrong = new ArrayList<>();
    for (Case c : CASES) {
      String what = wrong(c);
      if (!what.isEmpty()) {
        wrong.add(c.text + " " + what);
      }
    }
    note("read right first", CASES.size() - wrong.size(), CASES.size());
    assertThat(wrong).as(String.join("\n", wrong)).hasSizeLessThanOrEqualTo(0);
  }

  @Test
  void noFactIsInvented() throws IOException {
    List<String> invented = new ArrayList<>();
    int read = 0;
    for (Case c : CASES) {
      if (!c.designation.equals("-") && wrong(c).isEmpty()) {
        read++;
        String facts = invented(c);
        if (!facts.isEmpty()) {
          invented.add(c.text + " " + facts);
        }
      }
    }
    note("read without a fact that is not there", read - invented.size(), read);
    assertThat(invented).as(String.join("\n", invented)).hasSizeLessThanOrEqualTo(0);
  }

  /** A code that begins like what closes a bearing may be just that: it is never called open. */
  @Test
  void aCodeThatBeginsLikeAClosureLeavesNoBearingOpen() {
    List<String> closures =
        Suffix.of(Suffix.Place.SUFFIX, unbo.core.catalogue.Family.DEEP_GROOVE_BALL).stream()
            .filter(Suffix::isClosureOfBoth)
            .map(Suffix::spelling)
            .toList();
    assertThat(closures).hasSizeGreaterThan(30);
    for (String closure : closures) {
      for (String code : List.of("MT33", "J30", "5K", "A1", "X", "GXP", "Q2T", "77", "C6", "MC3")) {
        for (String gap : List.of("", " ", "-", "/")) {
          String text = "6205" + gap + closure + code;
          assertThat(reader.read(text).readings().stream().limit(1))
              .as(text)
              .noneMatch(first -> first.left() == Closure.OPEN);
        }
      }
    }
  }

  /** Whatever stands behind a number by itself, no letters of it make facts. */
  @Test
  void aWordOfLettersSaysNothing() {
    String letters = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";
    java.util.Random random = new java.util.Random(20261127);
    Set<String> known = new TreeSet<>();
    for (Suffix s : Suffix.of(Suffix.Place.SUFFIX, unbo.core.catalogue.Family.DEEP_GROOVE_BALL)) {
      known.add(s.spelling());
    }
    for (int i = 0; i < 5000; i++) {
      StringBuilder word = new StringBuilder();
      for (int n = 3 + random.nextInt(4); n > 0; n--) {
        word.append(letters.charAt(random.nextInt(letters.length())));
      }
      if (!known.contains(word.toString()) && !word.toString().matches("(ZZ?|RS|RZ)NR?")) {
        Reading first = reader.read("6205 " + word).readings().get(0);
        assertThat(first.bearing().designation()).as(word.toString()).isEqualTo("6205");
        assertThat(closure(first) + first.clearance() + first.tolerance() + first.cage())
            .as(word.toString())
            .isIn("ooCNNormalunknown", "??CNNormalunknown");
        assertThat(first.features()).as(word.toString()).isEmpty();
        assertThat(first.confidence()).as(word.toString()).isLessThan(0.96);
      }
    }
  }

  private static void note(String what, int found, int of) throws IOException {
    Path file = Path.of("target/naming-daily-" + what.replaceAll("[^a-z]+", "-") + ".txt");
    Files.writeString(file, "| " + what + " | " + found + " of " + of + " |\n");
  }
}
