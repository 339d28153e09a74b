package unbo.core.lubricant;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Whether an oil parts the surfaces: κ = ν/ν₁, with ν₁ = 45000·n^−0.83·dₘ^−0.5 under 1000 rpm and
 * 4500·n^−0.5·dₘ^−0.5 from there on (ISO 281). Under 0.4 starving, to 1 mixed, to 4 good, over 4
 * nothing but drag is gained. Limits: mineral base oils; a grease's base oil at its own
 * temperature.
 *
 * @param required ν₁, mm²/s
 * @param kappa ν/ν₁
 * @param actual ν at work, mm²/s
 * @param ndm speed number, mm/min
 */
public record Film(Working required, Working kappa, double actual, double ndm) {

  private static final double SLOW_RPM = 1000;

  /** What κ comes to. */
  public enum Says {
    STARVING("starving"),
    MIXED("mixed"),
    GOOD("good"),
    DRAG("drag");

    private final String id;

    Says(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }

  /** Required viscosity, mm²/s; both over 0. */
  public static double required(double rpm, double meanDiameterMm) {
    return rpm < SLOW_RPM
        ? 45000 * Math.pow(rpm, -0.83) / Math.sqrt(meanDiameterMm)
        : 4500 / Math.sqrt(rpm * meanDiameterMm);
  }

  /**
   * The film at a speed and a temperature.
   *
   * @param rpm over 0
   * @param meanDiameterMm over 0
   * @param celsius −20 to 150
   */
  public static Film of(Oil oil, double rpm, double meanDiameterMm, double celsius) {
    double actual = oil.at(celsius);
    List<Input> speed =
        List.of(
            Input.exact("n", "speed", rpm, "rpm", Origin.entered("speed")),
            Input.exact("dₘ", "mean diameter", meanDiameterMm, "mm", Origin.table("bearing")));
    Working required =
        Working.of(
            Formula.of(
                "Required viscosity",
                "mm²/s",
                rpm < SLOW_RPM ? "ν₁ = 45000·n^−0.83·dₘ^−0.5" : "ν₁ = 4500·n^−0.5·dₘ^−0.5",
                v -> required(v.get("n"), v.get("dₘ")),
                "ISO 281, reference viscosity.",
                "Mineral base oils."),
            speed);
    Working kappa =
        Working.of(
            Formula.of(
                "Film, κ",
                "",
                "κ = ν / ν₁",
                v -> v.get("ν") / v.get("ν₁"),
                "ISO 281.",
                "Mineral base oils; bleeding of a grease is not in it."),
            List.of(
                Input.of(
                    "ν",
                    "viscosity at work",
                    actual,
                    0.15 * actual,
                    "mm²/s",
                    Origin.computed("Walther through 40 and 100 °C")),
                Input.exact(
                    "ν₁",
                    "required",
                    required.result().value(),
                    "mm²/s",
                    Origin.computed("above"))));
    return new Film(required, kappa, actual, rpm * meanDiameterMm);
  }

  /** What it comes to. */
  public Says says() {
    double k = kappa.result().value();
    return k < 0.4 ? Says.STARVING : k < 1 ? Says.MIXED : k <= 4 ? Says.GOOD : Says.DRAG;
  }
}
