package unbo.core.designation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import unbo.core.catalogue.Family;
import unbo.core.units.Problem;

/**
 * Reads part numbers. For each number in a text it gives every plausible reading, the likeliest
 * first.
 *
 * <pre>
 * 30206            taper set 30 × 62 × 17.25
 * 3O206            the same, surely meant, but less sure
 * 6205-2rs C3      ball 25 × 52 × 15, two contact seals, clearance C3
 * 62052RSC3        the same
 * 6222             ball, bore 110; or 62/22 with the slash lost, bore 22: both
 * 3020?            every 302 set with a bore code that starts with 0
 * L44649/10        inch cone and cup
 * 30206 ; 30204    two numbers
 * </pre>
 *
 * <p>Not read: numbers glued together, sizes, words. More than {@value #LONGEST} characters are
 * refused, since no ring carries so many. Confidence is a weight of ours, normalised so that the
 * readings of one number sum to at most 1; it is not a measured probability.
 */
public final class DesignationReader {

  /** The longest text that is read. */
  public static final int LONGEST = 200;

  private static final Pattern ITEM = Pattern.compile("(?:(?! / | \\+ )[^;,\\n\\r])+");
  private static final int MOST_PREFIX = 3;
  private static final int MOST_CONTINUATIONS = 24;
  private static final double UNREAD_BEHIND = 0.9;
  private static final double UNREAD_PREFIX = 0.5;
  private static final double UNREAD_GLUED_DIGIT = 0.1;
  private static final double UNREAD_BEHIND_POINT = 0.3;
  private static final double NONE_OF_THESE = 0.05;

  /** Our own bounds: a person reads no further, and a page of nonsense costs no seconds. */
  private static final int MOST_ITEMS = 100;

  private static final int MOST_OF_ONE = 60;
  private static final int LEAST_LEGIBLE = 2;
  private static final double LEAST_SCORE = 0.002;

  private final List<FamilySpellings> families;

  private record FamilySpellings(
      DesignationFamily family,
      SpellingTrie spellings,
      SuffixIndex prefixes,
      SuffixIndex suffixes) {

    static FamilySpellings of(DesignationFamily family) {
      return new FamilySpellings(
          family,
          SpellingTrie.of(
              Stream.concat(family.spellings().stream(), otherSystems(family).stream()).toList()),
          SuffixIndex.of(Suffix.Place.PREFIX, family.family()),
          SuffixIndex.of(Suffix.Place.SUFFIX, family.family()));
    }
  }

  /** Two classes serve one family; its spellings in other systems are added once. */
  private static List<Spelling> otherSystems(DesignationFamily family) {
    return family.isMain() ? OtherSpellings.of(family.family()) : List.of();
  }

  public DesignationReader(List<DesignationFamily> families) {
    this.families = families.stream().map(FamilySpellings::of).toList();
  }

  /** A reader of all families that ship. */
  public static DesignationReader standard() {
    return new DesignationReader(shipped());
  }

  static List<DesignationFamily> shipped() {
    return List.of(
        new TaperedRollerFamily(),
        new DeepGrooveBallFamily(),
        new InchBallFamily(),
        new MetricFamily(Family.ANGULAR_CONTACT_BALL),
        new MetricFamily(Family.TWO_ROW_ANGULAR_BALL),
        new MetricFamily(Family.SELF_ALIGNING_BALL),
        new MetricFamily(Family.CYLINDRICAL_ROLLER),
        new MetricFamily(Family.THRUST_BALL),
        new DrawnCupFamily(),
        new NeedleFamily(),
        new NeedleCageFamily(),
        new SphericalPlainFamily(),
        new HeadsetFamily(),
        new InchTaperFamily(),
        new WheelUnitFamily(),
        new SizeCodedCartridge());
  }

  /** Reads a text; null counts as empty. */
  public ReadingReport read(String typed) {
    String text = typed == null ? "" : typed;
    if (text.length() > LONGEST) {
      return new ReadingReport(text, List.of(), List.of(), List.of(), Optional.of(tooLong(text)));
    }
    List<ReadingReport.Item> items = items(text);
    List<Reading> readings = new ArrayList<>();
    for (int i = 0; i < Math.min(items.size(), MOST_ITEMS); i++) {
      readings.addAll(readItem(text, items.get(i), i));
    }
    List<String> next = continuations(items);
    return new ReadingReport(
        text, items, List.copyOf(readings), next, problem(items, readings, next));
  }

  private static List<ReadingReport.Item> items(String text) {
    Matcher matcher = ITEM.matcher(text);
    List<ReadingReport.Item> items = new ArrayList<>();
    while (matcher.find()) {
      if (!matcher.group().isBlank()) {
        items.add(new ReadingReport.Item(matcher.start(), matcher.end(), matcher.group()));
      }
    }
    return items;
  }

