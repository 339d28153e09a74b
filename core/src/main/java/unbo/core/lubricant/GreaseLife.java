package unbo.core.lubricant;

import java.util.List;
import java.util.Optional;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * How long a grease lasts: 30,000 h at 70 °C and n·dₘ 100,000 for a lithium soap on mineral oil,
 * halved for each further 100,000 and for each 15 °C over 70 °C, halved again for a vertical shaft,
 * a turning outer ring, or dirt. It is no fatigue life and is never multiplied with one. Source:
 * rule of thumb of grease makers’ literature; the halves for shaft, ring and dirt are our own
 * bounds. Limits: n·dₘ to 500,000 and 120 °C; slower and cooler than the base it is not stretched.
 */
public final class GreaseLife {

  /** Beyond these the rule says nothing. */
  public static final double MOST_NDM = 500_000;

  public static final double MOST_C = 120;

  private static final double BASE_H = 30_000;
  private static final double BASE_NDM = 100_000;
  private static final double BASE_C = 70;
  private static final double HALVES_EACH_C = 15;

  private GreaseLife() {}

  /**
   * Hours; empty outside the rule.
   *
   * @param ndm over 0
   * @param hardships how many of vertical shaft, turning outer ring and dirt: 0 to 3
   */
  public static Optional<Working> hours(double ndm, double celsius, int hardships) {
    if (!(ndm > 0 && ndm <= MOST_NDM && celsius <= MOST_C) || hardships < 0 || hardships > 3) {
      return Optional.empty();
    }
    return Optional.of(
        Working.of(
            Formula.of(
                "Life of the grease",
                "h",
                "L = k·L₀·2^−(max(0, n·dₘ − A)/A)·2^−(max(0, T − T₀)/15)·2^−z",
                v ->
                    v.get("k")
                        * v.get("L₀")
                        * halved(Math.max(0, v.get("n·dₘ") - v.get("A")) / v.get("A"))
                        * halved(Math.max(0, v.get("T") - v.get("T₀")) / HALVES_EACH_C)
                        * halved(v.get("z")),
                "Rule of thumb for lithium soap on mineral oil.",
                "Another thickener or oil lives otherwise; never multiplied with fatigue life."),
            List.of(
                Input.of(
                    "k",
                    "the rule itself",
                    1,
                    0.5,
                    "",
                    Origin.assumed("half as long or half as long again")),
                Input.exact("L₀", "base", BASE_H, "h", Origin.table("rule of thumb")),
                Input.exact(
                    "A",
                    "speed number of the base",
                    BASE_NDM,
                    "mm/min",
                    Origin.table("rule of thumb")),
                Input.exact(
                    "n·dₘ", "speed number", ndm, "mm/min", Origin.computed("speed and bearing")),
                Input.of("T", "bearing at work", celsius, 5, "°C", Origin.entered("typed")),
                Input.exact("T₀", "base", BASE_C, "°C", Origin.table("rule of thumb")),
                Input.exact(
                    "z", "hardships", hardships, "", Origin.entered("shaft, ring, dirt")))));
  }

  private static double halved(double times) {
    return Math.pow(2, -times);
  }
}
