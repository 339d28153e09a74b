package unbo.core.arrangement;

import java.util.Optional;

/**
 * How one part meets another.
 *
 * @param part the part that sits, stands or is held
 * @param kind how
 * @param other the part that it meets
 * @param size the part's size at a seat, empty when nothing is to be compared
 * @param seat the other's size there
 * @param words the fit or the way it is held, in words
 */
public record Contact(
    String part,
    Kind kind,
    String other,
    Optional<Expression> size,
    Optional<Expression> seat,
    String words) {

  /** Ways to meet. */
  public enum Kind {
    ON("sits on"),
    IN("sits in"),
    AGAINST("seats against"),
    HELD("is held by"),
    THROUGH("passes through");

    private final String title;

    Kind(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }
}
