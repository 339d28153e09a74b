package unbo.core.tolerance;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.tolerance.InternalClearances.Clearance;
import unbo.core.tolerance.RingTolerances.Dimension;

/**
 * What a bearing of a class may really measure, and how loose each clearance group makes it.
 *
 * @param kind which table of rings
 * @param toleranceClass the class asked for
 * @param bore limits of the bore, empty where the table has none
 * @param outside limits of the outside
 * @param width limits of the width, for tapers of the assembled width
 * @param groups clearance groups from tight to loose; empty for families without a table
 */
public record ToleranceCard(
    RingKind kind,
    String toleranceClass,
    Optional<Limits> bore,
    Optional<Limits> outside,
    Optional<Limits> width,
    Map<String, Clearance> groups) {

  /** The card of a bearing; a class that its table does not know leaves its limits empty. */
  public static ToleranceCard of(Bearing bearing, String toleranceClass) {
    RingKind kind = RingKind.of(bearing);
    Map<String, Clearance> groups = new LinkedHashMap<>();
    InternalClearances.kindOf(bearing)
        .ifPresent(
            word ->
                InternalClearances.GROUPS.forEach(
                    group ->
                        InternalClearances.of(word, group, bearing.boreMm())
                            .ifPresent(c -> groups.put(group, c))));
    return new ToleranceCard(
        kind,
        toleranceClass,
        RingTolerances.of(kind, Dimension.BORE, toleranceClass, bearing.boreMm()),
        RingTolerances.of(kind, Dimension.OUTSIDE, toleranceClass, bearing.outerMm()),
        RingTolerances.of(kind, Dimension.WIDTH, toleranceClass, bearing.boreMm()),
        groups);
  }

  /** The card of an unmarked bearing. */
  public static ToleranceCard usual(Bearing bearing) {
    return of(bearing, RingKind.of(bearing).usualClass());
  }
}
