package unbo.core.designation;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import unbo.core.tables.Table;
import unbo.core.units.Problem;

/**
 * Letters that begin the number of a kind of bearing which is not in the tables, or of one that is:
 * the digits behind them are no number of their own. The same letters before digits of another look
 * are a mark. The rows of {@code other-products.csv}.
 *
 * @param letters as they stand before the digits
 * @param digits how what stands behind the letters begins
 * @param title what it is; empty for kinds that the tables hold
 * @param missing what must be measured, since it is not read here
 */
record OtherProduct(String letters, Pattern digits, String title, String missing) {

  private static final Map<String, List<OtherProduct>> ALL =
      Table.read(OtherProduct.class, "/unbo/core/designation/other-products.csv", OtherProduct::of)
          .stream()
          .collect(Collectors.groupingBy(OtherProduct::letters));

  /** Letters of kinds that no table holds. */
  private static final Set<String> ELSEWHERE =
      ALL.values().stream()
          .flatMap(List::stream)
          .filter(p -> !p.title.isEmpty())
          .map(OtherProduct::letters)
          .collect(Collectors.toUnmodifiableSet());

  /** Letters that a piece begins with, the digits behind them, glued or parted, and both. */
  private record Split(String letters, String digits, String whole) {

    /** Null where a piece does not begin like any of the rows: most do not, every marking asks. */
    static Split of(Marking marking, List<Token> tokens, int i) {
      Token token = tokens.get(i);
      int at = token.from();
      while (at < token.to() && Character.isLetter(marking.at(at))) {
        at++;
      }
      Token next = i + 1 < tokens.size() ? tokens.get(i + 1) : null;
      int to = next != null && next.isDigits() ? next.to() : token.to();
      if (at == token.from() || at == to || !Character.isDigit(marking.at(at))) {
        return null;
      }
      String text = marking.characters();
      String letters = text.substring(token.from(), at);
      return isWord(letters)
          ? new Split(letters, text.substring(at, to), text.substring(token.from(), to))
          : null;
    }
  }

  private static OtherProduct of(Table.Row row) {
    String title = row.text("title");
    return new OtherProduct(
        row.text("letters"),
        Pattern.compile("(?:" + row.text("digits") + ")(?!\\d)"),
        title.equals("-") ? "" : title,
        row.text("missing"));
  }

  /** Whether letters begin the number of a kind of bearing, whatever its digits. */
  static boolean isWord(String letters) {
    return ALL.containsKey(letters);
  }

  /** The kind that letters and what stands behind them name; empty for a mark before a number. */
  static Optional<OtherProduct> named(String letters, String behind) {
    for (OtherProduct product : ALL.getOrDefault(letters, List.of())) {
      if (product.digits.matcher(behind).lookingAt()) {
        return Optional.of(product);
      }
    }
    return Optional.empty();
  }

  /**
   * Where the number of a kind that no table holds begins, at two letters or more: nothing behind
   * it in one text is the number of another bearing. The length where there is none.
   */
  static int beginsIn(Marking marking) {
    List<Token> tokens = marking.tokensFrom(0);
    for (int i = 0; i < tokens.size(); i++) {
      Split split = Split.of(marking, tokens, i);
      if (split != null
          && split.letters.length() > 1
          && ELSEWHERE.contains(split.letters)
          && named(split.letters, split.digits).filter(p -> !p.title.isEmpty()).isPresent()) {
        return tokens.get(i).from();
      }
    }
    return marking.length();
  }

  /** What to say of a marking that holds such a number and could not be read. */
  static Optional<Problem> in(Marking marking) {
    List<Token> tokens = marking.tokensFrom(0);
    for (int i = 0; i < tokens.size(); i++) {
      Split split = Split.of(marking, tokens, i);
      if (split == null) {
        continue;
      }
      String own = tokens.get(i).text().substring(split.letters.length());
      Optional<Problem> found =
          named(split.letters, split.digits)
              .or(() -> named(split.letters, own))
              .map(p -> p.problem(split.whole));
      if (found.isPresent()) {
        return found;
      }
    }
    return OtherSize.in(marking);
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
