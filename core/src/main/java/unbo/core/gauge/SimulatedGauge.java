package unbo.core.gauge;

import java.util.Random;

/**
 * A gauge that reads a true value: normal noise of σ = U/2, a drift that grows with time, rounded
 * to the steps of its scale, held at the ends of its range. The random numbers come from a seed, so
 * that a practice can be repeated.
 */
public final class SimulatedGauge {

  private final GaugeKind kind;
  private final Random random;

  public SimulatedGauge(GaugeKind kind, long seed) {
    this.kind = kind;
    this.random = new Random(seed);
  }

  public GaugeKind kind() {
    return kind;
  }

  /**
   * One reading.
   *
   * @param trueValue what is there, in the gauge's unit
   * @param seconds since it was set up, not negative
   */
  public double read(double trueValue, double seconds) {
    if (!Double.isFinite(trueValue) || !(seconds >= 0)) {
      throw new IllegalArgumentException("Nothing to read: " + trueValue + " at " + seconds);
    }
    double noise = random.nextGaussian() * kind.uncertainty() / 2;
    double drift = kind.driftPerMinute() * seconds / 60;
    double held = Math.max(kind.least(), Math.min(kind.most(), trueValue + noise + drift));
    return Math.round(held / kind.step()) * kind.step();
  }

  /** A value to be found out, inside the middle of the gauge's range, on no step of its scale. */
  public double hidden() {
    double middle = kind == GaugeKind.DIAL ? 0.05 : (kind.least() + kind.most()) / 4;
    double spread = kind == GaugeKind.DIAL ? 0.4 : (kind.most() - kind.least()) / 6;
    return middle + random.nextDouble() * spread;
  }
}
