package unbo.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;
import org.jsoup.select.NodeVisitor;
import org.junit.jupiter.api.Test;

/**
 * How pages speak, kept true: every text of the templates, the tables and the Java code that can
 * reach a page is looked through for words that a mechanic has to read twice. What may stand all
 * the same is listed with its reason.
 */
class VoiceTest {

  private static final Path RESOURCES = Path.of("src/main/resources");
  private static final Path CORE = Path.of("../core/src/main");

  /** What is not said, and what is said instead. */
  private static final Map<String, String> NOT_SAID =
      Map.ofEntries(
          Map.entry("\\bbrothers?\\b", "the other side"),
          Map.entry("\\b[Tt]ake back\\b|\\b[Tt]ook back\\b|\\btaken back\\b", "undo"),
          Map.entry("\\b[Pp]ass(ed)? over\\b", "skip"),
          Map.entry("\\bWhat is it\\?", "Find the fault"),
          Map.entry("\\b[Tt]he round\\b", "walkaround check"),
          Map.entry("\\b[Ss]chool\\b", "setting method"),
          Map.entry("\\baccus\\w+", "showed the fault, points to"),
          Map.entry("\\b[Hh]ard stops?\\b", "release check"),
          Map.entry(
              "\\bby name and with\\b|\\b[Ww]aive .{0,12}by name\\b", "your name is recorded"),
          Map.entry("\\b[Ii]f left\\b", "if not repaired"),
          Map.entry("\\bend float\\b", "end play"),
          Map.entry("\\bhub drag\\b", "turning torque"),
          Map.entry("\\btwo-row\\b", "double-row"),
          Map.entry("\\bone row of (balls|rollers)\\b", "single-row"),
          Map.entry("\\bMind:", "Warning: or Caution:"),
          Map.entry("\\b[Hh]andbrake\\b", "parking brake"),
          Map.entry(
              "\\bcannot be told\\b|\\bcannot be told from\\b", "cannot tell, no clear difference"),
          Map.entry("\\bsurely\\b", "clearly"),
          Map.entry("\\bThat (cannot be|is no)\\b", "out of range; not a …"),
          Map.entry("\\bTaken are\\b", "Enter"),
          Map.entry("\\bcooks?\\b|\\bcooked\\b|\\bdies?\\b|\\bdying\\b", "a plain verb"),
          Map.entry("\\bwhere he says\\b|\\bhe gives\\b", "the vehicle maker"),
          Map.entry("\\bfirst distance\\b", "50 km (30 miles)"),
          Map.entry("\\blicensed practice\\b", "the one sentence for the law"),
          Map.entry("\\bhub (left|right)\\b|\\bpedal (left|right)\\b", "left hub: the side first"),
          Map.entry(
              "\\bonce a turn\\b|(mm|°C|g|times|positions) an? (turn|stroke|minute|year|hole)\\b",
              "per turn"),
          Map.entry("\\bKeep this\\b|\\bKeep these\\b|\\bKeep the result\\b", "Save"),
          Map.entry("\\bin the place of\\b", "instead of"),
          Map.entry("\\b[Ff]its and suits\\b", "suitable"));

  /** Texts that may have such a word, each for its reason. */
  private static final Map<String, String> ALLOWED =
      Map.of("school", "the name of a field in forms and in the JSON interface, which stays");

  private static final Pattern JAVA_TEXT = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
  private static final Pattern JOINED = Pattern.compile("\"\\s*\\+\\s*\"");
  private static final Pattern KELVIN = Pattern.compile("[\\d%sf}\\s] K\\b|^ K\\b|\" K\\b");
  private static final Pattern STRAIGHT = Pattern.compile("\\p{L}'(s|t|ll|re|ve)?\\b");

  /** A text with the place where it stands. */
  private record Said(String place, String text) {}

  private static List<Path> files(Path root, String ending) throws IOException {
    try (Stream<Path> all = Files.walk(root)) {
      return all.filter(p -> p.toString().endsWith(ending)).sorted().toList();
    }
  }

  /** Text, and the words in expressions, attributes included. */
  private static List<Said> templates() throws IOException {
    List<Said> all = new ArrayList<>();
    for (Path file : files(RESOURCES.resolve("templates"), ".html")) {
      Document page = Jsoup.parse(Files.readString(file), "", Parser.htmlParser());
      page.traverse(
          (NodeVisitor)
              (node, depth) -> {
                if (node instanceof TextNode text && !text.isBlank()) {
                  all.add(new Said(file.toString(), text.text()));
                } else if (node instanceof Element element) {
                  element.attributes().forEach(a -> quoted(file, a.getValue(), all));
                }
              });
    }
    return all;
  }

  private static void quoted(Path file, String expression, List<Said> all) {
    Matcher quoted = Pattern.compile("'([^']*)'").matcher(expression);
    while (quoted.find()) {
      if (quoted.group(1).matches(".*\\p{L}{3}.*")) {
        all.add(new Said(file.toString(), quoted.group(1)));
      }
    }
  }

