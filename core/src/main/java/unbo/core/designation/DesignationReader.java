package unbo.core.designation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
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
 * <p>What stands between separators is explained whole or left unread. Not read: numbers glued
 * together, sizes, words. More than {@value #LONGEST} characters are refused, since no ring carries
 * so many. Confidence is a weight of ours, normalised so that the readings of one number sum to at
 * most 1; it is not a measured probability.
 */
public final class DesignationReader {

  /** The longest text that is read. */
  public static final int LONGEST = 200;

  /** Letters that may be glued to a number. */
  private static final int MOST_GLUED = 4;

  private static final Comparator<Candidate> LIKELIEST_FIRST =
      (one, other) -> Double.compare(other.score(), one.score());

  private static final int MOST_STARTS = 24;
  private static final int MOST_CONTINUATIONS = 24;
  private static final double NONE_OF_THESE = 0.05;

  /** Our own bounds: a person reads no further, and a page of nonsense costs no seconds. */
  private static final int MOST_ITEMS = 100;

  private static final int MOST_OF_ONE = 60;

  /** Families that make a spelling out of what is marked. */
  private final List<DesignationFamily> decoding;

  private final SpellingTrie spellings;
  private final TextParts parts;
  private final Map<DesignationFamily, LetterReader> letters = new IdentityHashMap<>();
  private final Map<Spelling, DesignationFamily> owners = new IdentityHashMap<>();

  /** Two classes serve one family; its spellings in other systems are added once. */
  private static List<Spelling> otherSystems(DesignationFamily family) {
    return family.isMain() ? OtherSpellings.of(family.family()) : List.of();
  }

  public DesignationReader(List<DesignationFamily> families) {
    this.decoding = families.stream().filter(DesignationFamily::decodes).toList();
    List<Spelling> all = new ArrayList<>();
    for (DesignationFamily family : families) {
      letters.put(family, LetterReader.of(family));
      List<Spelling> own =
          Stream.concat(family.spellings().stream(), otherSystems(family).stream()).toList();
      own.forEach(spelling -> owners.put(spelling, family));
      all.addAll(own);
    }
    this.spellings = SpellingTrie.of(all);
    this.parts = new TextParts(spellings);
  }

  /** The reader of all families that ship; to index their spellings takes milliseconds, once. */
  public static DesignationReader standard() {
    return Standard.READER;
  }

  /** Made when it is first asked for. */
  private static final class Standard {
    private static final DesignationReader READER = new DesignationReader(shipped());
  }

  static List<DesignationFamily> shipped() {
    return List.of(
        new TaperedRollerFamily(),
        new DeepGrooveBallFamily(),
        new InchBallFamily(),
        new InchBoreFamily(),
        new MetricFamily(Family.ANGULAR_CONTACT_BALL),
        new MetricFamily(Family.TWO_ROW_ANGULAR_BALL),
        new MetricFamily(Family.SELF_ALIGNING_BALL),
        new MetricFamily(Family.TWO_ROW_BALL),
        new MetricFamily(Family.FOUR_POINT_BALL),
        new MetricFamily(Family.SPHERICAL_ROLLER),
        new ThrustNeedleFamily(),
        new ShownFamily(Family.INSERT_BALL),
        new ShownFamily(Family.TRACK_ROLLER),
        new ShownFamily(Family.ROD_END),
        new ShownFamily(Family.ONE_WAY_CLUTCH),
        new MetricFamily(Family.CYLINDRICAL_ROLLER),
        new MetricFamily(Family.THRUST_BALL),
        new ShownFamily(Family.TWO_WAY_THRUST_BALL),
        new DrawnCupFamily(),
        new NeedleFamily(),
        new NeedleCageFamily(),
        new SphericalPlainFamily(),
        new HeadsetFamily(),
        new InchTaperFamily(),
        new InchSetFamily(),
        new WheelUnitFamily(),
        new SizeCodedCartridge());
  }

  /** Reads a text; null counts as empty. */
  public ReadingReport read(String typed) {
    String text = typed == null ? "" : typed;
    if (text.length() > LONGEST) {
      return new ReadingReport(text, List.of(), List.of(), List.of(), Optional.of(tooLong(text)));
    }
    List<MarkedItem> items = parts.of(text);
    List<Reading> readings = new ArrayList<>();
    for (int i = 0; i < Math.min(items.size(), MOST_ITEMS); i++) {
      readings.addAll(readItem(text, items.get(i).marking(), i));
    }
    List<String> next = continuations(items);
    return new ReadingReport(
        text, plain(items), List.copyOf(readings), next, problem(items, readings, next));
  }

  private static List<ReadingReport.Item> plain(List<MarkedItem> items) {
    List<ReadingReport.Item> plain = new ArrayList<>(items.size());
    for (MarkedItem item : items) {
      plain.add(item.item());
    }
    return List.copyOf(plain);
  }

  private List<Reading> readItem(String text, Marking marking, int number) {
    if (marking.isTooWorn(0, marking.length())) {
      return List.of();
    }
    List<Candidate> found = new ArrayList<>();
    ItemReader reader = new ItemReader(marking);
    int other = OtherProduct.beginsIn(marking);
    for (int from : starts(marking)) {
      if (from >= other || from > 0 && hasWhole(found)) {
        break;
      }
      readFrom(marking, from, reader, found);
    }
    return likeliest(text, marking, number, Absorbed.by(marking, found));
  }

  /** Where one spelling is all that is marked, those of its parts are not read. */
  private void readFrom(Marking marking, int from, ItemReader reader, List<Candidate> found) {
    List<Spelling> rows = spellings.from(marking, from);
    int left = marking.length() - from;
    readAll(rows, from, s -> s.length() == left, reader, found);
    if (!hasWhole(found)) {
      readAll(rows, from, s -> s.length() < left, reader, found);
    }
    for (DesignationFamily family : decoding) {
      for (Spelling spelling : family.decoded(marking, from)) {
        reader.readAt(letters.get(family), spelling, from, found);
      }
    }
  }

  private void readAll(
      List<Spelling> rows,
      int from,
      Predicate<Spelling> which,
      ItemReader reader,
      List<Candidate> found) {
    for (Spelling spelling : rows) {
      if (which.test(spelling)) {
        reader.readAt(letters.get(owners.get(spelling)), spelling, from, found);
      }
    }
  }

  /** Whether all that is marked is explained by one number: there is no other one inside it. */
  private static boolean hasWhole(List<Candidate> found) {
    for (Candidate candidate : found) {
      if (candidate.isWhole()) {
        return true;
      }
    }
    return false;
  }

  /** The readings of one item, the likeliest first, each with its share. */
  private static List<Reading> likeliest(
      String text, Marking marking, int number, List<Candidate> found) {
    found.sort(LIKELIEST_FIRST);
    double sum = NONE_OF_THESE;
    for (Candidate candidate : found) {
      sum += candidate.score();
    }
    double share = Math.max(1, sum);
    List<Reading> readings = new ArrayList<>();
    for (Candidate candidate : found.subList(0, Math.min(found.size(), MOST_OF_ONE))) {
      readings.add(candidate.reading(text, marking, number, candidate.score() / share));
    }
    return readings;
  }

  /** Where a number may begin: at each piece, and behind a few letters or a count glued to it. */
  private static List<Integer> starts(Marking marking) {
    List<Integer> starts = new ArrayList<>();
    List<Token> tokens = marking.tokensFrom(0);
    for (int t = 0; t < tokens.size(); t++) {
      Token token = tokens.get(t);
      int at = token.from();
      boolean digits = token.hasDigit();
      boolean next = t + 1 < tokens.size() && tokens.get(t + 1).hasDigit();
      if (digits || next) {
        starts.add(at);
      }
      if (!digits) {
        continue;
      }
      int letters = letters(marking, token);
      int count = letters == 0 ? count(marking, token) : 0;
      for (int i = letters > 0 ? 1 : Math.max(1, count); i <= Math.max(letters, count); i++) {
        if (at + i < token.to()) {
          starts.add(at + i);
        }
      }
      if (starts.size() >= MOST_STARTS) {
        break;
      }
    }
    return starts;
  }

  /** How many letters stand before the first digit of a piece, {@value #MOST_GLUED} at the most. */
  private static int letters(Marking marking, Token token) {
    int n = 0;
    while (n < MOST_GLUED
        && token.from() + n < token.to()
        && Character.isLetter(marking.at(token.from() + n))) {
      n++;
    }
    return n;
  }

  /** How long a count such as {@code 2X} is that a piece begins with; 0 for none. */
  private static int count(Marking marking, Token token) {
    for (int n = 1; n <= 2 && token.from() + n < token.to(); n++) {
      if (!Character.isDigit(marking.at(token.from() + n - 1))) {
        return 0;
      }
      if (marking.at(token.from() + n) == 'X') {
        return n + 1;
      }
    }
    return 0;
  }

  private List<String> continuations(List<MarkedItem> items) {
    if (items.isEmpty()) {
      return List.of();
    }
    String typed = items.get(items.size() - 1).marking().characters();
    return typed.length() < 2 ? List.of() : spellings.continuing(typed, MOST_CONTINUATIONS);
  }

  private static Optional<Problem> otherKind(List<MarkedItem> items) {
    return items.stream()
        .map(i -> OtherProduct.in(i.marking()))
        .flatMap(Optional::stream)
        .findFirst();
  }

  /** What to say of a text that names a kind of bearing which is not read; empty for all else. */
  public static Optional<Problem> otherKind(String text) {
    return otherKind(TextParts.apart(text));
  }

  private static Problem tooLong(String text) {
    return new Problem(
        text,
        "Too long: no ring carries this much text.",
        "Type the number alone, such as 30206 or 6205-2RS.");
  }

  private static Optional<Problem> problem(
      List<MarkedItem> items, List<Reading> readings, List<String> next) {
    if (items.isEmpty() || !readings.isEmpty() || !next.isEmpty()) {
      return Optional.empty();
    }
    if (items.stream().map(MarkedItem::marking).allMatch(m -> m.isTooWorn(0, m.length()))) {
      return Optional.of(
          new Problem(
              items.get(0).item().text(),
              "Too few characters are legible.",
              "Type at least two that can be read, or measure the bearing and enter its size."));
    }
    Optional<Problem> other = otherKind(items);
    if (other.isPresent()) {
      return other;
    }
    return Optional.of(
        new Problem(
            items.get(0).item().text(),
            "No bearing number of the families read here.",
            "Look for a run such as 30206 or 6205; a worn character is typed as ?."));
  }
}
