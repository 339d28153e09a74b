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

  /** Contact angle of cups and cones of hubs, degrees, and its doubt: our own assumption. */
  private static final double CUP_DEG = 45;

  private static final double CUP_U95_DEG = 10;

  /**
   * What that much play shows as at the rim, mm: a row lets E·tan α across the axis, over half the
   * base of the pair.
   *
   * @param apartMm middles of the two rows, over 0
   * @param pitchMm circle of the balls, over 0
   * @param radiusMm where the rim is looked at, over 0
   * @throws IllegalArgumentException for what is no wheel
   */
  public Working atRim(double apartMm, double pitchMm, double radiusMm) {
    if (!(apartMm > 0 && pitchMm > 0 && radiusMm > 0)) {
      throw new IllegalArgumentException("Not a wheel on two rows");
    }
    return Working.of(
        Formula.of(
                "Movement at the rim",
                "mm",
                "m = 2·R·s·tan α/(b + dm·tan α)",
                v -> 2 * v.get("R") * v.get("s") * tangent(v.get("α")) / base(v),
                "Geometry of two rows back to back.",
                "Rigid wheel; the angle of cup and cone is assumed.")
            .by("base of the rows", "mm", ClampSlack::base),
        List.of(
            Input.of(
                "s",
                "play along the axis",
                travel.result().value(),
                travel.result().uncertainty(),
                "mm",
                Origin.computed("above")),
            Input.exact(
                "R", "radius of the rim", radiusMm, "mm", Origin.assumed("of a road wheel")),
            Input.exact("b", "rows apart", apartMm, "mm", Origin.entered("section")),
            Input.exact("dm", "circle of the balls", pitchMm, "mm", Origin.entered("section")),
            Input.of(
                "α", "contact angle", CUP_DEG, CUP_U95_DEG, "°", Origin.assumed("cup and cone"))));
  }

  private static double base(unbo.core.working.Values v) {
    return v.get("b") + v.get("dm") * tangent(v.get("α"));
  }

  private static double tangent(double degrees) {
    return Math.tan(Math.toRadians(degrees));
  }
}
