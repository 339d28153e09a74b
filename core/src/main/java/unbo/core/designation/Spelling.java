package unbo.core.designation;

import java.util.List;
import java.util.Map;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.ClosedWidths;
import unbo.core.catalogue.Family;

/**
 * One way in which a catalogue row is spelled on a ring, and how well a marking matches it. An
 * exact character counts 1; a worn one ({@code ?}) 0.5; a look-alike (O for 0, I for 1, S for 5, B
 * for 8, Z for 2) 0.2. A slash that should be there and is not, or the reverse, 0.15, since it
 * changes the bore. These weights are our own choice; they rank readings and are not probabilities
 * of wear.
 */
final class Spelling {

  private static final Map<Character, String> LOOK_ALIKES =
      Map.ofEntries(
          Map.entry('0', "OQD"),
          Map.entry('1', "IL"),
          Map.entry('5', "S"),
          Map.entry('8', "B"),
          Map.entry('2', "Z"),
          Map.entry('6', "G"),
          Map.entry('I', "1L"),
          Map.entry('L', "1I"),
          Map.entry('S', "5"),
          Map.entry('B', "8"),
          Map.entry('D', "0O"));

  private static final double WORN = 0.5;
  private static final double LOOK_ALIKE = 0.2;
  private static final int ASCII = 128;

  /** How far each character may stand for each wanted one, since every spelling asks it of each. */
  private static final double[][] LIKENESS = new double[ASCII][ASCII];

  static {
    for (int wanted = 0; wanted < ASCII; wanted++) {
      LIKENESS['?'][wanted] = WORN;
      for (char twin : LOOK_ALIKES.getOrDefault((char) wanted, "").toCharArray()) {
        LIKENESS[twin][wanted] = LOOK_ALIKE;
      }
      LIKENESS[wanted][wanted] = 1;
    }
  }

  private static final double WRONG_SLASH = 0.15;
  private static final double GAP_INSIDE = 0.8;

  /** One letter before digits may be a mark; a cage's {@code K} before its sizes is none. */
  private static final int LEAST_LETTERS = 2;

  /** Prices and dates have points between digits, numbers on rings hardly ever. */
  private static final double POINT_INSIDE = 0.3;

  private final Bearing bearing;
  private final String role;
  private final String spelled;
  private final String key;
  private final boolean hasPoints;
  private final boolean hasDashes;
  private final boolean hasGaps;
  private final int slashAt;

  /** Where its digits begin behind letters; 0 where it has none or one, which may be a mark. */
  private final int digitsAt;

  /** The same behind its slash. */
  private final int laterDigitsAt;

  /** A cone's number and a cup's: a gap stands for the slash between them. */
  private final boolean joinsTwoNumbers;

  private static final String SEPARATORS = "/. -";

  private final List<Run> runs;
  private final List<String> notes;
  private final double weight;

  /** Whether its bore stands further behind, as a fraction of an inch. */
  private final boolean boreBehind;

  /** Whether its slash may as well be left out. */
  private final boolean slashMayMiss;

  /** What its letters say of the bearing beside its size, as of suffixes. */
  private final List<String> features;

  /** A run of the spelling's characters with its meaning. */
  record Run(int length, Part.Kind kind, String meaning) {}

  private Spelling(
      Bearing bearing, String role, String spelled, List<Run> runs, List<String> notes) {
    this.bearing = bearing;
    this.slashMayMiss = false;
    this.features = List.of();
    this.boreBehind = false;
    this.role = role;
    this.spelled = spelled;
    this.key = kept(spelled);
    this.slashAt = placeOf(spelled, '/');
    this.digitsAt = digitsAt(key, 0, bearing.family() == Family.NEEDLE_CAGE ? 1 : LEAST_LETTERS);
    this.laterDigitsAt = slashAt > 0 ? digitsAt(key, slashAt, LEAST_LETTERS) : 0;
    this.joinsTwoNumbers = role.equals("set") && slashAt > 0;
    this.hasPoints = spelled.indexOf('.') >= 0;
    this.hasDashes = spelled.indexOf('-') >= 0;
    this.hasGaps = spelled.indexOf(' ') >= 0;
    this.runs = List.copyOf(runs);
    this.notes = List.copyOf(notes);
    this.weight = 1;
  }

  /** The same, with another weight and other liberties. */
  private Spelling(
      Spelling same,
      double weight,
      boolean boreBehind,
      boolean slashMayMiss,
      List<String> features) {
    this.bearing = same.bearing;
    this.role = same.role;
    this.spelled = same.spelled;
    this.key = same.key;
    this.slashAt = same.slashAt;
    this.digitsAt = same.digitsAt;
    this.laterDigitsAt = same.laterDigitsAt;
    this.joinsTwoNumbers = same.joinsTwoNumbers;
    this.hasPoints = same.hasPoints;
    this.hasDashes = same.hasDashes;
    this.hasGaps = same.hasGaps;
    this.runs = same.runs;
    this.notes = same.notes;
    this.weight = weight;
    this.boreBehind = boreBehind;
    this.slashMayMiss = slashMayMiss;
    this.features = features;
  }

