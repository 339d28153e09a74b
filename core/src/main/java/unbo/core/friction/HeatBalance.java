package unbo.core.friction;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BrentSolver;
import unbo.core.lubricant.Oil;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * The temperature at which a bearing loses as much heat as it makes: its drag falls as its oil
 * thins, and the loss grows with the rise, so there is one answer; the zero is found by Brent's
 * method. Source: ISO 15312, reference condition, for what it loses to seats and air; Walther for
 * the oil. Limits: no heat from elsewhere (brake, engine, seal of the shaft), no stream of air or
 * oil; to 150 °C, where the law of the oil ends.
 */
public final class HeatBalance {

  private static final double EXACT_C = 1e-6;
  private static final int MOST_STEPS = 100;
  private static final double DOUBT = 0.3;

  private HeatBalance() {}

  /**
   * Degrees Celsius; empty when it would run hotter than {@value Oil#HOTTEST_C}.
   *
   * @param roomC of the air round it, from −20 up, under 150
   * @param wattsPerDegree lost for each degree over the air, over 0
   * @param wattsAt drag in W at a viscosity in mm²/s
   */
  public static Optional<Working> celsius(
      Oil oil, double roomC, double wattsPerDegree, DoubleUnaryOperator wattsAt) {
    if (Double.isNaN(solve(oil, roomC, 1 / wattsPerDegree, wattsAt))) {
      return Optional.empty();
    }
    return Optional.of(
        Working.of(
            Formula.of(
                    "Temperature by its own drag",
                    "°C",
                    "k·P(ν(T)) = w·Wₛ·(T − Tₐ)",
                    v ->
                        within(
                            solve(
                                oil, v.get("Tₐ"), v.get("k") / v.get("w") / v.get("Wₛ"), wattsAt)),
                    "ISO 15312, reference condition; oil by Walther; zero by Brent’s method.",
                    "No heat from elsewhere, no stream of air or oil; to 150 °C.")
                .by(
                    "viscosity there",
                    "mm²/s",
                    v ->
                        oil.at(
                            within(
                                solve(
                                    oil,
                                    v.get("Tₐ"),
                                    v.get("k") / v.get("w") / v.get("Wₛ"),
                                    wattsAt)))),
            List.of(
                Input.of("k", "drag", 1, DOUBT, "", Origin.assumed("Palmgren, ± 30 %")),
                Input.of(
                    "w", "loss of heat", 1, DOUBT, "", Origin.assumed("seats and air, ± 30 %")),
                Input.exact(
                    "Wₛ",
                    "loss for each degree",
                    wattsPerDegree,
                    "W/°C",
                    Origin.computed("surface of the seats, ISO 15312")),
                Input.of("Tₐ", "air", roomC, 2, "°C", Origin.entered("air round it")))));
  }

  /** What runs hotter than the law reaches is put at its end, when a doubt is drawn. */
  private static double within(double celsius) {
    return Double.isNaN(celsius) ? Oil.HOTTEST_C : celsius;
  }

  private static double solve(
      Oil oil, double roomC, double degreesPerWatt, DoubleUnaryOperator wattsAt) {
    DoubleUnaryOperator over = t -> degreesPerWatt * wattsAt.applyAsDouble(oil.at(t)) - (t - roomC);
    if (over.applyAsDouble(Oil.HOTTEST_C) > 0) {
      return Double.NaN;
    }
    return new BrentSolver(EXACT_C).solve(MOST_STEPS, over::applyAsDouble, roomC, Oil.HOTTEST_C);
  }
}
