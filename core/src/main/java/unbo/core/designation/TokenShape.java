package unbo.core.designation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
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
    KIND,
    FRACTION
  }

  private static final List<TokenShape> ALL =
      Table.read(TokenShape.class, "/unbo/core/designation/token-shapes.csv", TokenShape::of);

  private static final TokenShape ANYTHING =
      ALL.stream()
          .filter(s -> s.place == Place.BEHIND && s.pattern.pattern().equals(".*"))
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
    for (TokenShape shape : ALL) {
      if (shape.place == place && shape.pattern.matcher(text).matches()) {
        return Optional.of(shape);
      }
    }
    return Optional.empty();
  }
}
