package unbo.core.designation;

import java.util.Arrays;
import java.util.List;
import unbo.core.catalogue.Family;
import unbo.core.tables.Table;

/**
 * One spelling of a prefix or suffix and what it means in one family. A spelling that means two
 * things stands in two rows with weights, and gives two readings.
 *
 * @param place before or behind the number
 * @param spelling as marked, upper case
 * @param families the families in which it has this meaning
 * @param kind what it says something about
 * @param value the value in the words of the field, such as {@code C3} or {@code P6}; closures as
 *     {@code left|right}, two things in one spelling as {@code P6|C3} or {@code cage|left|right},
 *     several features as {@code stainless|flange}
 * @param weight how common this meaning of the spelling is, over 0 to 1
 * @param meaning in words
 * @param source standard, or common trade usage
 */
record Suffix(
    Place place,
    String spelling,
    List<Family> families,
    Kind kind,
    String value,
    double weight,
    String meaning,
    String source) {

  enum Place {
    PREFIX,
    /** Before the number with nothing between: behind a dash the letter begins a maker's code. */
    GLUED_PREFIX,
    SUFFIX
  }

  enum Kind {
    CLOSURE,
    CLEARANCE,
    TOLERANCE,
    TOLERANCE_AND_CLEARANCE,
    CAGE,
    CAGE_AND_CLOSURE,
    ANGLE,
    OTHER
  }

  private static final List<Suffix> ALL =
      Table.read(Suffix.class, "/unbo/core/designation/suffixes.csv", Suffix::of);

  Suffix {
    if (!(weight > 0 && weight <= 1)) {
      throw new IllegalArgumentException("Weight out of range: " + weight);
    }
  }

  /** Whether it is one of the clearance codes of miniature bearings. */
  boolean isForMiniatures() {
    return kind == Kind.CLEARANCE && value.startsWith("MC");
  }

  boolean isClassOrClearance() {
    return switch (kind) {
      case TOLERANCE, CLEARANCE, TOLERANCE_AND_CLEARANCE -> true;
      default -> false;
    };
  }

  /** Whether it says what closes both sides alike. */
  boolean isClosureOfBoth() {
    int bar = value.indexOf('|');
    return kind == Kind.CLOSURE
        && !value.startsWith(Closure.OPEN.id())
        && value.substring(0, bar).equals(value.substring(bar + 1));
  }

  static List<Suffix> of(Place place, Family family) {
    return ALL.stream().filter(s -> s.place == place && s.families.contains(family)).toList();
  }

  private static Suffix of(Table.Row row) {
    return new Suffix(
        Place.valueOf(row.text("place").toUpperCase(java.util.Locale.ROOT).replace('-', '_')),
        row.text("spelling"),
        families(row.text("families")),
        Kind.valueOf(row.text("kind").toUpperCase(java.util.Locale.ROOT).replace('-', '_')),
        row.text("value"),
        row.number("weight"),
        row.text("meaning"),
        row.text("source"));
  }

  private static List<Family> families(String text) {
    return switch (text) {
      case "all" -> List.of(Family.values());
      case "metric-design" ->
          List.of(
              Family.DEEP_GROOVE_BALL,
              Family.TWO_ROW_ANGULAR_BALL,
              Family.SELF_ALIGNING_BALL,
              Family.TWO_ROW_BALL,
              Family.SPHERICAL_ROLLER,
              Family.THRUST_BALL,
              Family.TAPERED_ROLLER);
      case "other-design" ->
          families("metric-design").stream().filter(f -> f != Family.DEEP_GROOVE_BALL).toList();
      case "ball-design" -> families("metric-design").stream().filter(Family::isBall).toList();
      case "deep-groove" -> List.of(Family.DEEP_GROOVE_BALL);
      case "tapered-bore" -> List.of(Family.SELF_ALIGNING_BALL, Family.SPHERICAL_ROLLER);
      case "ball" ->
          List.of(
              Family.DEEP_GROOVE_BALL,
              Family.ANGULAR_CONTACT_BALL,
              Family.TWO_ROW_ANGULAR_BALL,
              Family.WHEEL_UNIT,
              Family.HEADSET,
              Family.TWO_ROW_BALL,
              Family.FOUR_POINT_BALL,
              Family.SELF_ALIGNING_BALL);
      case "ball-alone" ->
          families("ball").stream().filter(f -> f != Family.ANGULAR_CONTACT_BALL).toList();
      case "shown" ->
          List.of(Family.ONE_WAY_CLUTCH, Family.TRACK_ROLLER, Family.INSERT_BALL, Family.ROD_END);
      case "spherical" -> List.of(Family.SPHERICAL_ROLLER);
      case "angular" -> List.of(Family.ANGULAR_CONTACT_BALL);
      case "cylindrical" -> List.of(Family.CYLINDRICAL_ROLLER);
      case "needle" -> Arrays.stream(Family.values()).filter(Family::isNeedle).toList();
      case "axial-needle" -> List.of(Family.THRUST_NEEDLE);
      case "plain-bearing" -> List.of(Family.SPHERICAL_PLAIN);
      case "unit" -> List.of(Family.WHEEL_UNIT, Family.HEADSET);
      case "taper" -> List.of(Family.TAPERED_ROLLER);
      default -> throw new IllegalArgumentException("Unknown families " + text);
    };
  }
}
