package unbo.core.strip;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import unbo.core.units.Problem;

/**
 * The range of a puller or a collet, as somebody writes it beside the tool: {@code 8-32 mm}, {@code
 * 8 to 32}. Other words beside a tool are only words.
 *
 * @param fromMm least diameter
 * @param toMm greatest diameter, over it
 */
public record ToolRange(double fromMm, double toMm) {

  private static final String NUMBER = "(\\d{1,3}(?:[.,]\\d{1,2})?)";
  private static final Pattern RANGE =
      Pattern.compile(NUMBER + "\\s*(?:mm)?\\s*(?:-|–|to|…|\\.\\.+)\\s*" + NUMBER + "\\s*(?:mm)?");

  /** The range in a text; empty when it names none, or one the wrong way round. */
  public static Optional<ToolRange> in(String text) {
    Matcher range = RANGE.matcher(text);
    if (!range.find()) {
      return Optional.empty();
    }
    double from = number(range.group(1));
    double to = number(range.group(2));
    return from < to ? Optional.of(new ToolRange(from, to)) : Optional.empty();
  }

  /** What is wrong with a text: a range that runs backwards. */
  public static Optional<Problem> problem(String text) {
    Matcher range = RANGE.matcher(text);
    return range.find() && number(range.group(1)) >= number(range.group(2))
        ? Optional.of(
            new Problem(
                text,
                "The range runs the wrong way round.",
                "Enter the lesser size first: "
                    + range.group(2)
                    + " to "
                    + range.group(1)
                    + " mm."))
        : Optional.empty();
  }

  private static double number(String text) {
    return Double.parseDouble(text.replace(',', '.'));
  }

  /** Whether a diameter lies in it. */
  public boolean reaches(double mm) {
    return mm >= fromMm && mm <= toMm;
  }
}
