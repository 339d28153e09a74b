package unbo.core.designation;

/** What closes one side of a bearing. */
public enum Closure {
  OPEN("open"),
  SHIELD("shield"),
  NON_CONTACT("non-contact seal"),
  LIGHT_CONTACT("light-contact seal"),
  CONTACT("contact seal");

  private final String title;

  Closure(String title) {
    this.title = title;
  }

  /** The lower-case word of data, such as {@code non-contact}. */
  public String id() {
    return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
  }

  public String title() {
    return title;
  }

  static Closure parse(String word) {
    return valueOf(word.toUpperCase(java.util.Locale.ROOT).replace('-', '_'));
  }
}
