package unbo.core.designation;

/**
 * The characters of a marking that carry meaning: letters, digits and {@code ?}, upper case, each
 * knowing where it stood and which separator came before it.
 */
final class Marking {

  private String characters = "";
  private final int[] places;
  private final char[] separators;

  private Marking(int length) {
    places = new int[length];
    separators = new char[length + 1];
  }

  static Marking of(String text, int offset) {
    Marking marking = new Marking(text.length());
    StringBuilder kept = new StringBuilder(text.length());
    for (int i = 0; i < text.length(); i++) {
      marking.add(text.charAt(i), offset + i, kept);
    }
    marking.characters = kept.toString();
    return marking;
  }

  private void add(char c, int place, StringBuilder kept) {
    int at = kept.length();
    if (isKept(c)) {
      places[at] = place;
      kept.append(Character.toUpperCase(c));
    } else if (separators[at] != '/') {
      // A slash outranks spaces beside it: it is the one separator that changes a meaning.
      separators[at] = c;
    }
  }

  /** ASCII only: a look-alike letter of another script is no letter of a part number. */
  private static boolean isKept(char c) {
    return c == '?' || (c < 128 && Character.isLetterOrDigit(c));
  }

  int length() {
    return characters.length();
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
