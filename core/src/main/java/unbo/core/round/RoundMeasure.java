package unbo.core.round;

import java.util.Arrays;
import java.util.Optional;
import unbo.core.rock.Comparison;

/**
 * What can be taken at a position on a round. More is worse for all of them but the seal's grip.
 *
 * <p>Three expanded uncertainties (k = 2) go with each: of the instrument's one reading; of putting
 * it to the brother on the same day (mounted again, the hand's pull, the side that the air cools);
 * and of another day (air, load and brakes for heat). The first is the usual instrument's, the
 * others are assumed from shop practice and say so on the page: they widen what counts as the same.
 */
public enum RoundMeasure {
  PLAY("play", "play at the rim", "mm", new Spread(0.005, 0.02, 0.03), 0, 50, 1),
  RUN_OUT("run-out", "total run-out (TIR)", "mm", new Spread(0.005, 0.01, 0.02), 0, 20, 1),
  HEAT("heat", "hub temperature after a run", "°C", new Spread(1.5, 3, 10), -40, 500, 1),
  GRIP("grip", "seal grip on the spacer", "N", new Spread(0.2, 0.5, 0.5), 0, 100, -1);

  private final String id;
  private final String title;
  private final String unit;
  private final Spread spread;
  private final double least;
  private final double most;
  private final int worse;

  RoundMeasure(
      String id, String title, String unit, Spread spread, double least, double most, int worse) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.spread = spread;
    this.least = least;
    this.most = most;
    this.worse = worse;
  }

  public static Optional<RoundMeasure> withId(String id) {
    return Arrays.stream(values()).filter(m -> m.id.equals(id)).findFirst();
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  public String unit() {
    return unit;
  }

  /** Expanded uncertainty of the difference from another round, in the measure's unit. */
  public double uncertaintyBetweenRounds() {
    return spread.ofDifference(spread.day);
  }

  /** Expanded uncertainty of the difference from the brother on the same round, in its unit. */
  public double uncertaintyBetweenBrothers() {
    return spread.ofDifference(spread.mounting);
  }

  /** From this difference on it is a finding against the brother, in its unit; 0 where any is. */
  public double leastAgainstBrother() {
    return this == HEAT ? Comparison.WARM_K : 0;
  }

  /** Unit of a difference between two values: kelvin where the values are degrees. */
  public String difference() {
    return unit;
  }

  public double least() {
    return least;
  }

  public double most() {
    return most;
  }

  /** How much worse the first is than the second, in its unit; negative when it is better. */
  double worsening(double now, double before) {
    return worse * (now - before);
  }

  /** Expanded uncertainties of one reading, of mounting it again, and of another day. */
  private record Spread(double reading, double mounting, double day) {

    double ofDifference(double circumstance) {
      return Math.sqrt(2) * Math.hypot(reading, circumstance);
    }
  }
}
