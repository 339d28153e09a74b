package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import unbo.core.catalogue.Family;

/**
 * Parts a text into the numbers that stand in it: at commas and ends of lines with another number
 * behind them, before a sleeve, between two sets. A cone and its cup stay one bearing.
 */
final class TextParts {

  /** Digits enough for a number by themselves, worn ones too. */
  private static final Pattern DIGITS = Pattern.compile("\\d{3}|\\d\\?|\\?\\d");

  private static final Pattern ANOTHER_NUMBER = Pattern.compile("[A-Za-z]{0,4}\\d{3}");

  /** Four digits from 60 on, or five of a taper or a ball bearing: months and years are none. */
  private static final Pattern WRITTEN_OUT = Pattern.compile("(6\\d{3}|[36]\\d{4})(?!\\d).*");

  private static final int LEAST_DIGITS = 4;

  /** A stroke or a plus between spaces. */
  private static final int PARTED = 3;

  private final SpellingTrie spellings;

  TextParts(SpellingTrie spellings) {
    this.spellings = spellings;
  }

  /** The numbers of a text, sets as one. */
  List<MarkedItem> of(String text) {
    if (isOnePiece(text)) {
      return List.of(MarkedItem.of(text, 0, text.length()));
    }
    List<MarkedItem> items = apart(text);
    boolean alone = text.indexOf('/') < 0 && items.size() < 2;
    return numbersApart(text, alone ? items : setsApart(text, setsTogether(text, items)));
  }

