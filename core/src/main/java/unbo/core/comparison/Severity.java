package unbo.core.comparison;

/** How much a difference matters, the mildest first. */
public enum Severity {
  /** Better than before. */
  GAIN("a gain"),
  /** Worth knowing, changes nothing. */
  NOTE("worth knowing"),
  /** Nobody can tell from what is known. */
  CANNOT_TELL("cannot tell"),
  /** Acceptable with a consequence that has to be wanted. */
  MATTERS("matters"),
  /** Goes in and does not do the work. */
  UNSUITABLE("not suitable"),
  /** Does not go in. */
  IMPOSSIBLE("does not fit");

  private final String title;

  Severity(String title) {
    this.title = title;
  }

  public String title() {
    return title;
  }

  /** The lower-case word of data, such as {@code cannot-tell}. */
  public String id() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }
}
