package unbo.core.section;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import unbo.core.catalogue.Family;
import unbo.core.section.BearingShapes.Envelope;
import unbo.core.tables.Table;

/**
 * What is known of the inside of a size, where somebody counted and weighed: {@code insides.csv},
 * which rules over every estimate.
 *
 * @param family of the bearing
 * @param boreMm boundary dimensions in mm; for tapers the width is T
 * @param outerMm outside diameter
 * @param widthMm width
 * @param balls in a row, empty where only the mass is known
 * @param ballMm their diameter
 * @param massG of the open bearing with a steel cage, in g
 */
public record ListedInside(
    Family family,
    double boreMm,
    double outerMm,
    double widthMm,
    OptionalInt balls,
    OptionalDouble ballMm,
    double massG) {

  private static final List<ListedInside> ALL =
      Table.read(ListedInside.class, "/unbo/core/section/insides.csv", ListedInside::of);

  /** Sizes are the same when they agree to this, in mm. */
  private static final double SAME_MM = 0.005;

  /** The row of a size, if it has one. */
  static Optional<ListedInside> of(Family family, double bore, double outer, double width) {
    return ALL.stream()
        .filter(
            i ->
                i.family == family
                    && Math.abs(i.boreMm - bore) < SAME_MM
                    && Math.abs(i.outerMm - outer) < SAME_MM
                    && Math.abs(i.widthMm - width) < SAME_MM)
        .findFirst();
  }

  /** The balls of a deep groove size, if they were counted. */
  static Optional<ListedInside> ballsIn(Envelope room) {
    return of(Family.DEEP_GROOVE_BALL, 2 * room.bore(), 2 * room.outer(), room.width())
        .filter(i -> i.balls.isPresent());
  }

  private static ListedInside of(Table.Row row) {
    boolean counted = !row.text("balls").isEmpty();
    return new ListedInside(
        Family.withId(row.text("family")).orElseThrow(IllegalArgumentException::new),
        row.number("bore"),
        row.number("outer"),
        row.number("width"),
        counted ? OptionalInt.of(row.whole("balls")) : OptionalInt.empty(),
        counted ? OptionalDouble.of(row.number("ball_mm")) : OptionalDouble.empty(),
        row.number("mass_g"));
  }
}