  private List<Reading> readItem(String text, ReadingReport.Item item, int number) {
    Marking marking = Marking.of(item.text(), item.start());
    if (isTooWorn(marking)) {
      return List.of();
    }
    int lastStart = lettersBefore(marking);
    List<Reading> found = new ArrayList<>();
    for (FamilySpellings family : families) {
      for (int from = 0; from <= lastStart; from++) {
        for (Spelling spelling : family.spellings().from(marking, from)) {
          readAt(family, spelling, text, marking, from, number, found);
        }
        for (Spelling spelling : family.family().decoded(marking, from)) {
          readAt(family, spelling, text, marking, from, number, found);
        }
      }
    }
    found.sort(Comparator.comparingDouble(Reading::confidence).reversed());
    double sum = NONE_OF_THESE;
    for (Reading reading : found) {
      sum += reading.confidence();
    }
    double share = Math.max(1, sum);
    return found.stream()
        .limit(MOST_OF_ONE)
        .map(r -> r.withConfidence(r.confidence() / share))
        .toList();
  }

  /**
   * So few legible characters fit half of the catalogue: that is no reading, but a size to measure.
   */
  private static boolean isTooWorn(Marking marking) {
    long worn = marking.characters().chars().filter(c -> c == '?').count();
    long legible = marking.length() - worn;
    return worn > 0 && legible == 0 || worn > 1 && legible < LEAST_LEGIBLE;
  }

  private static void readAt(
      FamilySpellings family,
      Spelling spelling,
      String text,
      Marking marking,
      int from,
      int number,
      List<Reading> found) {
    double match = spelling.match(marking, from);
    if (match <= 0) {
      return;
    }
    int end = from + spelling.length();
    List<SuffixRun> before = SuffixRun.split(marking, 0, from, family.prefixes());
    List<SuffixRun> behind = SuffixRun.split(marking, end, marking.length(), family.suffixes());
    for (SuffixRun prefix : before) {
      for (SuffixRun suffix : behind) {
        double score =
            match * score(marking, prefix, UNREAD_PREFIX) * score(marking, suffix, UNREAD_BEHIND);
        if (score >= LEAST_SCORE && fits(spelling, marking, end, prefix, suffix)) {
          ReadingBuilder builder = new ReadingBuilder(text, marking, number);
          builder.addRun(prefix, Part.Kind.PREFIX);
          builder.addBody(spelling, from, match);
          builder.addRun(suffix, Part.Kind.SUFFIX);
          found.add(builder.build(spelling, score));
        }
      }
    }
  }

  /** A loose spelling stands alone: nothing unread before it or glued behind it. */
  private static boolean fits(
      Spelling spelling, Marking marking, int end, SuffixRun prefix, SuffixRun suffix) {
    return !spelling.isLoose() || (prefix.unreadCount() == 0 && !isGluedTo(marking, end, suffix));
  }

  private static boolean isGluedTo(Marking marking, int end, SuffixRun run) {
    return !run.pieces().isEmpty()
        && run.pieces().get(0).isUnread()
        && marking.separatorBefore(end) == 0;
  }

  /** Unread letters are common; a digit glued to the number makes it a different number. */
  private static double score(Marking marking, SuffixRun run, double unreadEach) {
    double score = run.weight();
    for (SuffixRun.Piece piece : run.pieces()) {
      if (piece.isUnread()) {
        boolean glued =
            piece == run.pieces().get(0)
                && Character.isDigit(marking.at(piece.from()))
                && marking.separatorBefore(piece.from()) == 0;
        score *= glued ? UNREAD_GLUED_DIGIT : unreadEach;
        score *= isBehindPoint(marking, piece) ? UNREAD_BEHIND_POINT : 1;
      }
    }
    return score;
  }

  /** Cents of a price, the month of a date. */
  private static boolean isBehindPoint(Marking marking, SuffixRun.Piece piece) {
    return Character.isDigit(marking.at(piece.from()))
        && marking.separatorBefore(piece.from()) == '.';
  }

  /** How many letters stand before the first digit or worn character, three at the most. */
  private static int lettersBefore(Marking marking) {
    int i = 0;
    while (i < marking.length() && i < MOST_PREFIX && Character.isLetter(marking.at(i))) {
      i++;
    }
    return Math.min(i, MOST_PREFIX);
  }

  private List<String> continuations(List<ReadingReport.Item> items) {
    if (items.isEmpty()) {
      return List.of();
    }
    ReadingReport.Item last = items.get(items.size() - 1);
    String typed = Marking.of(last.text(), last.start()).characters();
    if (typed.length() < 2) {
      return List.of();
    }
    return families.stream()
        .flatMap(f -> f.spellings().continuing(typed).stream())
        .map(s -> s.bearing().designation())
        .distinct()
        .limit(MOST_CONTINUATIONS)
        .toList();
  }

  private static Problem tooLong(String text) {
    return new Problem(
        text,
        "Too long: no ring carries this much text.",
        "Type the number alone, such as 30206 or 6205-2RS.");
  }

  private static Optional<Problem> problem(
      List<ReadingReport.Item> items, List<Reading> readings, List<String> next) {
    if (items.isEmpty() || !readings.isEmpty() || !next.isEmpty()) {
      return Optional.empty();
    }
    if (items.stream().allMatch(i -> isTooWorn(Marking.of(i.text(), i.start())))) {
      return Optional.of(
          new Problem(
              items.get(0).text(),
              "Too few characters are legible.",
              "Type at least two that can be read, or measure the bearing and enter its size."));
    }
    return Optional.of(
        new Problem(
            items.get(0).text(),
            "No bearing number of the families read here.",
            "Look for a run such as 30206 or 6205; a worn character is typed as ?."));
  }
}
