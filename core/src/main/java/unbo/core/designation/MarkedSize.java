package unbo.core.designation;

import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.catalogue.Bearing;

/**
 * A size that is written beside a number: {@code 25 mm}, {@code 1"}, {@code 5/8}, {@code 12.7}. It
 * says again what the number says, or that this bearing has another bore.
 *
 * @param value as it is written
 * @param unit of the value; a fraction is of an inch
 */
record MarkedSize(double value, Unit unit) {

  enum Unit {
    NONE,
    MM,
    INCH
  }

  private static final Set<String> MILLIMETRES = Set.of("MM");
  private static final Set<String> INCHES = Set.of("INCH", "INCHES");

  /** At the end alone: {@code 12 IN STOCK} is no size. */
  private static final String IN = "IN";

  private static final double INCH_MM = 25.4;
  private static final double SAME_MM = 0.03;

  private static final Pattern FORM =
      Pattern.compile("(\\d{1,3})(?:([./])(\\d{1,4}))?(MM|INCH|INCHES|IN)?");

  private static final Pattern ROW = Pattern.compile("(\\d{1,3})X(\\d{1,3})(?:X\\d{1,3})?(?:MM)?");
  private static final double ROUNDED_MM = 0.6;

  /** Whether a word behind digits makes a size of them. */
  static boolean isUnit(String word, boolean last) {
    return MILLIMETRES.contains(word) || INCHES.contains(word) || last && word.equals(IN);
  }

  /** Whether several sizes stand in a piece, with the sign of times between. */
  static boolean isRow(String text) {
    return text.indexOf('X') > 0 && ROW.matcher(text).matches();
  }

  /** The size that stands at a stretch of a marking; empty for anything else. */
  static Optional<MarkedSize> of(Marking marking, int from, int to) {
    Matcher m = FORM.matcher(spelled(marking, from, to));
    if (!m.matches() || m.group(4) != null && !isUnit(m.group(4), to == marking.length())) {
      return Optional.empty();
    }
    double value = Integer.parseInt(m.group(1));
    boolean fraction = "/".equals(m.group(2));
    if (fraction) {
      value /= Integer.parseInt(m.group(3));
    } else if (m.group(3) != null) {
      value = Double.parseDouble(m.group(1) + "." + m.group(3));
    }
    return Optional.of(new MarkedSize(value, unit(m.group(4), fraction, marking, to)))
        .filter(size -> Double.isFinite(size.value));
  }

  private static Unit unit(String word, boolean fraction, Marking marking, int to) {
    if (word != null) {
      return MILLIMETRES.contains(word) ? Unit.MM : Unit.INCH;
    }
    return fraction || marking.hasInchSignBehind(to) ? Unit.INCH : Unit.NONE;
  }

  /** Its characters with the signs between digits; a gap before the unit counts for nothing. */
  private static String spelled(Marking marking, int from, int to) {
    StringBuilder text = new StringBuilder();
    for (int i = from; i < to; i++) {
      char separator = i == from ? 0 : marking.separatorBefore(i);
      if (separator != 0 && !Character.isLetter(marking.at(i))) {
        text.append(separator);
      }
      text.append(marking.at(i));
    }
    return text.toString();
  }

  /**
   * Whether {@code 25X52X15} are bore and outside of a bearing, in words; the width may be that of
   * a closed one, and inch sizes are written rounded.
   */
  static Optional<String> ownSizesOf(Bearing bearing, String text) {
    Matcher m = ROW.matcher(text);
    return m.matches()
            && Math.abs(Integer.parseInt(m.group(1)) - bearing.boreMm()) < ROUNDED_MM
            && Math.abs(Integer.parseInt(m.group(2)) - bearing.outerMm()) < ROUNDED_MM
        ? Optional.of("its own size")
        : Optional.empty();
  }

  boolean hasUnit() {
    return unit != Unit.NONE;
  }

  /**
   * Which of a bearing's own sizes it is, in words; empty where it is none of them. Without a unit
   * it may be its bore alone, in millimetres.
   */
  Optional<String> ownSizeOf(Bearing bearing) {
    double mm = unit == Unit.INCH ? value * INCH_MM : value;
    if (Math.abs(mm - bearing.boreMm()) < SAME_MM) {
      return Optional.of("its own bore");
    }
    if (hasUnit() && Math.abs(mm - bearing.outerMm()) < SAME_MM) {
      return Optional.of("its own outside diameter");
    }
    return hasUnit() && Math.abs(mm - bearing.widthMm()) < SAME_MM
        ? Optional.of("its own width")
        : Optional.empty();
  }
}
