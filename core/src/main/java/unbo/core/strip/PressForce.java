package unbo.core.strip;

import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The force of a press as somebody writes it beside the tool: {@code 12 t}, {@code 10 tonnes},
 * {@code 100 kN}. A <em>ton</em> may be the short one of 2,000 lbf, which is the lesser and is
 * taken. A bare number is nobody's force.
 */
public final class PressForce {

  /** A tonne of force: standard gravity, ISO 80000-3. */
  public static final double KN_PER_TONNE = 9.80665;

  /** A short ton of force, 2,000 lbf. */
  public static final double KN_PER_TON = 8.896443;

  private static final double MOST_KN = 5000;

  private static final Pattern WRITTEN =
      Pattern.compile("(\\d{1,4}(?:[.,]\\d{1,2})?)\\s*(kn|t|to|ton|tons|tonne|tonnes)\\b");

  private PressForce() {}

  /** In kN; empty where no force is named, or none that a press has. */
  public static OptionalDouble kilonewtons(String text) {
    Matcher m = WRITTEN.matcher(text.toLowerCase(java.util.Locale.ROOT));
    if (!m.find()) {
      return OptionalDouble.empty();
    }
    double number = Double.parseDouble(m.group(1).replace(',', '.'));
    double kn =
        switch (m.group(2)) {
          case "kn" -> number;
          case "ton", "tons" -> number * KN_PER_TON;
          default -> number * KN_PER_TONNE;
        };
    return kn > 0 && kn <= MOST_KN ? OptionalDouble.of(kn) : OptionalDouble.empty();
  }
}
