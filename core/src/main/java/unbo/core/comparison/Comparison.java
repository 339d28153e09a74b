package unbo.core.comparison;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import unbo.core.designation.BearingFacts;
import unbo.core.designation.Reading;

/**
 * One bearing against another: {@code fresh} in the place of {@code old}. Both are readings, since
 * what the letters say matters as much as the size.
 *
 * <p>Known from the readings: envelope, elements, rows, angle, seals, clearance group, class, cage,
 * pairing, material, letters. Not known: the corner radius, the grease, the maker's load ratings;
 * where one of them decides, the answer says so. General practice: the vehicle maker's part list
 * comes first.
 *
 * @param verdict whether it may
 * @param differences the heaviest first; empty when nothing that is known differs
 */
public record Comparison(
    Reading old, Reading fresh, Verdict verdict, List<Difference> differences) {

  private static final List<Aspect> ASPECTS =
      List.of(
          EnvelopeAspects::compare,
          ElementAspects::compare,
          SealAspects::compare,
          InsideAspects::compare,
          MarkingAspects::compare);

  /** A group of aspects that looks for its differences. */
  interface Aspect {
    List<Difference> compare(Reading old, Reading fresh, Optional<PositionDuty> duty);
  }

  /**
   * Compares.
   *
   * @param duty what the position asks; without it only the two bearings are compared
   */
  public static Comparison of(Reading old, Reading fresh, Optional<PositionDuty> duty) {
    if (isSame(old, fresh)) {
      return new Comparison(old, fresh, Verdict.SUITS, List.of());
    }
    List<Difference> differences = new ArrayList<>();
    ASPECTS.forEach(aspect -> differences.addAll(aspect.compare(old, fresh, duty)));
    differences.sort(Comparator.comparing(Difference::severity).reversed());
    return new Comparison(old, fresh, verdict(differences), List.copyOf(differences));
  }

  /** A bearing always suits in place of one that is marked as it is. */
  private static boolean isSame(Reading old, Reading fresh) {
    return old.bearing().equals(fresh.bearing())
        && BearingFacts.of(old).equals(BearingFacts.of(fresh));
  }

  /** Whether it may, but only where a consequence of the change is wanted. */
  public boolean needsChecking() {
    return verdict == Verdict.SUITS
        && differences.stream().anyMatch(d -> d.severity() == Severity.MATTERS);
  }

  /** The verdict in words. */
  public String words() {
    return needsChecking() ? "suitable, but check" : verdict.title();
  }

  private static Verdict verdict(List<Difference> differences) {
    Severity worst =
        differences.stream()
            .map(Difference::severity)
            .max(Comparator.naturalOrder())
            .orElse(Severity.NOTE);
    return switch (worst) {
      case IMPOSSIBLE -> Verdict.DOES_NOT_FIT;
      case UNSUITABLE -> Verdict.FITS_BUT_UNSUITABLE;
      default ->
          differences.stream().anyMatch(d -> d.severity() == Severity.CANNOT_TELL)
              ? Verdict.UNKNOWN
              : Verdict.SUITS;
    };
  }

  /** The difference that weighs most; empty where nothing differs. */
  public Optional<Difference> worst() {
    return differences.stream().findFirst();
  }
}
