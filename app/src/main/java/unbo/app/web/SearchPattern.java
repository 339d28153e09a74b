package unbo.app.web;

/** A text as a pattern of SQL's {@code like}, with {@code !} as the escape. */
public final class SearchPattern {

  private SearchPattern() {}

  /** The pattern that finds the text anywhere; its own wildcards stand for themselves. */
  public static String of(String text) {
    return "%" + text.replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%";
  }
}
