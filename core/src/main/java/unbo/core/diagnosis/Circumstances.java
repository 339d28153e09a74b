package unbo.core.diagnosis;

import java.util.Set;

/**
 * What can be done here and now.
 *
 * @param barred occasions that cannot be had, such as the road for a vehicle that stands on blocks
 * @param skipped tests that were passed over
 */
public record Circumstances(Set<Occasion> barred, Set<String> skipped) {

  /** Everything can be done. */
  public static final Circumstances ANY = new Circumstances(Set.of(), Set.of());

  public Circumstances {
    barred = Set.copyOf(barred);
    skipped = Set.copyOf(skipped);
  }

  boolean allows(DiagnosisTest test) {
    return !barred.contains(test.occasion()) && !skipped.contains(test.id());
  }
}
