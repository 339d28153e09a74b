package unbo.core.friction;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What a ceramic ball leaves of a steel raceway's static limit: the ball is stiffer, the patch it
 * presses smaller, and the raceway dents under the same pressure as ever. At one load the pressure
 * goes with E*^⅔, so the load of one pressure with E*^−2. Source: Hertz, point contact (Johnson,
 * Contact Mechanics). Limits: same ball and groove; the limit of the steel, not of the ball.
 */
public final class HybridLimit {

  private static final double STEEL_GPA = 208;
  private static final double STEEL_POISSON = 0.3;
  private static final double CERAMIC_GPA = 310;
  private static final double CERAMIC_POISSON = 0.26;

  private HybridLimit() {}

  /** Share of the static rating that is left, about 0.7. */
  public static Working share() {
    return Working.of(
        Formula.of(
                "Static limit left under ceramic balls",
                "",
                "q = (Eₛₛ/Eₛ꜀)², 1/E = (1 − ν²)/E₁ + (1 − ν²)/E₂",
                v -> {
                  double steel = (1 - STEEL_POISSON * STEEL_POISSON) / v.get("Eₛ");
                  double ball = (1 - CERAMIC_POISSON * CERAMIC_POISSON) / v.get("E꜀");
                  return Math.pow((steel + ball) / (2 * steel), 2);
                },
                "Hertz, point contact; Johnson, Contact Mechanics.",
                "Same ball and groove; the limit of the steel raceway.")
            .by(
                "more pressure at the same load",
                "",
                v -> {
                  double steel = (1 - STEEL_POISSON * STEEL_POISSON) / v.get("Eₛ");
                  double ball = (1 - CERAMIC_POISSON * CERAMIC_POISSON) / v.get("E꜀");
                  return Math.pow(2 * steel / (steel + ball), 2.0 / 3);
                }),
        List.of(
            Input.of("Eₛ", "steel", STEEL_GPA, 4, "GPa", Origin.table("materials")),
            Input.of("E꜀", "silicon nitride", CERAMIC_GPA, 10, "GPa", Origin.table("materials"))));
  }
}
