package unbo.core.gauge;

import java.util.Arrays;
import java.util.Optional;

/**
 * What a simulated gauge measures. Uncertainties are those of the instruments table for one reading
 * (k = 2); drift is what a clamped stand or a cooling probe does in a minute, our own figures.
 */
public enum GaugeKind {
  DIAL("dial", "dial indicator", "mm", 0.005, 0.001, 0.002, -5, 5),
  CALIPER("caliper", "digital caliper", "mm", 0.03, 0.01, 0, 0, 300),
  THERMOMETER("thermometer", "contact thermometer", "°C", 1.5, 0.1, 0.3, -20, 300),
  SPRING_SCALE("spring-scale", "spring scale", "N", 0.2, 0.1, 0, 0, 100);

  private final String id;
  private final String title;
  private final String unit;
  private final double uncertainty;
  private final double step;
  private final double driftPerMinute;
  private final double least;
  private final double most;

  GaugeKind(
      String id,
      String title,
      String unit,
      double uncertainty,
      double step,
      double driftPerMinute,
      double least,
      double most) {
    this.id = id;
    this.title = title;
    this.unit = unit;
    this.uncertainty = uncertainty;
    this.step = step;
    this.driftPerMinute = driftPerMinute;
    this.least = least;
    this.most = most;
  }

  public static Optional<GaugeKind> withId(String id) {
    return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
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

  /** Expanded uncertainty of one reading, k = 2, in its own unit. */
  public double uncertainty() {
    return uncertainty;
  }

  /** The smallest step of its scale. */
  public double step() {
    return step;
  }

  public double driftPerMinute() {
    return driftPerMinute;
  }

  public double least() {
    return least;
  }

  public double most() {
    return most;
  }

  /** Decimals of its scale. */
  public int decimals() {
    return (int) Math.max(0, Math.round(-Math.log10(step)));
  }

  /** A value as its display shows it. */
  public String shown(double value) {
    return String.format(java.util.Locale.ROOT, "%." + decimals() + "f", value);
  }
}