  /** The spelling of the catalogue row itself. */
  static Spelling of(Bearing bearing, String role, List<Run> runs) {
    return new Spelling(bearing, role, bearing.designation(), runs, List.of());
  }

  /**
   * Another spelling of a row.
   *
   * @param spelled as it stands on the ring, with a slash where one belongs
   * @param notes what must be said with it
   */
  static Spelling other(
      Bearing bearing, String role, String spelled, List<Run> runs, List<String> notes) {
    return new Spelling(bearing, role, spelled, runs, notes);
  }

  /** Before which kept character a separator stands; -1 when there is none. */
  private static int placeOf(String spelled, char separator) {
    int at = spelled.indexOf(separator);
    return at < 0 ? -1 : kept(spelled.substring(0, at)).length();
  }

  private static String kept(String spelled) {
    StringBuilder kept = new StringBuilder(spelled.length());
    for (int i = 0; i < spelled.length(); i++) {
      if (SEPARATORS.indexOf(spelled.charAt(i)) < 0) {
        kept.append(spelled.charAt(i));
      }
    }
    return kept.toString();
  }

  private static int digitsAt(String key, int from, int leastLetters) {
    int at = from;
    while (at < key.length() && Character.isLetter(key.charAt(at))) {
      at++;
    }
    return at - from >= leastLetters ? at : 0;
  }

  /** As it stands on the ring. */
  String spelled() {
    return spelled;
  }

  Bearing bearing() {
    return bearing;
  }

  /** Whether what stands at both sides of its slash is often written apart. */
  boolean isOfTwoNumbers() {
    return joinsTwoNumbers || slashMayMiss && slashAt > 0;
  }

  String role() {
    return role;
  }

  List<Run> runs() {
    return runs;
  }

  List<String> notes() {
    return notes;
  }

  /**
   * The bearing that it names once it is closed: another one where its width differs then. A flange
   * changes nothing of that, but its letters are in no table of widths.
   */
  Bearing closed() {
    String number = features.isEmpty() ? spelled : bearing.designation();
    return ClosedWidths.standard().find(number).orElse(bearing);
  }

  int length() {
    return key.length();
  }

  String key() {
    return key;
  }

  /** The same, less likely from the start. */
  Spelling weighing(double share) {
    return new Spelling(this, share, boreBehind, slashMayMiss, features);
  }

  /** The same with its bore as a fraction further behind. */
  Spelling withBoreBehind() {
    return new Spelling(this, weight, true, slashMayMiss, features);
  }

  /** The same as likely without its slash. */
  Spelling withOrWithoutSlash() {
    return new Spelling(this, weight, boreBehind, true, features);
  }

  boolean hasBoreBehind() {
    return boreBehind;
  }

  /** The same, whose letters say one thing more. */
  Spelling saying(String feature) {
    return new Spelling(this, weight, boreBehind, slashMayMiss, List.of(feature));
  }

  double weight() {
    return weight;
  }

  List<String> features() {
    return features;
  }

  /** Whether it is so short or so old that more characters glued to it make it something else. */
  boolean isLoose() {
    return weight < 1;
  }

  /** Whether a marked character can be meant for a wanted one at all. */
  static boolean canBe(char marked, char wanted) {
    return LIKENESS[marked][wanted] > 0;
  }

  /** Whether its characters stand in a marking as they are, whatever the signs between them. */
  boolean isSpelledOut(Marking marking, int from) {
    return marking.characters().startsWith(key, from);
  }

  /** How well the marking matches from a place on: 0 for not at all, 1 for exactly. */
  double match(Marking marking, int from) {
    if (from + key.length() > marking.length()) {
      return 0;
    }
    double score = weight;
    for (int i = 0; i < key.length() && score > 0; i++) {
      score *= LIKENESS[marking.at(from + i)][key.charAt(i)];
      score *= i == 0 ? 1 : separator(marking.separatorBefore(from + i), i);
    }
    return score;
  }

  private double separator(char separator, int i) {
    boolean wanted = i == slashAt;
    if (separator == '/') {
      return wanted ? 1 : WRONG_SLASH;
    }
    if (wanted && slashMayMiss) {
      return separator == 0 ? 1 : GAP_INSIDE;
    }
    if (wanted) {
      return joinsTwoNumbers && separator != 0 ? GAP_INSIDE : WRONG_SLASH;
    }
    if (separator == '.') {
      return hasPoints ? 1 : POINT_INSIDE;
    }
    // Letters of a kind and their digits are written with a gap as often as without.
    boolean fits =
        separator == 0
            || i == digitsAt
            || i == laterDigitsAt
            || separator == '-' && hasDashes
            || separator == ' ' && hasGaps;
    return fits ? 1 : GAP_INSIDE;
  }
}