  /** Whether nothing stands in it at which a text can be parted. */
  private static boolean isOnePiece(String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (Character.isWhitespace(c) || ";,+/".indexOf(c) >= 0) {
        return false;
      }
    }
    return !text.isEmpty();
  }

  /** {@code 30206/30204}, {@code 6305 6304}: two bearings of one kind, both written out. */
  private List<MarkedItem> numbersApart(String text, List<MarkedItem> items) {
    List<MarkedItem> all = new ArrayList<>();
    for (MarkedItem item : items) {
      MarkedItem rest = item;
      for (int cut = nextNumber(rest); cut > 0; cut = nextNumber(rest)) {
        all.add(MarkedItem.of(text, rest.item().start(), endBefore(text, cut)));
        rest = MarkedItem.of(text, cut, item.item().end());
      }
      all.add(rest);
    }
    return all;
  }

  private static int endBefore(String text, int cut) {
    int end = cut;
    while (" /-".indexOf(text.charAt(end - 1)) >= 0) {
      end--;
    }
    return end;
  }

  /** Where in the text a second number of the first one's family begins; 0 for none. */
  private int nextNumber(MarkedItem item) {
    List<Token> tokens = item.marking().tokensFrom(0);
    Family first = null;
    for (Token token : tokens.size() < 2 ? List.<Token>of() : tokens) {
      Family family = family(item.marking(), token);
      if (first != null && first == family && " /".indexOf(token.separator()) >= 0) {
        return item.marking().place(token.from());
      }
      first = first == null ? family : first;
    }
    return 0;
  }

  /**
   * The family of a metric number that a piece begins with; null for any other piece, and for
   * digits that a date may have as well.
   */
  private Family family(Marking marking, Token token) {
    if (token.length() < LEAST_DIGITS || !WRITTEN_OUT.matcher(token.text()).matches()) {
      return null;
    }
    for (Spelling s : spellings.from(marking, token.from())) {
      boolean whole =
          s.length() >= LEAST_DIGITS
              && s.match(marking, token.from()) == 1
              && !isDigit(token, s.length());
      if (whole && !s.bearing().isInch()) {
        return s.bearing().family();
      }
    }
    return null;
  }

  private static boolean isDigit(Token token, int at) {
    return at < token.length() && Character.isDigit(token.text().charAt(at));
  }

  /** What stands between the marks of a text, whatever it is. */
  static List<MarkedItem> apart(String text) {
    List<MarkedItem> items = new ArrayList<>();
    int at = 0;
    while (at < text.length()) {
      if (parts(text, at)) {
        at++;
        continue;
      }
      int from = at;
      while (at < text.length() && !parts(text, at)) {
        at++;
      }
      MarkedItem item = MarkedItem.of(text, from, at);
      if (!item.item().text().isBlank()) {
        items.add(item);
      }
    }
    return items;
  }

  /**
   * Whether a number of its own stands before the next mark: {@code 6205, 2RS} is one number,
   * {@code 6205, 6206} are two.
   */
  private static boolean isNumberBefore(String text, int from) {
    int to = from;
    while (to < text.length() && ";,\n\r".indexOf(text.charAt(to)) < 0) {
      to++;
    }
    return to == text.length() && text.substring(from).isBlank()
        || DIGITS.matcher(text).region(from, to).find()
        || OtherProduct.in(Marking.of(text.substring(from, to), from)).isPresent();
  }

  /**
   * Whether a number ends here: at a mark with another one behind it, at a stroke or a plus between
   * spaces with one behind it, or at a plus that is glued to the next number, as of a sleeve.
   */
  private static boolean parts(String text, int at) {
    return switch (text.charAt(at)) {
      case ';', ',', '\n', '\r' -> isNumberBefore(text, at + 1);
      case ' ' ->
          (text.startsWith(" / ", at) || text.startsWith(" + ", at)) && isNumberBehind(text, at);
      case '+' -> ANOTHER_NUMBER.matcher(text).region(at + 1, text.length()).lookingAt();
      default -> false;
    };
  }

  private static boolean isNumberBehind(String text, int at) {
    int from = at + PARTED;
    return !text.substring(from).isBlank() && isNumberBefore(text, from);
  }

  /** {@code LM67048 / LM67010}: a cone and its cup are one bearing, whatever stands between. */
  private List<MarkedItem> setsTogether(String text, List<MarkedItem> items) {
    List<MarkedItem> all = new ArrayList<>();
    for (MarkedItem item : items) {
      MarkedItem last = all.isEmpty() ? null : all.get(all.size() - 1);
      MarkedItem both =
          last == null ? null : MarkedItem.of(text, last.item().start(), item.item().end());
      if (both != null && setAt(both.marking(), 0) > last.marking().length()) {
        all.set(all.size() - 1, both);
      } else {
        all.add(item);
      }
    }
    return all;
  }

  /**
   * Where the cone with its cup, or the unit with its second width, ends that is written exactly
   * from a place on; 0 for none.
   */
  private int setAt(Marking marking, int from) {
    int end = 0;
    for (Spelling s : spellings.from(marking, from)) {
      if (s.isOfTwoNumbers() && s.match(marking, from) == 1) {
        end = Math.max(end, from + s.length());
      }
    }
    return end;
  }

  /** {@code LM11949/10 LM11749/10}: two cones with their cups in a row are two bearings. */
  private List<MarkedItem> setsApart(String text, List<MarkedItem> items) {
    List<MarkedItem> all = new ArrayList<>();
    for (MarkedItem item : items) {
      int cut = item.item().text().indexOf('/') < 0 ? 0 : cut(item.marking());
      if (cut > 0) {
        all.add(MarkedItem.of(text, item.item().start(), cut));
        all.add(MarkedItem.of(text, cut, item.item().end()));
      } else {
        all.add(item);
      }
    }
    return all;
  }

  /** Where in the text the second of two sets begins that fill a marking; 0 for none. */
  private int cut(Marking marking) {
    int end = hasGap(marking) ? setAt(marking, 0) : 0;
    boolean two =
        end > 0
            && end < marking.length()
            && marking.separatorBefore(end) == ' '
            && setAt(marking, end) == marking.length();
    return two ? marking.place(end) : 0;
  }

  private static boolean hasGap(Marking marking) {
    for (int i = 1; i < marking.length(); i++) {
      if (marking.separatorBefore(i) == ' ') {
        return true;
      }
    }
    return false;
  }
}
