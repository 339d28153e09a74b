package unbo.core.enquiry;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.size.MeasuredSize;
import unbo.core.size.SizeDimension;
import unbo.core.units.LengthEntry;
import unbo.core.units.LengthEntry.Unit;

/**
 * Finds sizes in a text.
 *
 * <pre>
 * 25 x 52 x 15             bore, outside, width in millimetres
 * 1 x 2 1/4 x 5/8 in       the same in inches
 * 25 × 52                  bore and outside
 * 1.378 bore               inches, since no bearing has a bore of 1.4 mm
 * 3/4                      a bore in inches
 * 17 mm shaft, 52 outside  named dimensions
 * </pre>
 *
 * <p>A bare decimal under {@value #LEAST_MM} is taken for inches and this is said. Not read:
 * angles, chamfers, threads.
 */
final class SizeText {

  /** No bearing here has a smaller dimension than this in millimetres that anybody types alone. */
  private static final double LEAST_MM = 3;

  private static final String NUMBER =
      "(?:\\d{1,3}[ -])?\\d{1,3}/\\d{1,2}|\\d{1,4}(?:[.,]\\d{1,4})?";
  private static final String UNIT = "(?:mm|in|inch|inches|\"|″|cm|thou)";
  private static final Pattern TIMES =
      Pattern.compile(
          "(?<![\\w.,/])(N)\\s*(U)?\\s*(?:x|×|\\*|by)\\s*(N)\\s*(U)?(?:\\s*(?:x|×|\\*|by)\\s*(N)\\s*(U)?)?(?![\\w./])"
              .replace("N", NUMBER)
              .replace("U", UNIT),
          Pattern.CASE_INSENSITIVE);
  private static final Pattern NAMED =
      Pattern.compile(
          "(?<![\\w.,/])(N)\\s*(U)?\\s*(bore|shaft|spindle|axle|inside|inner|id|outside|outer|od|width|wide|thick|high|cone|cup)\\b"
              .replace("N", NUMBER)
              .replace("U", UNIT),
          Pattern.CASE_INSENSITIVE);
  private static final Pattern NAME_FIRST =
      Pattern.compile(
          "\\b(bore|shaft|spindle|axle|inside|id|outside|od|width|cone|cup)\\s*(?:of|is|:)?\\s*(N)\\s*(U)?(?![\\w./])"
              .replace("N", NUMBER)
              .replace("U", UNIT),
          Pattern.CASE_INSENSITIVE);
  private static final Pattern WITH_UNIT =
      Pattern.compile(
          "(?<![\\w.,/])(N)\\s*(U)(?!\\w)".replace("N", NUMBER).replace("U", UNIT),
          Pattern.CASE_INSENSITIVE);
  private static final Pattern FRACTION =
      Pattern.compile("(?<![\\w.,/])(?:(\\d{1,2})[ -])?(\\d{1,2})/(2|4|8|16|32|64)(?![\\w./])");

  private final Map<SizeDimension, Double> found = new EnumMap<>(SizeDimension.class);
  private final List<String> notes = new ArrayList<>();
  private String rest;

  private SizeText(String text) {
    rest = text;
  }

  /** What was found, in millimetres, with what must be said about it. */
  record Sizes(Map<SizeDimension, Double> millimetres, List<String> notes, String rest) {}

  static Optional<Sizes> in(String text) {
    SizeText sizes = new SizeText(text);
    sizes.times();
    if (startsWithName(text)) {
      sizes.named(NAME_FIRST, 2, 3, 1);
      sizes.named(NAMED, 1, 2, 3);
    } else {
      sizes.named(NAMED, 1, 2, 3);
      sizes.named(NAME_FIRST, 2, 3, 1);
    }
    sizes.alone();
    return sizes.found.isEmpty()
        ? Optional.empty()
        : Optional.of(new Sizes(Map.copyOf(sizes.found), List.copyOf(sizes.notes), sizes.rest));
  }

  /** {@code bore 25 outside 52}: whoever begins with a name goes on so. */
  private static boolean startsWithName(String text) {
    Matcher name = NAME_FIRST.matcher(text);
    Matcher number = NAMED.matcher(text);
    return name.find() && (!number.find() || name.start() < number.start());
  }

  private void times() {
    Matcher m = TIMES.matcher(rest);
    if (!m.find()) {
      return;
    }
    String unit = m.group(6) != null ? m.group(6) : m.group(4) != null ? m.group(4) : m.group(2);
    boolean fraction = m.group().contains("/");
    String shared = unit == null && fraction ? "in" : unit;
    put(SizeDimension.BORE, m.group(1), orElse(m.group(2), shared));
    put(SizeDimension.OUTER, m.group(3), orElse(m.group(4), shared));
    if (m.group(5) != null) {
      put(SizeDimension.WIDTH, m.group(5), orElse(m.group(6), shared));
    }
    cut(m);
  }

  private void named(Pattern pattern, int number, int unit, int word) {
    Matcher m = pattern.matcher(rest);
    while (m.find()) {
      SizeDimension dimension = dimension(m.group(word).toLowerCase(Locale.ROOT));
      if (!found.containsKey(dimension)) {
        put(dimension, m.group(number), m.group(unit));
      }
      cut(m);
      m = pattern.matcher(rest);
    }
  }

  private static SizeDimension dimension(String word) {
    return switch (word) {
      case "outside", "outer", "od" -> SizeDimension.OUTER;
      case "width", "wide", "thick", "high" -> SizeDimension.WIDTH;
      case "cone" -> SizeDimension.CONE;
      case "cup" -> SizeDimension.CUP;
      default -> SizeDimension.BORE;
    };
  }

  /** A single length that names nothing: a bore, as a shaft is what one measures first. */
  private void alone() {
    if (!found.isEmpty()) {
      return;
    }
    Matcher m = WITH_UNIT.matcher(rest);
    if (m.find()) {
      put(SizeDimension.BORE, m.group(1), m.group(2));
      notes.add(
          "A single length is read as the bore; write “outside” or “width” behind the number if not.");
      cut(m);
      return;
    }
    Matcher f = FRACTION.matcher(rest);
    if (f.find() && Integer.parseInt(f.group(2)) < Integer.parseInt(f.group(3))) {
      put(SizeDimension.BORE, f.group(), "in");
      notes.add("A fraction is read as a bore in inches.");
      cut(f);
    }
  }

  private void put(SizeDimension dimension, String number, String unit) {
    Unit bare = Unit.MILLIMETRE;
    double mm = millimetres(number, unit, bare);
    if (unit == null && !number.contains("/") && mm < LEAST_MM) {
      mm = millimetres(number, unit, Unit.INCH);
      notes.add(
          String.format(
              Locale.ROOT,
              "%s is read as inches, %.2f mm: no bearing here has a %s of %s mm.",
              number,
              mm,
              dimension.title(),
              number));
    }
    if (mm > 0 && mm <= MeasuredSize.MOST_MM) {
      found.put(dimension, mm);
    } else {
      notes.add("No bearing has a " + dimension.title() + " of " + number + ".");
    }
  }

  private static double millimetres(String number, String unit, Unit bare) {
    return LengthEntry.parse(unit == null ? number : number + " " + unit, bare)
        .value()
        .map(taken -> taken.length().millimetres())
        .orElse(0.0);
  }

  private static String orElse(String own, String shared) {
    return own != null ? own : shared;
  }

  private void cut(Matcher m) {
    rest = rest.substring(0, m.start()) + " " + rest.substring(m.end());
  }
}
