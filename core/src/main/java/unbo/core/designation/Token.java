package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;

/**
 * A piece of a marking between separators: what stands together is explained together or not at
 * all.
 *
 * @param from its first character
 * @param to one past its last
 * @param separator what stands before it; 0 when it is glued to the number
 * @param text its characters
 */
record Token(int from, int to, char separator, String text) {

  /** The pieces of a stretch of a marking, in order. */
  static List<Token> of(Marking marking, int from, int to) {
    List<Token> tokens = new ArrayList<>();
    int start = from;
    for (int i = from + 1; i <= to; i++) {
      if (i == to || marking.separatorBefore(i) != 0) {
        String text = marking.characters().substring(start, i);
        tokens.add(new Token(start, i, marking.separatorBefore(start), text));
        start = i;
      }
    }
    return tokens;
  }

  /** This and the piece behind it as one. */
  Token with(Token next) {
    return new Token(from, next.to, separator, text + next.text);
  }

  int length() {
    return to - from;
  }

  /** Whether a gap, and no more than a gap, parts it from the number. */
  boolean isDetached() {
    return separator != 0 && separator != '-' && separator != '/';
  }

  boolean isDigits() {
    for (int i = 0; i < text.length(); i++) {
      if (!Character.isDigit(text.charAt(i))) {
        return false;
      }
    }
    return true;
  }

  /** Whether it has a digit, or a worn character that may be one. */
  boolean hasDigit() {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) == '?' || Character.isDigit(text.charAt(i))) {
        return true;
      }
    }
    return false;
  }
}
