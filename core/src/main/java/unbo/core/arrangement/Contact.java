package unbo.core.arrangement;

import java.util.Optional;
import java.util.Set;

/**
 * How one part meets another.
 *
 * @param part the part that sits, stands or is held
 * @param ring which ring of it, where it is a whole bearing; empty for other parts
 * @param kind how
 * @param other the part that it meets
 * @param otherRing which ring of that one, where it is a whole bearing
 * @param holds what keeps them together; several are alternatives, such as tight or clipped
 * @param size the part's size at a seat, empty when nothing is to be compared
 * @param seat the other's size there
 * @param words more about the fit or the way it is held; may be empty
 */
public record Contact(
    String part,
    Optional<Ring> ring,
    Kind kind,
    String other,
    Optional<Ring> otherRing,
    Set<Hold> holds,
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

  public Contact {
    if (holds.isEmpty()) {
      throw new IllegalArgumentException(part + " needs a hold towards " + other);
    }
    holds = Set.copyOf(holds);
  }

  public boolean isHeldBy(Hold hold) {
    return holds.contains(hold);
  }

  /** Whether the two turn, or stand, together. */
  public boolean keepsTogether() {
    return holds.stream().allMatch(Hold::keepsTogether);
  }

  /** Holds and words as a person reads them, such as {@code press fit: heat the case}. */
  public String description() {
    String holding =
        java.util.Arrays.stream(Hold.values())
            .filter(holds::contains)
            .map(Hold::title)
            .collect(java.util.stream.Collectors.joining(" or "));
    return words.isEmpty() ? holding : holding + "; " + words;
  }
}
