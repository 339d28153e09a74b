package unbo.core.designation;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;

/**
 * The characters of a marking that carry meaning: letters, digits and {@code ?}, upper case, each
 * knowing where it stood and which separator came before it.
 */
final class Marking {

  /** How far Unicode sets the full-width forms behind the plain ones. */
  private static final int FULL_WIDTH = 0xFEE0;

  private static final char WORN = '?';
  private static final int LEAST_LEGIBLE = 2;

  private static final String INCH_SIGNS = "\"″”";

  private String characters = "";
  private final int[] places;
  private final char[] separators;
  private final BitSet inchSigns = new BitSet();
  private Shapes shapes;
  private List<List<Token>> from;
  private List<List<Token>> before;

  private Marking(int length) {
    places = new int[length];
    separators = new char[length + 1];
  }

  static Marking of(String text, int offset) {
    Marking marking = new Marking(text.length());
    StringBuilder kept = new StringBuilder(text.length());
    for (int i = 0; i < text.length(); i++) {
      marking.add(isWornAt(text, i) ? WORN : text.charAt(i), offset + i, kept);
    }
    marking.characters = kept.toString();
    return marking;
  }

  private void add(char typed, int place, StringBuilder kept) {
    char c = narrow(typed);
    int at = kept.length();
    if (isKept(c)) {
      places[at] = place;
      kept.append(Character.toUpperCase(c));
    } else if (INCH_SIGNS.indexOf(c) >= 0) {
      inchSigns.set(at);
      separators[at] = separators[at] == '/' ? '/' : c;
    } else if (separators[at] != '/') {
      // A slash outranks spaces beside it: it is the one separator that changes a meaning.
      separators[at] = c;
    }
  }

  /** A letter of another script between digits stands for one that cannot be told. */
  private static boolean isWornAt(String text, int i) {
    return text.charAt(i) >= 128
        && Character.isLetter(text.charAt(i))
        && narrow(text.charAt(i)) >= 128
        && i > 0
        && i + 1 < text.length()
        && isDigit(text.charAt(i - 1))
        && isDigit(text.charAt(i + 1));
  }

  private static boolean isDigit(char c) {
    return c >= '0' && c <= '9';
  }

  /** The full-width letters and digits of East Asian keyboards are the same ones, set wide. */
  private static char narrow(char c) {
    return c >= FULL_WIDTH + '!' && c <= FULL_WIDTH + '~' ? (char) (c - FULL_WIDTH) : c;
  }

  /** ASCII only: a look-alike letter of another script is no letter of a part number. */
  private static boolean isKept(char c) {
    return c == WORN || (c < 128 && Character.isLetterOrDigit(c));
  }

  /** Whether a sign for inches stands behind character {@code end - 1}; quotes are none. */
  boolean hasInchSignBehind(int end) {
    return inchSigns.get(end) && !(end == length() && inchSigns.get(0));
  }

  /** Whether anything may be in inches. */
  boolean mayHaveInches() {
    return !inchSigns.isEmpty() || characters.contains("IN");
  }

  /** What its pieces are by their look. */
  Shapes shapes() {
    if (shapes == null) {
      shapes = new Shapes();
    }
    return shapes;
  }

  /** The pieces from a character to the end; every family asks for the same few. */
  List<Token> tokensFrom(int place) {
    if (from == null) {
      from = noneYet();
    }
    return known(from, place, place, length());
  }

  /** The pieces before a character. */
  List<Token> tokensBefore(int place) {
    if (before == null) {
      before = noneYet();
    }
    return known(before, place, 0, place);
  }

  private List<List<Token>> noneYet() {
    return new ArrayList<>(Collections.nCopies(length() + 1, null));
  }

  private List<Token> known(List<List<Token>> tokens, int place, int start, int end) {
    List<Token> found = tokens.get(place);
    if (found == null) {
      found = Token.of(this, start, end);
      tokens.set(place, found);
    }
    return found;
  }

  int length() {
    return characters.length();
  }

  /**
   * Whether so few characters of a stretch are legible that half of the catalogue fits: that is no
   * number, but a bearing to measure.
   */
  boolean isTooWorn(int from, int to) {
    int worn = 0;
    for (int i = characters.indexOf(WORN, from); i >= 0 && i < to; ) {
      worn++;
      i = characters.indexOf(WORN, i + 1);
    }
    int legible = to - from - worn;
    return worn > 0 && legible == 0 || worn > 1 && legible < LEAST_LEGIBLE;
  }

  char at(int i) {
    return characters.charAt(i);
  }

  /** The separator before character i, or 0. */
  char separatorBefore(int i) {
    return separators[i];
  }

  boolean startsWith(String spelling, int at) {
    if (at + spelling.length() > length()) {
      return false;
    }
    for (int i = 0; i < spelling.length(); i++) {
      if (at(at + i) != spelling.charAt(i) || (i > 0 && separators[at + i] != 0)) {
        return false;
      }
    }
    return true;
  }

  /**
   * The characters from a place on with their separators; whatever is no slash or point, a dash.
   */
  String spelled(int from) {
    StringBuilder text = new StringBuilder();
    for (int i = from; i < length(); i++) {
      char separator = i == from ? 0 : separators[i];
      if (separator != 0) {
        text.append(separator == '/' || separator == '.' ? separator : '-');
      }
      text.append(at(i));
    }
    return text.toString();
  }

  String characters() {
    return characters;
  }

  /** Where character i stood in the whole input. */
  int place(int i) {
    return places[i];
  }

  /** One past the place of character {@code end - 1}. */
  int placeAfter(int end) {
    return places[end - 1] + 1;
  }
}
