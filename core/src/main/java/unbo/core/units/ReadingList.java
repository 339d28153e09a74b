package unbo.core.units;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Several readings in one text: {@code 0.31 0.30 0,32}, {@code 12 thou 13 thou}, one a line, or
 * with {@code ;} or {@code |} between. With one of those two between, blanks separate nothing. A
 * whole number before a fraction belongs to it: {@code 1 5/16} is one reading.
 *
 * @param typed the readings as typed
 * @param values as taken, up to the first that could not be
 * @param problem what is wrong with the first that could not be read; empty when all were
 */
public record ReadingList(List<String> typed, List<Double> values, Optional<Problem> problem) {

  private static final String BETWEEN_LINES = "[;|\\r\\n]+";
  private static final String BETWEEN_NUMBERS = "\\s+(?=[-−+.,]?\\d)(?!\\d+\\s*/)";

  /**
   * Reads a text; empty and null are no readings.
   *
   * @param most how many are taken
   * @param reader reads one
   */
  public static ReadingList parse(String text, int most, Function<String, Entry<Double>> reader) {
    List<String> pieces = pieces(text == null ? "" : text.strip());
    if (pieces.size() > most) {
      return new ReadingList(
          pieces,
          List.of(),
          Optional.of(
              new Problem(
                  pieces.size() + " readings",
                  "Too many readings.",
                  "Enter " + most + " at most.")));
    }
    List<Double> values = new ArrayList<>();
    for (String piece : pieces) {
      Entry<Double> entry = reader.apply(piece);
      if (entry.problem().isPresent()) {
        return new ReadingList(pieces, values, entry.problem());
      }
      entry.value().ifPresent(values::add);
    }
    return new ReadingList(pieces, values, Optional.empty());
  }

  private static List<String> pieces(String text) {
    boolean marked = text.matches("(?s).*[;|].*");
    List<String> pieces = new ArrayList<>();
    for (String line : text.split(BETWEEN_LINES)) {
      for (String piece : marked ? new String[] {line} : line.split(BETWEEN_NUMBERS)) {
        if (!piece.isBlank()) {
          pieces.add(piece.strip());
        }
      }
    }
    return pieces;
  }
}
