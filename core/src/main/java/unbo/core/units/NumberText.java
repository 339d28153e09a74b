package unbo.core.units;

import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Numbers as a hand types them: {@code 0.31}, {@code 0,31}, {@code .31}, {@code 1 5/16}, {@code
 * 5/16}, {@code -0.02}. Not read: exponents, thousands separators ({@code 1,250.0} is refused
 * rather than guessed), more than 12 digits.
 */
final class NumberText {

  private static final Pattern DECIMAL = Pattern.compile("([-+−]?)(\\d{0,12})(?:[.,](\\d{0,12}))?");
  private static final Pattern FRACTION =
      Pattern.compile("([-+−]?)(?:(\\d{1,6})[ -]+)?(\\d{1,6})\\s*/\\s*(\\d{1,6})");

  private NumberText() {}

  static OptionalDouble parse(String text) {
    String stripped = text.strip();
    Matcher decimal = DECIMAL.matcher(stripped);
    if (decimal.matches()) {
      return decimal(decimal);
    }
    Matcher fraction = FRACTION.matcher(stripped);
    return fraction.matches() ? fraction(fraction) : OptionalDouble.empty();
  }

  private static OptionalDouble decimal(Matcher m) {
    String whole = m.group(2);
    String part = m.group(3) == null ? "" : m.group(3);
    if (whole.isEmpty() && part.isEmpty()) {
      return OptionalDouble.empty();
    }
    double value =
        Double.parseDouble((whole.isEmpty() ? "0" : whole) + "." + (part.isEmpty() ? "0" : part));
    return OptionalDouble.of(sign(m.group(1)) * value);
  }

  private static OptionalDouble fraction(Matcher m) {
    double below = Double.parseDouble(m.group(4));
    if (below == 0) {
      return OptionalDouble.empty();
    }
    double whole = m.group(2) == null ? 0 : Double.parseDouble(m.group(2));
    return OptionalDouble.of(sign(m.group(1)) * (whole + Double.parseDouble(m.group(3)) / below));
  }

  private static int sign(String text) {
    return text.equals("-") || text.equals("−") ? -1 : 1;
  }
}
