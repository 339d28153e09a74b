package unbo.app.web;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.units.Length;

/**
 * Lengths of a sentence in inches instead of millimetres: every number, or run of numbers joined by
 * signs, that stands before {@code mm}. What is stored and what was typed never passes here.
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
    return lengths.appendTail(converted).toString();
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
