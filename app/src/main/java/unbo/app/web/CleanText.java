package unbo.app.web;

/**
 * Text without the characters that no document can hold: controls other than tab and line ends,
 * halves of surrogate pairs, U+FFFE and U+FFFF (XML 1.0, fifth edition, production 2). One such
 * character in a note would keep a job's sheet from ever being printed.
 */
public final class CleanText {

  private CleanText() {}

  /** The text as it is, or without what cannot be kept. */
  public static String of(String text) {
    return text.codePoints().allMatch(CleanText::isKept)
        ? text
        : text.codePoints()
            .filter(CleanText::isKept)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
            .toString();
  }

  private static boolean isKept(int sign) {
    return sign == '\t'
        || sign == '\n'
        || sign == '\r'
        || sign >= 0x20 && sign <= 0xD7FF
        || sign >= 0xE000 && sign <= 0xFFFD
        || sign >= 0x10000;
  }
}
