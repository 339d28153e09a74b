package unbo.core.measure;

import java.util.ArrayList;
import java.util.List;

/**
 * Run-out from readings at equal angles over one turn, the first at the mark, angles counted in the
 * sense of turning. The once-per-turn sine and the twice-per-turn part are fitted by least squares,
 * which for equal angles are the first two terms of the discrete Fourier series; what is left over
 * is steps and spikes.
 *
 * <p>The fit has five constants (mean, two for each sine), so it swallows the share 5/n of a spike
 * at one reading and leaves 1 − 5/n of it (the leverage of a point in least squares at equal
 * angles; Draper and Smith, Applied Regression Analysis, chapter 8). What is left over is judged by
 * that.
 *
 * <p>Limits: at least {@value #LEAST} readings, so that something is left over to judge; the sine's
 * uncertainty is that of one reading times √(2/n), for independent readings.
 *
 * @param readingsMm the readings in millimetres
 * @param totalMm greatest less least raw reading (TIR)
 * @param sineMm amplitude of the once-per-turn sine
 * @param highSpotDeg angle of its high spot from the mark, 0 to 360
 * @param twiceMm amplitude of the twice-per-turn part: an oval seat or a warped disc
 * @param leftMm what is left over at each reading
 * @param readingUncertaintyMm uncertainty of one reading at 95 %
 */
public record RunOut(
    List<Double> readingsMm,
    double totalMm,
    double sineMm,
    double highSpotDeg,
    double twiceMm,
    List<Double> leftMm,
    double readingUncertaintyMm) {

  /** The fewest readings over one turn. */
  public static final int LEAST = 8;

  /** From this many readings on, four fifths of a spike are left to be seen. */
  public static final int ADVISED = 24;

  private static final int FITTED_CONSTANTS = 5;

  /** The most readings over one turn. */
  public static final int MOST = 72;

  /** What a trace looks like. */
  public enum Look {
    STILL,
    SMOOTH,
    JUMPS
  }

  /**
   * Fits readings at equal angles.
   *
   * @throws IllegalArgumentException with fewer than {@value #LEAST} or more than {@value #MOST}
   *     readings
   */
  public static RunOut of(List<Double> readingsMm, Instrument instrument) {
    int n = readingsMm.size();
    if (n < LEAST || n > MOST) {
      throw new IllegalArgumentException("Run-out wants 8 to 72 readings, not " + n);
    }
    double mean = readingsMm.stream().mapToDouble(v -> v).average().orElseThrow();
    double[] once = harmonic(readingsMm, 1);
    double[] twice = harmonic(readingsMm, 2);
    List<Double> left = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      left.add(readingsMm.get(i) - mean - value(once, 1, i, n) - value(twice, 2, i, n));
    }
    double most = readingsMm.stream().mapToDouble(v -> v).max().orElseThrow();
    double least = readingsMm.stream().mapToDouble(v -> v).min().orElseThrow();
    return new RunOut(
        List.copyOf(readingsMm),
        most - least,
        Math.hypot(once[0], once[1]),
        (Math.toDegrees(Math.atan2(once[1], once[0])) + 360) % 360,
        Math.hypot(twice[0], twice[1]),
        List.copyOf(left),
        instrument.uncertaintyAt(most));
  }

  /** Cosine and sine part of a harmonic; exact least squares for equal angles. */
  private static double[] harmonic(List<Double> values, int order) {
    int n = values.size();
    double cosine = 0;
    double sine = 0;
    for (int i = 0; i < n; i++) {
      double angle = 2 * Math.PI * order * i / n;
      cosine += values.get(i) * Math.cos(angle);
      sine += values.get(i) * Math.sin(angle);
    }
    return new double[] {2 * cosine / n, 2 * sine / n};
  }

  private static double value(double[] part, int order, int i, int n) {
    double angle = 2 * Math.PI * order * i / n;
    return part[0] * Math.cos(angle) + part[1] * Math.sin(angle);
  }

  /** The sine with its uncertainty at 95 %. */
  public Measured sine() {
    return new Measured(sineMm, readingUncertaintyMm * Math.sqrt(2.0 / readingsMm.size()));
  }

  /** Total indicated reading with its uncertainty: a difference of two readings. */
  public Measured total() {
    return new Measured(totalMm, readingUncertaintyMm * Math.sqrt(2));
  }

  /** The greatest of what is left over, without its sign. */
  public double remainderMm() {
    return leftMm.stream().mapToDouble(Math::abs).max().orElseThrow();
  }

  /** The share of a spike at one reading that the fit leaves over: 1 − 5/n. */
  public double leftShare() {
    return 1 - (double) FITTED_CONSTANTS / readingsMm.size();
  }

  /** The height of the spike that leaves the greatest remainder, with its uncertainty at 95 %. */
  public Measured spike() {
    return new Measured(remainderMm() / leftShare(), readingUncertaintyMm / Math.sqrt(leftShare()));
  }

  /** The least height of a spike that this many readings tell from their own noise. */
  public double leastSpikeMm() {
    return 2 * spike().uncertainty();
  }

  /** The place of the greatest spike, in degrees from the mark. */
  public double spikeDeg() {
    int at = 0;
    for (int i = 1; i < leftMm.size(); i++) {
      at = Math.abs(leftMm.get(i)) > Math.abs(leftMm.get(at)) ? i : at;
    }
    return 360.0 * at / leftMm.size();
  }

  /**
   * What it looks like: jumps when the spike behind the greatest remainder is more than twice its
   * uncertainty (four standard deviations, so that noise alone hardly ever is); still when no
   * reading differs from another by more than twice that of a reading; else a smooth swing.
   */
  public Look look() {
    if (remainderMm() / leftShare() > leastSpikeMm()) {
      return Look.JUMPS;
    }
    return totalMm <= 2 * readingUncertaintyMm ? Look.STILL : Look.SMOOTH;
  }

  /** The fitted once-per-turn sine about the mean, at an angle from the mark. */
  public double fittedMm(double angleDeg) {
    double mean = readingsMm.stream().mapToDouble(v -> v).average().orElseThrow();
    return mean + sineMm * Math.cos(Math.toRadians(angleDeg - highSpotDeg));
  }
}
