package unbo.core.speed;

import java.util.List;

/**
 * A run of a bearing on the shop's own stand: how warm it became.
 *
 * @param rpm speed, over 0
 * @param oil what was in it, by its name
 * @param levelMm level of the oil from wherever the shop counts it; the same place in all runs
 * @param airC air round it
 * @param samples temperatures, one at least
 */
public record TestRun(double rpm, String oil, double levelMm, double airC, List<Sample> samples) {

  /** It is steady when it rises by less than this at the end, °C a minute: our own. */
  public static final double STEADY = 0.2;

  /** A temperature, so many minutes after the start. */
  public record Sample(double minutes, double celsius) {}

  public TestRun {
    samples = List.copyOf(samples);
    if (samples.isEmpty() || !(rpm > 0)) {
      throw new IllegalArgumentException("Not a run");
    }
  }

  /** The last temperature over the air. */
  public double rise() {
    return samples.get(samples.size() - 1).celsius() - airC;
  }

  /** How fast it still rises at its end, °C a minute; 0 for a single reading. */
  public double rising() {
    if (samples.size() < 2) {
      return 0;
    }
    Sample before = samples.get(samples.size() - 2);
    Sample last = samples.get(samples.size() - 1);
    return (last.celsius() - before.celsius()) / (last.minutes() - before.minutes());
  }

  /** Whether it had come to rest; a run that was still warming says less than it seems. */
  public boolean isSteady() {
    return Math.abs(rising()) <= STEADY;
  }
}
