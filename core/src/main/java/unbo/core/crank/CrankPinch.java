package unbo.core.crank;

import java.util.List;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * Two ball mains that are tight on the crank and in the case: x = |S − L|, with the distance S of
 * the case's shoulders and the width L of the crank between its seats, ring offsets included. They
 * stay free while x ≤ Gₐ; beyond, each is displaced by (x − Gₐ)/2 and takes the thrust of {@link
 * BallThrust}. Warm, S and L grow by their own expansions.
 *
 * @param cold what x comes to in the cold case, mm
 * @param warm the same at working heat, mm
 * @param freeMm total axial clearance of one main, mm
 * @param coldThrust on each main, N, cold
 * @param warmThrust the same warm
 */
public record CrankPinch(
    Working cold, Working warm, double freeMm, Working coldThrust, Working warmThrust) {

  /**
   * What was measured. Lengths mm, temperatures as rise over the cold measurement.
   *
   * @param shoulderMm S, over 0
   * @param crankMm L, over 0
   * @param u95Mm doubt of each
   * @param caseRiseC not negative
   * @param crankRiseC not negative
   */
  public record Measured(
      double shoulderMm,
      double crankMm,
      double u95Mm,
      Material ofCase,
      double caseRiseC,
      double crankRiseC) {

    /**
     * @throws IllegalArgumentException for what is no crank in its case
     */
    public Measured {
      boolean can =
          shoulderMm > 0
              && crankMm > 0
              && u95Mm >= 0
              && Math.abs(shoulderMm - crankMm) < 3
              && caseRiseC >= 0
              && crankRiseC >= 0;
      if (!can) {
        throw new IllegalArgumentException("Not a crank in its case");
      }
    }
  }

  /**
   * What it comes to.
   *
   * @param playU95Um doubt of the main's radial clearance at 95 %, µm, 0 or more
   */
  public static CrankPinch of(Measured m, BallThrust main, double playU95Um) {
    Working cold = gap(m, 0, 0, "Displacement cold");
    Working warm = gap(m, m.caseRiseC, m.crankRiseC, "Displacement warm");
    double free = main.axialClearanceMm();
    return new CrankPinch(
        cold,
        warm,
        free,
        thrust("Thrust on each main, cold", cold, main, playU95Um),
        thrust("Thrust on each main, warm", warm, main, playU95Um));
  }

  private static Working thrust(String title, Working gap, BallThrust main, double playU95Um) {
    return Working.of(
        Formula.of(
                title,
                "N",
                "F = Z·Q(δ)·sin α at (x − Gₐ)/2, δ = k·Q^⅔/D^⅓, α rising with it",
                v -> taken(v, main).thrustN((v.get("x") - taken(v, main).axialClearanceMm()) / 2),
                "Angular equilibrium of a ball between its groove centres; Palmgren’s deflection.",
                "Stiff rings, webs and case; the case gives way and leaves less.")
            .by("free along the axis", "mm", v -> taken(v, main).axialClearanceMm()),
        List.of(
            Input.of(
                "x",
                "displacement",
                gap.result().value(),
                gap.result().uncertainty(),
                "mm",
                Origin.computed("above")),
            Input.of(
                "g",
                "radial clearance mounted",
                main.radialClearanceMm() * 1000,
                playU95Um,
                "µm",
                Origin.computed("the ladder above")),
            Input.exact(
                "D",
                "ball diameter",
                main.elementMm(),
                "mm",
                Origin.table("inside of the bearing")),
            BallThrust.deflection(),
            Input.exact("Z", "balls", main.elements(), "", Origin.table("inside of the bearing"))));
  }

  /** The same main with a drawn clearance, no wider than its grooves. */
  private static BallThrust taken(Values v, BallThrust main) {
    double most = 0.99 * main.centresMm();
    double play = Math.max(0, Math.min(v.get("g") / 1000, most));
    return new BallThrust(v.get("D"), main.elements(), play, main.osculationSum());
  }

  /** Thrust on each main, cold, N. */
  public double coldN() {
    return coldThrust.result().value();
  }

  /** Thrust on each main, warm, N. */
  public double warmN() {
    return warmThrust.result().value();
  }

  private static Working gap(Measured m, double caseRise, double crankRise, String title) {
    return Working.of(
        Formula.of(
            title,
            "mm",
            "x = |S·(1 + α₁·ΔT₁) − L·(1 + α₂·ΔT₂)|",
            v ->
                Math.abs(
                    v.get("S") * (1 + v.get("α₁") * 1e-6 * v.get("ΔT₁"))
                        - v.get("L") * (1 + v.get("α₂") * 1e-6 * v.get("ΔT₂"))),
            "Geometry and linear expansion of solids.",
            "Both mains against their shoulders; the case grows evenly."),
        List.of(
            Input.of(
                "S",
                "case, shoulder to shoulder",
                m.shoulderMm,
                m.u95Mm,
                "mm",
                Origin.measured("depth gauge")),
            Input.of(
                "L",
                "crank, seat to seat with ring offsets",
                m.crankMm,
                m.u95Mm,
                "mm",
                Origin.measured("micrometer")),
            Input.exact(
                "α₁",
                "expansion of the case",
                m.ofCase.expansion() * 1e6,
                "10⁻⁶/K",
                Origin.table("usual value, " + m.ofCase.title())),
            Input.exact(
                "α₂",
                "expansion of the crank",
                Material.STEEL.expansion() * 1e6,
                "10⁻⁶/K",
                Origin.table("usual value, steel")),
            Input.exact("ΔT₁", "case warmer by", caseRise, "K", Origin.entered("working heat")),
            Input.exact("ΔT₂", "crank warmer by", crankRise, "K", Origin.entered("working heat"))));
  }

  /** Whether the cold pair is free, pinched, or the readings cannot tell. */
  public String coldSays() {
    double over = cold.result().value() - freeMm;
    double doubt = cold.result().uncertainty();
    return over > doubt ? "pinched" : over < -doubt ? "free" : "cannot tell";
  }

  /** What is done about a pinched pair, the gentlest first. */
  public static List<String> advice() {
    return List.of(
        "Shock the crank to its centre: a blow of a soft hammer on each end lets the rings settle.",
        "Heat the case so that the outer ring floats home; the crank is never driven by its webs.",
        "Shim the side that is short.",
        "A roller main with a free ring of the same envelope on one side: then the ball main alone"
            + " locates the crank; a single rib still stops it one way.");
  }

  /** Where a crank between centres reads high at both mains, seen from the crankpin. */
  public enum High {
    PIN_SIDE("on the pin side at both", "The webs are closed opposite the pin: wedge there."),
    OPPOSITE(
        "opposite the pin at both", "The webs are open opposite the pin: squeeze there in a vice."),
    TWISTED(
        "at 90° to the pin, opposite to each other",
        "The webs are twisted on the pin: strike each web on its high side, the pin clear of the"
            + " support."),
    LOW("nowhere, within the target", "True: leave it.");

    private final String title;
    private final String does;

    High(String title, String does) {
      this.title = title;
      this.does = does;
    }

    public String title() {
      return title;
    }

    public String does() {
      return does;
    }
  }
}
