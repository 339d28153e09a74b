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
 * 47 x 20 x 14             the outside first: the larger of the two
 * 25/52/15, 25 52 15       alone in a text
 * d 25 D 52 B 15           the letters of ISO 15
 * 1.378 bore               inches, since no bearing has a bore of 1.4 mm
 * 3/4                      a bore in inches
 * 17 mm shaft, 52 outside  named dimensions
 * </pre>
 *
 * <p>A bare decimal under {@value #LEAST_MM} is taken for inches and this is said. Not read:
 * angles, chamfers, threads; and a row of sizes of which one cannot be read, since the others would
 * slip into its place.
 */
final class SizeText {

  /** No bearing here has a smaller dimension than this in millimetres that anybody types alone. */
  private static final double LEAST_MM = 3;

  private static final String DECIMAL = "(?:\\d{1,4}(?:[.,]\\d{1,4})?|[.,]\\d{1,4})";
  private static final String NUMBER = "(?:\\d{1,3}[ -])?\\d{1,3}/\\d{1,2}|" + DECIMAL;
  private static final String UNIT = "(?:mm|inch|inches|in|\"|″|cm|thou)";
  private static final String NAME =
      "bore|shaft|spindle|axle|inside|inner|id|outside|outer|od|housing|width|wide|w|thick|thickness|high|height|cone|cup";
  private static final Pattern DIAMETER_SIGN = Pattern.compile("[øØ⌀]");

  private static final Pattern TIMES =
      pattern(
          "(?<![\\w.,/])(?<!T[\\s-]{0,3})(N)\\s*(U)?\\s*T\\s*(N)\\s*(U)?(?:\\s*T\\s*(N)\\s*(U)?)?(?![\\w./])(?!\\s*T)");
  private static final Pattern NAMED = pattern("(?<![\\w.,/])(N)\\s*(U)?\\s*(M)\\b");
  private static final Pattern NAME_FIRST =
      pattern("\\b(M)\\s*(?:of|is|:|=)?\\s*(N)\\s*(U)?(?![\\w./])");
  private static final Pattern WITH_UNIT = pattern("(?<![\\w.,/])(N)\\s*(U)(?!\\w)");
  private static final Pattern FRACTION =
      Pattern.compile("(?<![\\w.,/])(?:(\\d{1,2})[ -])?(\\d{1,2})/(2|4|8|16|32|64)(?![\\w./])");

  /** Three numbers and nothing else. */
  private static final Pattern ROW = pattern("\\s*(D)\\s*[/ -]\\s*(D)\\s*[/ -]\\s*(D)\\s*(U)?\\s*");

  /** The letters of ISO 15, told apart by their case. */
  private static final Pattern LETTERS =
      Pattern.compile(
          "\\bd\\s*[=:]?\\s*(D)\\W+D\\s*[=:]?\\s*(D)(?:\\W+[BbTHhW]\\s*[=:]?\\s*(D))?(?![\\w./])"
              .replace("(D)", "(" + DECIMAL + ")"));

  private static final Pattern TWO_DIAMETERS =
      Pattern.compile(
          "[øØ⌀]\\s*(D)\\W+[øØ⌀]\\s*(D)(?:\\W+[BbTHhWw]?\\s*[=:]?\\s*(D))?(?![\\w./])"
              .replace("(D)", "(" + DECIMAL + ")"));

  private final Map<SizeDimension, Double> found = new EnumMap<>(SizeDimension.class);
  private final List<String> notes = new ArrayList<>();
  private String rest;

  private SizeText(String text) {
    rest = text;
  }

  private static Pattern pattern(String written) {
    return Pattern.compile(
        written
            .replace("(N)", "(" + NUMBER + ")")
            .replace("(D)", "(" + DECIMAL + ")")
            .replace("(U)", "(" + UNIT + ")")
            .replace("(M)", "(" + NAME + ")")
            .replace("T", "(?:x|×|\\*|\\bby\\b)"),
        Pattern.CASE_INSENSITIVE);
  }

  /** What was found, in millimetres, with what must be said about it. */
  record Sizes(Map<SizeDimension, Double> millimetres, List<String> notes, String rest) {}

  static Optional<Sizes> in(String text) {
    SizeText sizes = new SizeText(text);
    sizes.unnamed(TWO_DIAMETERS.matcher(text));
    sizes.unnamed(LETTERS.matcher(text));
    sizes.rest = DIAMETER_SIGN.matcher(sizes.rest).replaceAll(" ");
    sizes.times();
    sizes.row();
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

  /** {@code d 25 D 52 B 15}, {@code Ø25 Ø52 15}. */
  private void unnamed(Matcher m) {
    if (!found.isEmpty() || !m.find()) {
      return;
    }
    put(SizeDimension.BORE, m.group(1), null);
    put(SizeDimension.OUTER, m.group(2), null);
    if (m.group(3) != null) {
      put(SizeDimension.WIDTH, m.group(3), null);
    }
    largerIsOutside();
    cut(m);
  }

  private void times() {
    Matcher m = TIMES.matcher(rest);
    if (!found.isEmpty() || !m.find()) {
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
    largerIsOutside();
    cut(m);
  }

  /** Seals and some bearings are written with the outside first. */
  private void largerIsOutside() {
    Double bore = found.get(SizeDimension.BORE);
    Double outer = found.get(SizeDimension.OUTER);
    if (bore != null && outer != null && bore > outer) {
      found.put(SizeDimension.BORE, outer);
      found.put(SizeDimension.OUTER, bore);
      notes.add("The larger of the first two is read as the outside.");
    }
  }

  /** {@code 25/52/15}: only where the numbers rise and fall as those of a bearing do. */
  private void row() {
    Matcher m = ROW.matcher(rest);
    if (!found.isEmpty() || !m.matches()) {
      return;
    }
    double bore = millimetres(m.group(1), m.group(4), Unit.MILLIMETRE);
    double outer = millimetres(m.group(2), m.group(4), Unit.MILLIMETRE);
    double width = millimetres(m.group(3), m.group(4), Unit.MILLIMETRE);
    if (bore >= LEAST_MM && bore < outer && width > 0 && width < outer) {
      put(SizeDimension.BORE, m.group(1), m.group(4));
      put(SizeDimension.OUTER, m.group(2), m.group(4));
      put(SizeDimension.WIDTH, m.group(3), m.group(4));
      notes.add("Three numbers are read as bore, outside and width.");
      cut(m);
    }
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
      case "outside", "outer", "od", "housing" -> SizeDimension.OUTER;
      case "width", "wide", "w", "thick", "thickness", "high", "height" -> SizeDimension.WIDTH;
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
              "%s is read as inches, %.2f mm: it is no %s in millimetres.",
              number,
              mm,
              dimension.title()));
    }
    if (mm > 0 && mm <= MeasuredSize.MOST_MM) {
      found.put(dimension, mm);
    } else {
      notes.add(number + " is no " + dimension.title() + " of a bearing.");
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
