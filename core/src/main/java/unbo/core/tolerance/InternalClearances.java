package unbo.core.tolerance;

import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.tables.Table;

/**
 * Internal clearance of a bearing by group, unmounted and unloaded, from {@code clearances.csv}.
 * Radial (ISO 5753-1): deep groove balls of one row and two, self-aligning balls, cylindrical
 * rollers and needles with an inner ring, all with a cylindrical bore. Axial: four-point contact
 * balls (ISO 5753-2) and two-row angular contact balls (trade usage). CM of deep groove balls is
 * trade usage.
 */
public final class InternalClearances {

  /** Groups from tight to loose. */
  public static final List<String> GROUPS = List.of("C2", "CM", "CN", "C3", "C4", "C5");

  /**
   * How loose a bearing of a group may be.
   *
   * @param minUm least clearance, micrometres
   * @param maxUm greatest
   */
  public record Clearance(double minUm, double maxUm, String source) {
    public Clearance {
      if (!(minUm >= 0 && maxUm > minUm)) {
        throw new IllegalArgumentException("Not a clearance: " + minUm + ", " + maxUm);
      }
    }
  }

  private record Row(String kind, String group, double over, double upTo, Clearance clearance) {}

  private static final List<Row> ROWS =
      Table.read(
          InternalClearances.class,
          "/unbo/core/tolerance/clearances.csv",
          row ->
              new Row(
                  row.text("kind"),
                  row.text("group"),
                  row.number("over"),
                  row.number("upTo"),
                  new Clearance(row.number("minUm"), row.number("maxUm"), row.text("source"))));

  private InternalClearances() {}

  /** The kinds that the table knows. */
  public static List<String> kinds() {
    return ROWS.stream().map(Row::kind).distinct().toList();
  }

  /** The kind of a bearing's clearance; empty where the table has none for it. */
  public static Optional<String> kindOf(Bearing bearing) {
    return switch (bearing.family()) {
      case DEEP_GROOVE_BALL, CYLINDRICAL_ROLLER, SELF_ALIGNING_BALL ->
          Optional.of(bearing.family().id());
      case FOUR_POINT_BALL, TWO_ROW_ANGULAR_BALL -> Optional.of(bearing.family().id());
      case TWO_ROW_BALL -> Optional.of(Family.DEEP_GROOVE_BALL.id());
      case NEEDLE_ROLLER ->
          bearing.isWithoutInnerRing()
              ? Optional.empty()
              : Optional.of(Family.CYLINDRICAL_ROLLER.id());
      default -> Optional.empty();
    };
  }

  /** Whether the clearance of a kind is measured along the axis: what balls hold both ways. */
  public static boolean isAxial(String kind) {
    return kind.equals(Family.FOUR_POINT_BALL.id())
        || kind.equals(Family.TWO_ROW_ANGULAR_BALL.id());
  }

  /** The clearance of a group; empty where the table ends. */
  public static Optional<Clearance> of(String kind, String group, double boreMm) {
    return ROWS.stream()
        .filter(
            r ->
                r.kind.equals(kind) && r.group.equals(group) && boreMm > r.over && boreMm <= r.upTo)
        .map(Row::clearance)
        .findFirst();
  }
}
