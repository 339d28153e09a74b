package unbo.core.designation;

import java.util.Optional;

/** What closes the two sides of a bearing; empty for a side of which it is not known. */
public record ClosedSides(Optional<Closure> left, Optional<Closure> right) {

  /** Whether a shield or a seal is known to be on one side at least. */
  public boolean isClosed() {
    return isClosed(left) || isClosed(right);
  }

  private static boolean isClosed(Optional<Closure> side) {
    return side.filter(c -> c != Closure.OPEN).isPresent();
  }
}
