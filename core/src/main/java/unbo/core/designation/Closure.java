package unbo.core.designation;

import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What closes one side of a bearing, from the most open to the most closed. */
public enum Closure {
  OPEN("open"),
  SHIELD("shield"),
  NON_CONTACT("non-contact seal"),
  LIGHT_CONTACT("light-contact seal"),
  CONTACT("contact seal"),

  /** Nothing was read that says so, and letters stayed unread, or the kind says it in no letter. */
  NOT_KNOWN("closure not known");

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

  public boolean isKnown() {
    return this != NOT_KNOWN;
  }

  private static final Map<String, Closure> BY_ID =
      Arrays.stream(values()).collect(Collectors.toMap(Closure::id, Function.identity()));

  /** The closure of a word of data. */
  static Closure parse(String word) {
    Closure closure = BY_ID.get(word);
    if (closure == null) {
      throw new IllegalArgumentException("No closure is called " + word);
    }
    return closure;
  }
}
