package unbo.core.setting;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What a lock nut takes from the play of a pair: the inner nut moves by its thread's own play along
 * the axis, clearance of the pitch diameters × tan 30°. For M45 × 1.5 the clearance is 0.03 to 0.36
 * mm (ISO 965), so 0.02 to 0.21 mm. Source: geometry of the 60° thread. Limits: unworn threads.
 */
public final class ThreadPlay {

  private static final double FLANK_DEG = 30;

  private ThreadPlay() {}

  /**
   * Along the axis, mm.
   *
   * @param leastMm least clearance of the pitch diameters, 0 or more
   * @param mostMm greatest, over the least
   */
  public static Working axial(double leastMm, double mostMm) {
    if (!(leastMm >= 0 && mostMm > leastMm)) {
      throw new IllegalArgumentException("Not a clearance of a thread");
    }
    double middle = (leastMm + mostMm) / 2;
    return Working.of(
        Formula.of(
            "Play of the thread",
            "mm",
            "s = c·tan 30°",
            v -> v.get("c") * Math.tan(Math.toRadians(FLANK_DEG)),
            "Geometry of the 60° thread; ISO 965 for its clearance.",
            "Unworn threads."),
        List.of(
            Input.of(
                "c",
                "clearance of the pitch diameters",
                middle,
                (mostMm - leastMm) / 2,
                "mm",
                Origin.table("limits of the thread"))));
  }
}
