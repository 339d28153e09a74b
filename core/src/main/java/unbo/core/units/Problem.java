package unbo.core.units;

/**
 * Why something typed was not taken, in the three parts that help: what was read, what is wrong
 * with it, what would do.
 *
 * @param found what was read, shortened so that a page can show it
 * @param wrong what is wrong, a sentence without the found text
 * @param remedy what would do, a sentence
 */
public record Problem(String found, String wrong, String remedy) {

  private static final int LONGEST_SHOWN = 40;

  public Problem {
    found = shorten(found);
  }

  /** The three parts as one sentence for a place that has only one line. */
  public String sentence() {
    return (found.isEmpty() ? "" : "“" + found + "”: ") + wrong + " " + remedy;
  }

  private static String shorten(String text) {
    String oneLine = text.strip().replaceAll("[\\p{Cntrl}\\s]+", " ");
    return oneLine.length() <= LONGEST_SHOWN
        ? oneLine
        : oneLine.substring(0, LONGEST_SHOWN) + "… (" + oneLine.length() + " characters)";
  }
}
