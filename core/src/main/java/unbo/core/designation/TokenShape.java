package unbo.core.designation;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import unbo.core.tables.Table;

/**
 * What a piece can be by its look alone, where no spelling of the tables explains it: the rows of
 * {@code token-shapes.csv}, the first that fits counts.
 *
 * @param place where it stands, as the table's head says
 * @param pattern of the whole piece
 * @param kind what it is taken for
 * @param weight how much it leaves of the confidence
 * @param meaning in words
 */
record TokenShape(
    Place place, Pattern pattern, SuffixRun.Kind kind, double weight, String meaning) {

  enum Place {
    BEFORE,
    GLUED,
    BEHIND,
    GLUED_BEHIND,
    POINT,
    SLASH,
    TAIL,
    CLOSED,
    KIND,
    FRACTION,
    DASH,
    DECIMAL,
    MEASURE
  }

  private static final Map<Place, List<TokenShape>> ALL =
      Table.read(TokenShape.class, "/unbo/core/designation/token-shapes.csv", TokenShape::of)
          .stream()
          .collect(
              Collectors.groupingBy(
                  TokenShape::place, () -> new EnumMap<>(Place.class), Collectors.toList()));

  private static final int ASCII = 128;

  /** The same by a piece’s first character: most rows are told apart by it. */
  private static final Map<Place, List<List<TokenShape>>> BY_FIRST = byFirst();

  private static final TokenShape ANYTHING =
      ALL.get(Place.BEHIND).stream()
          .filter(s -> s.pattern.pattern().equals(".*"))
          .findFirst()
          .orElseThrow();

  private static TokenShape of(Table.Row row) {
    return new TokenShape(
        Place.valueOf(row.text("place").toUpperCase(Locale.ROOT)),
        Pattern.compile(row.text("pattern")),
        SuffixRun.Kind.valueOf(row.text("kind").toUpperCase(Locale.ROOT)),
        row.number("weight"),
        row.text("meaning"));
  }

  private static Map<Place, List<List<TokenShape>>> byFirst() {
    Map<Place, List<List<TokenShape>>> all = new EnumMap<>(Place.class);
    ALL.forEach(
        (place, shapes) ->
            all.put(
                place,
                IntStream.range(0, ASCII)
                    .mapToObj(c -> shapes.stream().filter(s -> s.mayBeginWith((char) c)).toList())
                    .toList()));
    return all;
  }

  /** Whether a match can begin so: this one character fits, or asks for more. */
  private boolean mayBeginWith(char first) {
    Matcher alone = pattern.matcher(String.valueOf(first));
    return alone.matches() || alone.hitEnd();
  }

  /** What a piece looks like at a place; the table ends with a row for everything. */
  static TokenShape of(Place place, String text) {
    return find(place, text)
        .orElseThrow(() -> new IllegalStateException("No shape for " + text + " at " + place));
  }

  /** That of a piece which may be anything. */
  static TokenShape unread() {
    return ANYTHING;
  }

  static Optional<TokenShape> find(Place place, String text) {
    for (TokenShape shape : candidates(place, text)) {
      if (shape.pattern.matcher(text).matches()) {
        return Optional.of(shape);
      }
    }
    return Optional.empty();
  }

  private static List<TokenShape> candidates(Place place, String text) {
    return text.isEmpty() || text.charAt(0) >= ASCII
        ? ALL.get(place)
        : BY_FIRST.get(place).get(text.charAt(0));
  }
}
