package unbo.core.designation;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What a marking said of a bearing beyond its sizes, to be kept with it.
 *
 * @param role {@code set}, {@code cone}, {@code cup} or {@code bearing}
 * @param left closure of one side by its word; {@code not-known} when nothing was read that tells
 *     it
 * @param right closure of the other side
 * @param clearance group; {@code CN} when none is marked
 * @param tolerance class; {@code Normal} when none is marked
 * @param cage material; {@code unknown} when none is marked
 * @param contactAngleDeg as marked or tabled; null when not known
 * @param features further facts, in the words of {@code suffixes.csv}
 * @param unread runs that nothing explained
 */
public record BearingFacts(
    String role,
    String left,
    String right,
    String clearance,
    String tolerance,
    String cage,
    Double contactAngleDeg,
    List<String> features,
    List<String> unread) {

  public BearingFacts {
    features = features == null ? List.of() : List.copyOf(features);
    unread = unread == null ? List.of() : List.copyOf(unread);
  }

  /** The facts of a reading. */
  public static BearingFacts of(Reading reading) {
    return new BearingFacts(
        reading.role(),
        reading.left().id(),
        reading.right().id(),
        reading.clearance(),
        reading.tolerance(),
        reading.cage(),
        reading.contactAngleDeg().isPresent() ? reading.contactAngleDeg().getAsDouble() : null,
        reading.features(),
        reading.unread());
  }

  /** What closes it. */
  public ClosedSides closed() {
    return new ClosedSides(closure(left), closure(right));
  }

  private static Optional<Closure> closure(String word) {
    return Optional.ofNullable(word).map(Closure::parse).filter(Closure::isKnown);
  }

  /** The facts that a taper has none of are left out; what was not understood comes last. */
  public List<String> lines() {
    List<String> lines = new ArrayList<>();
    if (!List.of("set", "cone", "cup").contains(role)) {
      lines.add(closures());
    }
    lines.add("clearance " + clearance + (clearance.equals("CN") ? " (none marked)" : ""));
    lines.add("tolerance " + tolerance + (tolerance.equals("Normal") ? " (none marked)" : ""));
    lines.add("cage " + (cage.equals("unknown") ? "not known" : cage));
    if (contactAngleDeg != null) {
      lines.add(String.format(Locale.ROOT, "contact angle %.1f°", contactAngleDeg));
    }
    lines.addAll(features);
    if (!unread.isEmpty()) {
      lines.add("not understood: " + String.join(" ", unread));
    }
    return List.copyOf(lines);
  }

  private String closures() {
    String one = Closure.parse(left).title();
    return left.equals(right)
        ? one + " on both sides"
        : one + " on one side, " + Closure.parse(right).title() + " on the other";
  }
}
