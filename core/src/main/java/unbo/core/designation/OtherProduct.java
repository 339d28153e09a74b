package unbo.core.designation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import unbo.core.tables.Table;
import unbo.core.units.Problem;

/**
 * Letters that begin the number of a kind of bearing which is not in the tables, or of one that is:
 * the digits behind them are no number of their own. The rows of {@code other-products.csv}.
 *
 * @param letters as they stand before the digits
 * @param title what it is; empty for kinds that the tables hold
 * @param missing what must be measured, since it is not read here
 */
record OtherProduct(String letters, String title, String missing) {

  private static final Map<String, OtherProduct> ALL =
      Table.read(OtherProduct.class, "/unbo/core/designation/other-products.csv", OtherProduct::of)
          .stream()
          .collect(Collectors.toMap(OtherProduct::letters, p -> p));

  private static final Pattern LETTERS_AND_DIGIT = Pattern.compile("([A-Z]+)\\d.*");

  private static OtherProduct of(Table.Row row) {
    String title = row.text("title");
    return new OtherProduct(
        row.text("letters"), title.equals("-") ? "" : title, row.text("missing"));
  }

  /** Whether letters begin the number of a kind of bearing. */
  static boolean isWord(String letters) {
    return ALL.containsKey(letters);
  }

  /** What to say of a marking that holds such a number and could not be read. */
  static Optional<Problem> in(Marking marking) {
    List<Token> tokens = Token.of(marking, 0, marking.length());
    for (int i = 0; i < tokens.size(); i++) {
      String text = tokens.get(i).text(marking);
      boolean parted = i + 1 < tokens.size() && tokens.get(i + 1).isDigits(marking);
      String whole = parted ? text + tokens.get(i + 1).text(marking) : text;
      Matcher m = LETTERS_AND_DIGIT.matcher(whole);
      if (m.matches() && isWord(m.group(1))) {
        return Optional.of(ALL.get(m.group(1)).problem(whole));
      }
    }
    return Optional.empty();
  }

  private Problem problem(String number) {
    return title.isEmpty()
        ? new Problem(
            number,
            "The letters are those of a kind that is read here, but this size is not in the tables.",
            missing)
        : new Problem(
            number,
            "By its letters this is " + title + ", whose sizes are not in the tables.",
            missing);
  }
}
