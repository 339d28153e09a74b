package unbo.core.units;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * Reads a length as a mechanic writes it, and says which unit it took the number in.
 *
 * <p>Reads: {@code 0.31}, {@code 0,31 mm}, {@code 310 µm}, {@code 310 um}, {@code 12 thou}, {@code
 * 0.012 in}, {@code 1 5/16"}, {@code 2.5 cm}. A bare number takes the unit of the field. A bare
 * fraction ({@code 1 5/16}) is inches whatever the field says, since nobody writes millimetres so.
 *
 * <p>Refused with a problem: letters in the number, an unknown unit, a thousands separator.
 */
public final class LengthEntry {

  /** A unit of length with the words that mean it. */
  public enum Unit {
    MILLIMETRE("mm", 1, List.of("mm", "millimetre", "millimetres", "millimeter", "millimeters")),
    MICROMETRE("µm", 0.001, List.of("µm", "μm", "um", "micron", "microns")),
    CENTIMETRE("cm", 10, List.of("cm")),
    INCH(
        "in", Length.MILLIMETRES_PER_INCH, List.of("in", "inch", "inches", "\"", "″", "”", "zoll")),
    THOU("thou", Length.MILLIMETRES_PER_INCH / 1000, List.of("thou", "mil", "mils", "th"));

    private final String symbol;
    private final double millimetres;
    private final List<String> words;

    Unit(String symbol, double millimetres, List<String> words) {
      this.symbol = symbol;
      this.millimetres = millimetres;
      this.words = words;
    }

    public String symbol() {
      return symbol;
    }

    public double millimetres() {
      return millimetres;
    }
  }

  /**
   * A length and the unit that its number was taken in.
   *
   * @param length the value
   * @param unit the unit it was read in
   */
  public record Taken(Length length, Unit unit) {}

  private static final int LONGEST = 40;
  private static final String REMEDY = "Type a number such as 0.31, 0,31, 12 thou or 1 5/16.";

  private LengthEntry() {}

  /**
   * Reads a text.
   *
   * @param typed what stands in the field; null counts as empty
   * @param fieldUnit the unit of a bare decimal number
   */
  public static Entry<Taken> parse(String typed, Unit fieldUnit) {
    String text = typed == null ? "" : typed;
    String low = text.strip().toLowerCase(Locale.ROOT);
    if (low.isEmpty()) {
      return Entry.empty(text);
    }
    if (low.length() > LONGEST) {
      return Entry.refused(text, "Too long for a length.", REMEDY);
    }
    Unit unit = unitAtEnd(low);
    String number =
        unit == null ? low : low.substring(0, low.length() - wordAtEnd(low, unit).length());
    Unit used = unit != null ? unit : number.contains("/") ? Unit.INCH : fieldUnit;
    return numberIn(text, number, used);
  }

  private static Entry<Taken> numberIn(String text, String number, Unit unit) {
    OptionalDouble value = NumberText.parse(number);
    if (value.isEmpty()) {
      return Entry.refused(text, "No number found.", REMEDY);
    }
    return Entry.taken(
        text, new Taken(Length.ofMillimetres(value.getAsDouble() * unit.millimetres()), unit));
  }

  private static Unit unitAtEnd(String low) {
    for (Unit unit : Unit.values()) {
      if (!wordAtEnd(low, unit).isEmpty()) {
        return unit;
      }
    }
    return null;
  }

  /** The longest word for the unit that ends the text after a digit or a space, else empty. */
  private static String wordAtEnd(String low, Unit unit) {
    return unit.words.stream()
        .filter(low::endsWith)
        .filter(word -> low.length() > word.length())
        .filter(word -> !Character.isLetter(low.charAt(low.length() - word.length() - 1)))
        .reduce("", (a, b) -> a.length() >= b.length() ? a : b);
  }
}
