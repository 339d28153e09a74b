package unbo.core.round;

import java.util.List;
import java.util.Optional;
import unbo.core.measure.Measured;

/**
 * How one measure at one position went over the rounds.
 *
 * @param points oldest first
 * @param change the last against the one before
 * @param perYear slope by least squares in the measure's unit a year with its uncertainty, from
 *     three rounds on; empty where the slope is within its uncertainty
 */
public record Trend(
    RoundMeasure measure, List<Point> points, Change change, Optional<Measured> perYear) {

  private static final int ENOUGH = 3;
  private static final double DAYS_A_YEAR = 365.25;

  /** A value on a day. */
  public record Point(double day, double value) {}

  /** What became of it since the last round. */
  public enum Change {
    FIRST("first time"),
    WORSE("worse than last time"),
    SAME("no clear change since last time"),
    BETTER("better than last time");

    private final String title;

    Change(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  /** The trend of some points, oldest first; at least one. */
  public static Trend of(RoundMeasure measure, List<Point> points) {
    if (points.isEmpty()) {
      throw new IllegalArgumentException("Nothing was measured");
    }
    return new Trend(measure, List.copyOf(points), change(measure, points), slope(measure, points));
  }

  private static Change change(RoundMeasure measure, List<Point> points) {
    if (points.size() < 2) {
      return Change.FIRST;
    }
    double now = points.get(points.size() - 1).value();
    double before = points.get(points.size() - 2).value();
    return compare(measure.worsening(now, before), measure.uncertaintyBetweenRounds());
  }

  private static Change compare(double worsening, double uncertainty) {
    return worsening > uncertainty
        ? Change.WORSE
        : worsening < -uncertainty ? Change.BETTER : Change.SAME;
  }

  /** Whether a value is surely, and by enough, worse than its brother's on the same round. */
  public static boolean isWorseThanBrother(RoundMeasure measure, double own, double brother) {
    double worsening = measure.worsening(own, brother);
    return worsening >= measure.leastAgainstBrother()
        && compare(worsening, measure.uncertaintyBetweenBrothers()) == Change.WORSE;
  }

  /** The slope's uncertainty is that of one value over the root of the days' sum of squares. */
  private static Optional<Measured> slope(RoundMeasure measure, List<Point> points) {
    if (points.size() < ENOUGH) {
      return Optional.empty();
    }
    double day = points.stream().mapToDouble(Point::day).average().orElseThrow();
    double value = points.stream().mapToDouble(Point::value).average().orElseThrow();
    double across = 0;
    double along = 0;
    for (Point p : points) {
      across += (p.day - day) * (p.value - value);
      along += (p.day - day) * (p.day - day);
    }
    double ofOne = measure.uncertaintyBetweenRounds() / Math.sqrt(2);
    return along > 0
        ? Optional.of(new Measured(across / along, ofOne / Math.sqrt(along)).times(DAYS_A_YEAR))
            .filter(m -> Math.abs(m.value()) > m.uncertainty())
        : Optional.empty();
  }
}
