package unbo.app.job;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;

/**
 * Which end-play reading: as first dialled, or dialled again at the pinned hole.
 *
 * @param stage first or again
 * @param place counted from 1
 */
@Embeddable
public record EndPlayKey(@Enumerated(EnumType.STRING) Stage stage, int place)
    implements Comparable<EndPlayKey> {

  /** When it was dialled. */
  public enum Stage {
    FIRST,
    PINNED
  }

  @Override
  public int compareTo(EndPlayKey other) {
    int byStage = stage.compareTo(other.stage);
    return byStage != 0 ? byStage : Integer.compare(place, other.place);
  }
}
