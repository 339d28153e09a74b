package unbo.core.setting;

import java.util.List;
import unbo.core.contact.BallThrust;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * How the slack that a spacer leaves its two ball bearings comes about, and the preload where it
 * leaves none. Without the clamp's squeeze and without heat, which {@link SpacerPair} adds.
 *
 * @param slack along the axis in mm; negative is taken out of the bearings' elasticity
 * @param preload on each bearing in N; 0 where slack is left
 */
public record SpacerWorkings(Working slack, Working preload) {

  private static final String SOURCE =
      "Angular equilibrium of a ball between its groove centres, as in textbooks of rolling bearing analysis; Palmgren’s deflection.";

  private static final String LIMITS =
      "Both bearings alike and driven home; without the clamp’s squeeze and without heat. Ball diameter, count and grooves as listed or estimated.";

  /**
   * Works them.
   *
   * @param length of the spacer, symbol L, mm
   * @param distance between the shoulders, symbol S, mm
   * @param radial clearance of one bearing, mounted, symbol g, µm; draws below 0 count as 0
   * @throws IllegalArgumentException for a clearance that no ball bearing of these has
   */
  public static SpacerWorkings of(
      Input length, Input distance, Input radial, double elementMm, int elements) {
    new BallThrust(elementMm, elements, radial.value().value() / 1000, USUAL);
    List<Input> inputs =
        List.of(
            length,
            distance,
            radial,
            Input.exact(
                "D", "ball diameter", elementMm, "mm", Origin.table("inside of the bearing")),
            Input.exact("Z", "balls in a row", elements, "", Origin.table("inside of the bearing")),
            BallThrust.deflection(),
            Input.exact("f", "both grooves over the ball", USUAL, "", Origin.assumed("0.52 each")));
    Formula slack =
        Formula.of(
                "Slack left along the axis",
                "mm",
                "s = Gₐ − |L − S|, Gₐ = 2·A·sin α₀, cos α₀ = 1 − g/(2·A), A = (f − 1)·D",
                SpacerWorkings::slackMm,
                SOURCE,
                LIMITS)
            .by("axial clearance of one bearing", "mm", v -> bearing(v).axialClearanceMm());
    Formula preload =
        Formula.of(
                "Preload on each bearing",
                "N",
                "F = Z·Q(δ)·sin α at half of −s, δ = k·Q^⅔/D^⅓",
                v -> bearing(v).thrustN(Math.max(0, -slackMm(v)) / 2),
                SOURCE,
                LIMITS + " At most what the clamp, or the outer rings’ seats, can hold.")
            .by("taken by each", "mm", v -> Math.max(0, -slackMm(v)) / 2);
    return new SpacerWorkings(Working.of(slack, inputs), Working.of(preload, inputs));
  }

  private static final double USUAL = BallThrust.USUAL_OSCULATION;

  private static double slackMm(Values v) {
    return bearing(v).axialClearanceMm() - Math.abs(v.get("L") - v.get("S"));
  }

  /** A draw far out would be no bearing: its clearance ends at the grooves. */
  private static BallThrust bearing(Values v) {
    double most = 0.99 * (v.get("f") - 1) * v.get("D");
    double clearance = Math.max(0, Math.min(v.get("g") / 1000, most));
    return new BallThrust(v.get("D"), (int) v.get("Z"), clearance, v.get("f"));
  }
}