  /** Sentences and titles in Java: texts with a space, or single capital words. */
  private static List<Said> java() throws IOException {
    List<Said> all = new ArrayList<>();
    List<Path> files = new ArrayList<>(files(Path.of("src/main/java"), ".java"));
    files.addAll(files(CORE.resolve("java"), ".java"));
    for (Path file : files) {
      String code =
          Files.readString(file).replaceAll("(?s)/\\*.*?\\*/", "").replaceAll("(?m)//.*$", "");
      Matcher text = JAVA_TEXT.matcher(JOINED.matcher(code).replaceAll(""));
      while (text.find()) {
        String said = text.group(1);
        if (said.matches(".*\\p{L} .*|[A-Z]\\p{L}+")
            && !said.matches("(select|insert|update) .*")) {
          all.add(new Said(file.toString(), said));
        }
      }
    }
    return all;
  }

  /** Cells of tables and lines of arrangements; ids have no space, what people type is theirs. */
  private static List<Said> tables() throws IOException {
    List<Said> all = new ArrayList<>();
    for (Path file : files(CORE.resolve("resources"), ".csv")) {
      if (!file.endsWith("words.csv") && !file.endsWith("phrases.csv")) {
        try (CSVParser rows =
            CSVFormat.DEFAULT
                .builder()
                .setCommentMarker('#')
                .get()
                .parse(Files.newBufferedReader(file))) {
          rows.forEach(
              row ->
                  row.stream()
                      .filter(c -> c.contains(" "))
                      .forEach(c -> all.add(new Said(file.toString(), c))));
        }
      }
    }
    for (Path file : files(CORE.resolve("resources"), ".arrangement")) {
      Files.readAllLines(file).stream()
          .filter(l -> !l.startsWith("#") && l.contains(" : "))
          .forEach(l -> all.add(new Said(file.toString(), l.substring(l.indexOf(" : ")))));
    }
    return all;
  }

  private static List<Said> everything() throws IOException {
    return Stream.of(templates(), java(), tables()).flatMap(List::stream).toList();
  }

  private static boolean isAllowed(String text) {
    return ALLOWED.containsKey(text);
  }

  @Test
  void everyTextIsLookedAt() throws IOException {
    assertThat(templates()).hasSizeGreaterThan(800);
    assertThat(java()).hasSizeGreaterThan(900);
    assertThat(tables()).hasSizeGreaterThan(1500);
  }

  @Test
  void noWordStandsThatHasToBeReadTwice() throws IOException {
    List<String> faults = new ArrayList<>();
    for (Said said : everything()) {
      NOT_SAID.forEach(
          (word, better) -> {
            if (Pattern.compile(word).matcher(said.text).find() && !isAllowed(said.text)) {
              faults.add(said.place + ": “" + said.text + "” – say: " + better);
            }
          });
    }
    assertThat(faults).isEmpty();
  }

  @Test
  void aDifferenceOfTemperaturesIsNeverInKelvin() throws IOException {
    assertThat(everything())
        .filteredOn(s -> KELVIN.matcher(s.text).find() && !s.text.contains("K-"))
        .isEmpty();
  }

  @Test
  void apostrophesAreCurly() throws IOException {
    assertThat(everything())
        .filteredOn(s -> STRAIGHT.matcher(s.text).find())
        .filteredOn(s -> !s.text.contains("default-src"))
        .isEmpty();
  }

  /** Questions name what they ask about: “it” at the start of one is read twice. */
  @Test
  void noQuestionBeginsWithAnUnnamedIt() throws IOException {
    Pattern unnamed =
        Pattern.compile(
            "(?:^|[,\"])(Is it|Does it|Was it|What is it|When is it|Where is it|In which .* does it)\\b");
    assertThat(everything()).filteredOn(s -> unnamed.matcher(s.text).find()).isEmpty();
  }

  /** Each test says its danger in full sentences: a hazard, then what to do. */
  @Test
  void cautionsOfArrangementsSayTheirLevel() throws IOException {
    for (Path file : files(CORE.resolve("resources"), ".arrangement")) {
      Files.readAllLines(file).stream()
          .filter(l -> l.startsWith("caution : "))
          .forEach(
              l ->
                  assertThat(l)
                      .as(file.toString())
                      .matches("caution : (Warning|Caution): \\p{Lu}.*\\."));
    }
  }

  private static final Pattern DECIMAL =
      Pattern.compile(
          "(?<![\\w.,/-])\\d+\\.\\d+(?![\\w.,]| ?(?:mm|µm|°C|°F|N|Nm|%|in|kg|g|km|g/cm³|±|×|x|to|and|kgf|lbf)\\b|[%°]| %| cm³)");

  /** Written without a unit on purpose. */
  private static final List<String> NO_UNIT =
      List.of(
          "Type a number such as 0.31", // how a number may be typed
          "Enter a price such as 12.50", // money of the workshop
          "0.005·D·B", // a coefficient of a formula
          "ABMA", // the number of a standard
          "Mm\"", // an example of JSON: the field's name says the unit
          "1.378 bore", // how a size in inches may be typed
          "[0.03, 0.13]", // a value of the interface: the field's name says the unit
          "default 0.9", // the same
          "default 0.12", // a friction, which has none
          "free volume, default 0.3", // a share
          "grooves together, default 1.04" // the same
          );

  @Test
  void aNumberHasItsUnit() throws IOException {
    assertThat(Stream.concat(templates().stream(), java().stream()))
        .filteredOn(s -> DECIMAL.matcher(s.text).find())
        .filteredOn(
            s -> !s.text.matches("[\\d., ×x±/-]+") && NO_UNIT.stream().noneMatch(s.text::contains))
        .isEmpty();
  }
}
