package unbo.core.designation;

import java.util.List;
import java.util.Optional;
import unbo.core.units.Problem;

/**
 * All that could be made of a text.
 *
 * @param input the text as typed
 * @param items the numbers found in it
 * @param readings all readings, the likeliest first within each item
 * @param continuations designations that the text could still become, while it is being typed
 * @param problem why nothing could be read, if so
 */
public record ReadingReport(
    String input,
    List<Item> items,
    List<Reading> readings,
    List<String> continuations,
    Optional<Problem> problem) {

  /**
   * One number in a text.
   *
   * @param start where it starts, UTF-16
   * @param end one past its end
   * @param text the number as it stood
   */
  public record Item(int start, int end, String text) {}
}
