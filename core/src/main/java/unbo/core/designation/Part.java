package unbo.core.designation;

/**
 * A run of characters and what it meant.
 *
 * @param text the run as it stood
 * @param start where it stood in the whole input, UTF-16
 * @param end one past its last character
 * @param kind what it is a part of
 * @param meaning in words
 */
public record Part(String text, int start, int end, Kind kind, String meaning) {

  /** What a run is a part of; the page marks each by its own underline. */
  public enum Kind {
    PREFIX,
    SERIES,
    BORE,
    OUTER,
    WIDTH,
    SUFFIX,
    /** A code, a count or a word that says nothing of the bearing here. */
    BESIDE,
    UNREAD
  }
}
