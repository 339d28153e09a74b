package unbo.app.web;

import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.units.Length;

/**
 * Lengths of a sentence in inches instead of millimetres: every number, or run of numbers joined by
 * signs, that stands before {@code mm}; and degrees Fahrenheit beside degrees Celsius. A difference
 * of temperatures is 1.8 times as many of them, without the 32. What is stored and what was typed
 * never passes here.
 */
public final class InchText {

  private static final String NUMBER = "[−-]?\\d+(?:\\.\\d+)?";
  private static final Pattern LENGTHS =
      Pattern.compile(
          "(?<![\\w.])("
              + NUMBER
              + "(?:\\s*(?:±|×|→|to|and|or)\\s*"
              + NUMBER
              + ")*)([\\s\\u00a0]?)mm(?![\\w²³/])");
  private static final Pattern TEMPERATURES =
      Pattern.compile(
          "(?<![\\w.])(± )?("
              + NUMBER
              + ")( ± "
              + NUMBER
              + ")?([\\s\\u00a0]?)°C(?![\\w])(?=( hotter| cooler| per )?)");
  private static final Pattern ONE = Pattern.compile(NUMBER);

  private InchText() {}

  /** The text with its lengths in inches. */
  public static String of(String text) {
    Matcher lengths = LENGTHS.matcher(text);
    StringBuilder converted = new StringBuilder();
    while (lengths.find()) {
      String numbers = ONE.matcher(lengths.group(1)).replaceAll(m -> inches(m.group()));
      lengths.appendReplacement(
          converted, Matcher.quoteReplacement(numbers + lengths.group(2) + "in"));
    }
    return withFahrenheit(lengths.appendTail(converted).toString());
  }

  private static String withFahrenheit(String text) {
    return text.contains("°C")
        ? TEMPERATURES.matcher(text).replaceAll(m -> Matcher.quoteReplacement(fahrenheit(m)))
        : text;
  }

  private static String fahrenheit(MatchResult m) {
    boolean difference = m.group(1) != null || m.group(5) != null;
    double celsius = Double.parseDouble(m.group(2).replace('−', '-'));
    long value = Math.round(celsius * 1.8 + (difference ? 0 : 32));
    return m.group() + " (" + String.valueOf(value).replace('-', '−') + " °F)";
  }

  /** A number of millimetres as inches, a decimal or two more than it had. */
  public static String inches(String millimetres) {
    int dot = millimetres.indexOf('.');
    int decimals = dot < 0 ? 0 : millimetres.length() - dot - 1;
    double value = Double.parseDouble(millimetres.replace('−', '-'));
    String inches =
        String.format(
            Locale.ROOT, decimals >= 2 ? "%.4f" : "%.3f", value / Length.MILLIMETRES_PER_INCH);
    return inches.replace('-', '−');
  }
}
