package unbo.core.setting;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What a torque wrench is set to when an extension makes it longer: T·L/(L + E·cos φ), with the
 * extension in line at 0° and no change at 90°. Source: levers. Limits: the hand in the middle of
 * the grip, where L is counted to.
 */
public final class ExtendedWrench {

  private ExtendedWrench() {}

  /**
   * In Nm.
   *
   * @param torqueNm wanted at the nut, over 0
   * @param wrenchMm from its square to the middle of the grip, over 0
   * @param extensionMm 0 or more
   * @param angleDeg between extension and wrench, 0 to 90
   */
  public static Working set(double torqueNm, double wrenchMm, double extensionMm, double angleDeg) {
    boolean can =
        torqueNm > 0 && wrenchMm > 0 && extensionMm >= 0 && angleDeg >= 0 && angleDeg <= 90;
    if (!can) {
      throw new IllegalArgumentException("Not an extended wrench");
    }
    return Working.of(
        Formula.of(
            "Set the wrench to",
            "Nm",
            "Tₛ = T·L / (L + E·cos φ)",
            v ->
                v.get("T")
                    * v.get("L")
                    / (v.get("L") + v.get("E") * Math.cos(Math.toRadians(v.get("φ")))),
            "Levers.",
            "The hand in the middle of the grip."),
        List.of(
            Input.exact("T", "torque at the nut", torqueNm, "Nm", Origin.entered("maker")),
            Input.of(
                "L",
                "wrench to the middle of the grip",
                wrenchMm,
                5,
                "mm",
                Origin.entered("measured")),
            Input.of("E", "extension", extensionMm, 2, "mm", Origin.entered("measured")),
            Input.exact("φ", "between them", angleDeg, "°", Origin.entered(""))));
  }
}
