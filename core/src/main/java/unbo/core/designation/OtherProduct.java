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

  private static final Pattern LETTERS_AND_DIGIT = Pattern.compile("([A-Z]+)(\\d.*)");

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
    return ALL.getOrDefault(letters, List.of()).stream()
        .filter(p -> p.digits.matcher(behind).lookingAt())
        .findFirst();
  }

  /**
   * Where the number of a kind that no table holds begins, at two letters or more: nothing behind
   * it in one text is the number of another bearing. The length where there is none.
   */
  static int beginsIn(Marking marking) {
    if (!hasLetters(marking)) {
      return marking.length();
    }
    List<Token> tokens = Token.of(marking, 0, marking.length());
    for (int i = 0; i < tokens.size(); i++) {
      String text = tokens.get(i).text(marking);
      boolean parted = i + 1 < tokens.size() && tokens.get(i + 1).isDigits(marking);
      Matcher m = LETTERS_AND_DIGIT.matcher(parted ? text + tokens.get(i + 1).text(marking) : text);
      if (m.matches()
          && m.end(1) > 1
          && named(m.group(1), m.group(2)).filter(p -> !p.title.isEmpty()).isPresent()) {
        return tokens.get(i).from();
      }
    }
    return marking.length();
  }

  /** Whether a piece begins with two letters: most markings are done with by this look. */
  private static boolean hasLetters(Marking marking) {
    for (int i = 0; i + 1 < marking.length(); i++) {
      if ((i == 0 || marking.separatorBefore(i) != 0)
          && Character.isLetter(marking.at(i))
          && Character.isLetter(marking.at(i + 1))) {
        return true;
      }
    }
    return false;
  }

  /** What to say of a marking that holds such a number and could not be read. */
  static Optional<Problem> in(Marking marking) {
    List<Token> tokens = Token.of(marking, 0, marking.length());
    for (int i = 0; i < tokens.size(); i++) {
      String text = tokens.get(i).text(marking);
      boolean parted = i + 1 < tokens.size() && tokens.get(i + 1).isDigits(marking);
      String whole = parted ? text + tokens.get(i + 1).text(marking) : text;
      Matcher m = LETTERS_AND_DIGIT.matcher(whole);
      if (m.matches()) {
        Optional<Problem> found =
            named(m.group(1), m.group(2))
                .or(() -> named(m.group(1), text.substring(Math.min(text.length(), m.end(1)))))
                .map(p -> p.problem(whole));
        if (found.isPresent()) {
          return found;
        }
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
