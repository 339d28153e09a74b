package unbo.core.setting;

import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * A preload collar or a top cap: how far its thread goes for a turn, and what of the gap is left
 * that it can still take out. Source: geometry of the thread. Limits: a thread without play; an
 * angle good to {@value #ANGLE_U95_DEG}°, our own.
 *
 * @param travel along the axis, mm
 * @param left of the gap, mm; at nothing it stands against a stop and takes out no play any more
 */
public record CapTravel(Working travel, Working left) {

  /** An angle by eye or by the marks of a wrench. */
  public static final double ANGLE_U95_DEG = 10;

  private static final double FULL_TURN = 360;

  /**
   * Works it.
   *
   * @param pitchMm over 0
   * @param turnedDeg 0 or more
   * @param gap before it was turned, mm
   * @throws IllegalArgumentException for what is no thread, or turned backwards
   */
  public static CapTravel of(double pitchMm, double turnedDeg, Measured gap) {
    if (!(pitchMm > 0 && turnedDeg >= 0 && gap.value() >= 0)) {
      throw new IllegalArgumentException("Not a cap being turned");
    }
    Input pitch = Input.exact("p", "pitch", pitchMm, "mm", Origin.entered("thread"));
    Input angle =
        Input.of("φ", "turned by", turnedDeg, ANGLE_U95_DEG, "°", Origin.measured("by eye"));
    return new CapTravel(
        Working.of(
            Formula.of(
                "Travel of the thread",
                "mm",
                "x = p·φ/360°",
                v -> v.get("p") * v.get("φ") / FULL_TURN,
                "Geometry of a thread.",
                "A thread without play of its own."),
            List.of(pitch, angle)),
        Working.of(
            Formula.of(
                "Gap left",
                "mm",
                "g = g₀ − p·φ/360°",
                v -> v.get("g₀") - v.get("p") * v.get("φ") / FULL_TURN,
                "Geometry of a thread.",
                "A thread without play of its own; nothing is crushed."),
            List.of(
                Input.of(
                        "g₀",
                        "gap before",
                        gap.value(),
                        gap.uncertainty(),
                        "mm",
                        Origin.measured("depth gauge"))
                    .or("measure the gap with a depth gauge", 0.03),
                pitch,
                angle)));
  }

  /** Whether something is left to take out. */
  public Verdict hasGap() {
    return new Window(0, Double.POSITIVE_INFINITY).judge(left.result());
  }
}
