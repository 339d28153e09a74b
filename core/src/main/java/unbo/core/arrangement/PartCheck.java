package unbo.core.arrangement;

import java.util.List;
import java.util.Set;

/**
 * Something about parts that is looked at before a job is released.
 *
 * @param id the word of the release check, such as {@code split-pin}
 * @param positions the codes of the positions where it is asked; empty for all
 * @param parts the parts' ids, one or more
 */
public record PartCheck(String id, Set<String> positions, List<String> parts) {

  public PartCheck {
    positions = Set.copyOf(positions);
    parts = List.copyOf(parts);
  }

  /** Whether it is asked at a position. */
  public boolean isAskedAt(String position) {
    return positions.isEmpty() || positions.contains(position);
  }
}
