package unbo.core.measure;

import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.StreamingStatistics;

/**
 * Repeated readings of one quantity with one instrument. The result is their mean; its expanded
 * uncertainty at 95 % is U = √((t·s/√n)² + U_instrument²), with s the standard deviation of the
 * readings (n − 1) and t the two-sided 95 % point of Student's t with n − 1 degrees of freedom
 * (JCGM 100:2008, 4.2 and G.3; the instrument's share is taken as already expanded).
 *
 * <p>Limits: with one reading nothing is known of repeatability, so only the instrument's own share
 * is left and {@link #repeatabilityKnown()} is false; the result is then too good.
 */
public final class Readings {

  private static final double TWO_SIDED_95 = 0.975;

  private final List<Double> values;
  private final Instrument instrument;
  private final StreamingStatistics statistics = new StreamingStatistics();

  private Readings(List<Double> values, Instrument instrument) {
    this.values = List.copyOf(values);
    this.instrument = instrument;
    values.forEach(statistics::addValue);
  }

  /**
   * Takes readings in one unit (for a length instrument, millimetres).
   *
   * @throws IllegalArgumentException when there is none
   */
  public static Readings of(List<Double> values, Instrument instrument) {
    if (values.isEmpty()) {
      throw new IllegalArgumentException("A result needs at least one reading");
    }
    return new Readings(values, instrument);
  }

  public int count() {
    return values.size();
  }

  public double mean() {
    return statistics.getMean();
  }

  /** Greatest less least reading. */
  public double spread() {
    return statistics.getMax() - statistics.getMin();
  }

  public double least() {
    return statistics.getMin();
  }

  public boolean repeatabilityKnown() {
    return count() > 1;
  }

  /** Mean with its expanded uncertainty at 95 %. */
  public Measured result() {
    return new Measured(mean(), Math.hypot(scatterOf(count()), instrument.uncertaintyAt(mean())));
  }

  /** With what they were taken. */
  public Instrument instrument() {
    return instrument;
  }

  /**
   * What the scatter of these readings would leave in the mean of {@code n} readings, at 95 %:
   * t·s/√n. Zero while there is one reading only, of whose scatter nothing is known.
   *
   * @param n two or more
   */
  public double scatterOf(int n) {
    if (!repeatabilityKnown()) {
      return 0;
    }
    double t = new TDistribution(n - 1.0).inverseCumulativeProbability(TWO_SIDED_95);
    return t * statistics.getStandardDeviation() / Math.sqrt(n);
  }
}
