package unbo.core.setting;

import java.util.List;
import unbo.core.fit.Material;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Slack to leave at a cone before its hollow axle is clamped: the clamp shortens the axle by
 * F·L/(E·A), and that much play goes. As travel of the cone in millimetres and, over the thread's
 * pitch, in degrees. A solid axle with nuts is not shortened between its cones. Source: Hooke;
 * limits: the force is our assumption (5 kN of a quick release) unless entered.
 *
 * @param travel mm
 * @param turn degrees of the cone
 */
public record ClampSlack(Working travel, Working turn) {

  /** Clamping force of a quick release, N: our own assumption. */
  public static final double QUICK_RELEASE_N = 5000;

  private static final double FULL_TURN = 360;

  /**
   * Works it.
   *
   * @param forceN 0 or more
   * @param lengthMm between the clamped faces, over 0
   * @param outsideMm of the axle, over its bore
   * @param boreMm 0 or more
   * @param pitchMm of the cone's thread, over 0
   * @throws IllegalArgumentException for what is no hollow axle
   */
  public static ClampSlack of(
      double forceN, double lengthMm, double outsideMm, double boreMm, double pitchMm) {
    boolean can = forceN >= 0 && lengthMm > 0 && boreMm >= 0 && outsideMm > boreMm && pitchMm > 0;
    if (!can) {
      throw new IllegalArgumentException("Not an axle and its cone");
    }
    Working travel =
        Working.of(
            Formula.of(
                    "Axle shortens",
                    "mm",
                    "s = F·L/(E·A)",
                    v ->
                        v.get("F")
                            * v.get("L")
                            / (v.get("E")
                                * Math.PI
                                / 4
                                * (v.get("D") * v.get("D") - v.get("d") * v.get("d"))),
                    "Hooke.",
                    "A straight steel axle of one section.")
                .by(
                    "section",
                    "mm²",
                    v -> Math.PI / 4 * (v.get("D") * v.get("D") - v.get("d") * v.get("d"))),
            List.of(
                Input.of(
                    "F",
                    "clamping force",
                    forceN,
                    0.3 * forceN,
                    "N",
                    Origin.assumed("quick release")),
                Input.exact(
                    "L", "length between the faces", lengthMm, "mm", Origin.entered("axle")),
                Input.exact("D", "outside", outsideMm, "mm", Origin.entered("axle")),
                Input.exact("d", "bore", boreMm, "mm", Origin.entered("axle")),
                Input.exact(
                    "E", "modulus", Material.STEEL.modulusMpa(), "MPa", Origin.table("steel"))));
    Working turn =
        Working.of(
            Formula.of(
                "Cone back by",
                "°",
                "φ = 360·s/p",
                v -> FULL_TURN * v.get("s") / v.get("p"),
                "Geometry of a thread.",
                "Thread without play of its own."),
            List.of(
                Input.of(
                    "s",
                    "axle shortens",
                    travel.result().value(),
                    travel.result().uncertainty(),
                    "mm",
                    Origin.computed("above")),
                Input.exact("p", "pitch", pitchMm, "mm", Origin.entered("thread"))));
    return new ClampSlack(travel, turn);
  }
}
