package unbo.core.setting;

import java.util.Locale;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;

/**
 * Running torque by a spring scale: force times radius, while turning steadily, not the breakaway.
 *
 * @param newtonMetres the torque
 */
public record RunningTorque(Measured newtonMetres) {

  /**
   * From a force with its uncertainty and the radius at which the scale pulls.
   *
   * @param force in N, not negative
   * @param radiusMm over 0
   */
  public static RunningTorque of(Measured force, double radiusMm) {
    if (!(radiusMm > 0) || force.value() < 0) {
      throw new IllegalArgumentException(
          "Force and radius must not be negative: " + force + ", " + radiusMm);
    }
    return new RunningTorque(force.times(radiusMm / 1000));
  }

  /** Whether it stays under a limit: slight preload drags more than free and less than this. */
  public Verdict within(double limitNewtonMetres) {
    if (newtonMetres.most() <= limitNewtonMetres) {
      return Verdict.YES;
    }
    return newtonMetres.least() > limitNewtonMetres ? Verdict.NO : Verdict.CANNOT_TELL;
  }

  /**
   * Whether it is clearly over another, read by the same scale at the same radius: over its
   * greatest with its own least. The two uncertainties are added, not squared and rooted, for the
   * scale is the same and so may its error be.
   */
  public Verdict over(RunningTorque other) {
    if (newtonMetres.least() > other.newtonMetres.most()) {
      return Verdict.YES;
    }
    return newtonMetres.most() < other.newtonMetres.least() ? Verdict.NO : Verdict.CANNOT_TELL;
  }

  /** The torque with its uncertainty, in words. */
  public String text() {
    return String.format(
        Locale.ROOT,
        "Turning torque %.2f ± %.2f Nm (95 %%)",
        newtonMetres.value(),
        newtonMetres.uncertainty());
  }
}
