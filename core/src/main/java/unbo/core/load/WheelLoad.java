package unbo.core.load;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What a wheel brings to its bearings in a bend: radial W', side force F_y = W'·a/g on the tyre,
 * and the moment about the middle of the pair, M = e·W' ∓ r·F_y: minus on the wheel outside in the
 * bend, plus on the wheel inside. Load that moves across is added outside and taken inside, never
 * under nothing. x points outboard. Source: statics. Limits: no camber, no rough road; the tyre's
 * contact below the wheel's plane.
 *
 * @param radialN W'
 * @param sideN F_y, as its size
 * @param moment Nm
 * @param outside whether the wheel runs outside in the bend
 */
public record WheelLoad(double radialN, double sideN, Working moment, boolean outside) {

  /** Standard gravity, ISO 80000-3. */
  public static final double G = 9.80665;

  /**
   * Works it.
   *
   * @param staticN on this wheel, over 0
   * @param transferN that moves across, 0 or more
   * @param offsetMm e, the wheel's plane outboard of the pair's middle; may be negative
   * @param tyreMm r, over 0
   * @param sideG side acceleration over g, 0 to 2
   * @throws IllegalArgumentException for what is no wheel on its road
   */
  public static WheelLoad of(
      double staticN,
      double transferN,
      double offsetMm,
      double tyreMm,
      double sideG,
      boolean outside) {
    boolean can = staticN > 0 && transferN >= 0 && tyreMm > 0 && sideG >= 0 && sideG <= 2;
    if (!can) {
      throw new IllegalArgumentException("Not a wheel on its road");
    }
    double w = Math.max(0, staticN + (outside ? transferN : -transferN));
    double fy = w * sideG;
    Working moment =
        Working.of(
            Formula.of(
                "Moment about the pair’s middle",
                "Nm",
                outside ? "M = e·W' − r·Fy" : "M = e·W' + r·Fy",
                v ->
                    (v.get("e") * v.get("W'") + (outside ? -1 : 1) * v.get("r") * v.get("Fy"))
                        / 1000,
                "Statics.",
                "No camber; the contact straight below the wheel’s plane."),
            List.of(
                Input.exact(
                    "e", "plane outboard of the middle", offsetMm, "mm", Origin.entered("wheel")),
                Input.exact("W'", "load of the wheel", w, "N", Origin.entered("wheel")),
                Input.exact("r", "radius of the tyre", tyreMm, "mm", Origin.entered("wheel")),
                Input.exact("Fy", "side force", fy, "N", Origin.computed("load and bend"))));
    return new WheelLoad(w, fy, moment, outside);
  }

  /**
   * Along the axis on the hub, N: positive outboard. The bend’s centre lies inboard of the outside
   * wheel.
   */
  public double axialN() {
    return outside ? -sideN : sideN;
  }

  /** Where the radial load alone would make the same moment, mm outboard of the pair's middle. */
  public double planeMm() {
    return radialN == 0 ? 0 : moment.result().value() * 1000 / radialN;
  }
}
