package unbo.core.catalogue;

/** How well a figure is founded. */
public enum Basis {
  /** By a formula or rule of a standard. */
  DERIVED("derived", "by a rule of the standard"),
  /** Two independent ways agree. */
  CROSS_CHECKED("cross-checked", "two independent ways agree"),
  /** From general trade knowledge. */
  RECALLED("recalled", "unverified: measure before you order");

  private final String word;
  private final String explanation;

  Basis(String word, String explanation) {
    this.word = word;
    this.explanation = explanation;
  }

  public String word() {
    return word;
  }

  public String explanation() {
    return explanation;
  }

  static Basis parse(String word) {
    for (Basis basis : values()) {
      if (basis.word.equals(word)) {
        return basis;
      }
    }
    throw new IllegalArgumentException("Unknown basis " + word);
  }
}
