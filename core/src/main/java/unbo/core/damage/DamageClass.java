package unbo.core.damage;

import java.util.List;

/**
 * Something that bearings die of.
 *
 * @param clause of ISO 15243; empty where it has none
 * @param reusable whether it may be inspected for reuse; else it is scrap
 * @param made what made it
 * @param changes what to change in the job, by station
 * @param also what else to look at
 * @param pattern how it is drawn
 */
public record DamageClass(
    String id,
    String label,
    String clause,
    double prior,
    boolean reusable,
    String made,
    List<Change> changes,
    String also,
    String pattern) {

  /** What a later station is told. */
  public record Change(String station, String text) {}

  public DamageClass {
    changes = List.copyOf(changes);
  }
}
