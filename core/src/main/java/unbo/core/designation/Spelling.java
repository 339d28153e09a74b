package unbo.core.designation;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;

/**
 * One way in which a catalogue row is spelled on a ring, and how well a marking matches it. An
 * exact character counts 1; a worn one ({@code ?}) 0.5; a look-alike (O for 0, I for 1, S for 5, B
 * for 8, Z for 2) 0.2. A slash that should be there and is not, or the reverse, 0.15, since it
 * changes the bore. These weights are our own choice; they rank readings and are not probabilities
 * of wear.
 */
final class Spelling {

  private static final Map<Character, String> LOOK_ALIKES =
      Map.of('0', "OQD", '1', "IL", '5', "S", '8', "B", '2', "Z", '6', "G");
  private static final double WORN = 0.5;
  private static final double LOOK_ALIKE = 0.2;
  private static final double WRONG_SLASH = 0.15;
  private static final double GAP_INSIDE = 0.8;

  private final Bearing bearing;
  private final String role;
  private final String key;
  private final int slashAt;
  private final List<Run> runs;
  private final List<String> notes;
  private final OptionalDouble closedWidthMm;

  /** A run of the spelling's characters with its meaning. */
  record Run(int length, Part.Kind kind, String meaning) {}

  private Spelling(
      Bearing bearing,
      String role,
      String spelled,
      List<Run> runs,
      List<String> notes,
      OptionalDouble closedWidthMm) {
    this.bearing = bearing;
    this.role = role;
    this.key = spelled.replace("/", "");
    this.slashAt = spelled.indexOf('/');
    this.runs = List.copyOf(runs);
    this.notes = List.copyOf(notes);
    this.closedWidthMm = closedWidthMm;
  }

  /** The spelling of the catalogue row itself. */
  static Spelling of(Bearing bearing, String role, List<Run> runs) {
    return new Spelling(
        bearing, role, bearing.designation(), runs, List.of(), OptionalDouble.empty());
  }

  /**
   * Another spelling of a row.
   *
   * @param spelled as it stands on the ring, with a slash where one belongs
   * @param notes what must be said with it
   */
  static Spelling other(
      Bearing bearing, String role, String spelled, List<Run> runs, List<String> notes) {
    return new Spelling(bearing, role, spelled, runs, notes, OptionalDouble.empty());
  }

  /** The same, another width once it is closed: then it is no longer this row's bearing. */
  Spelling closedWidth(OptionalDouble widthMm) {
    return new Spelling(bearing, role, spelled(), runs, notes, widthMm);
  }

  private String spelled() {
    return slashAt < 0 ? key : key.substring(0, slashAt) + "/" + key.substring(slashAt);
  }

  Bearing bearing() {
    return bearing;
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

  OptionalDouble closedWidthMm() {
    return closedWidthMm;
  }

  int length() {
    return key.length();
  }

  boolean continues(String typed) {
    return key.length() > typed.length() && key.startsWith(typed);
  }

  /** How well the marking matches from a place on: 0 for not at all, 1 for exactly. */
  double match(Marking marking, int from) {
    if (from + key.length() > marking.length()) {
      return 0;
    }
    double score = 1;
    for (int i = 0; i < key.length() && score > 0; i++) {
      score *= character(marking.at(from + i), key.charAt(i));
      score *= i == 0 ? 1 : separator(marking.separatorBefore(from + i), i);
    }
    return score;
  }

  private static double character(char marked, char wanted) {
    if (marked == wanted) {
      return 1;
    }
    if (marked == '?') {
      return WORN;
    }
    return LOOK_ALIKES.getOrDefault(wanted, "").indexOf(marked) >= 0 ? LOOK_ALIKE : 0;
  }

  private double separator(char separator, int i) {
    boolean wanted = i == slashAt;
    if (separator == '/') {
      return wanted ? 1 : WRONG_SLASH;
    }
    if (wanted) {
      return WRONG_SLASH;
    }
    return separator == 0 ? 1 : GAP_INSIDE;
  }
}
