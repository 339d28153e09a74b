package unbo.core.working;

/**
 * Where a value comes from.
 *
 * @param kind what sort of knowledge it is
 * @param said the origin in words: who and when, which table, which assumption
 */
public record Origin(Kind kind, String said) {

  /** Sorts of knowledge. */
  public enum Kind {
    MEASURED("measured"),
    READ("read off the part"),
    ENTERED("entered"),
    TABLE("table"),
    ESTIMATED("estimated"),
    ASSUMED("assumed"),
    COMPUTED("computed");

    private final String word;

    Kind(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }
  }

  public static Origin measured(String said) {
    return new Origin(Kind.MEASURED, said);
  }

  public static Origin read(String said) {
    return new Origin(Kind.READ, said);
  }

  public static Origin entered(String said) {
    return new Origin(Kind.ENTERED, said);
  }

  public static Origin table(String said) {
    return new Origin(Kind.TABLE, said);
  }

  public static Origin estimated(String said) {
    return new Origin(Kind.ESTIMATED, said);
  }

  public static Origin assumed(String said) {
    return new Origin(Kind.ASSUMED, said);
  }

  public static Origin computed(String said) {
    return new Origin(Kind.COMPUTED, said);
  }

  /** Kind and words in one: {@code assumed: nobody has read the number}. */
  public String line() {
    return said.isEmpty() ? kind.word() : kind.word() + ": " + said;
  }
}
