package unbo.core.friction;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import unbo.core.fit.Material;
import unbo.core.measure.Measured;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * The watts of a bearing with their working, and how warm it runs by them. Heat leaves by the
 * reference condition of ISO 15312; the time until it is steady takes bearing and seats together as
 * three times the bearing's own metal, our assumption.
 */
public final class Drag {

  private static final String SOURCE = "Palmgren; Harris; ISO 15312.";
  private static final String LIMITS = "Steady running; grease run in unless said fresh.";
  private static final double PALMGREN = 0.3;
  private static final double SEAL = 0.5;
  private static final double METAL = 0.6;
  private static final double WITH_SEATS = 3;
  private static final double STEADY = 3;

  private Drag() {}

  /** Which part of the drag a factor changes. */
  public enum On {
    LUBRICANT,
    LOAD
  }

  /**
   * What changes a part of the drag.
   *
   * @param title of the drag with it
   * @param symbol of the factor in the formula
   * @param source what it is from besides Palmgren’s moments; empty for nothing more
   */
  public record Factor(
      On on,
      String title,
      String symbol,
      String name,
      Measured value,
      Origin origin,
      String source) {

    private String formula() {
      return on == On.LUBRICANT
          ? "P = (" + symbol + "·M₀ + M₁ + Mₛ)·2·π·n/60"
          : "P = (M₀ + " + symbol + "·M₁ + Mₛ)·2·π·n/60";
    }

    private Input input() {
      return Input.of(symbol, name, value.value(), value.uncertainty(), "", origin);
    }
  }

  /** Watts. */
  public static Working watts(Friction.Question q) {
    return Working.of(
        Formula.of(
                "Drag",
                "W",
                "P = (M₀ + M₁ + Mₛ)·2·π·n/60",
                v -> (v.get("M₀") + v.get("M₁") + v.get("Mₛ")) / 1000 * perSecond(v.get("n")),
                SOURCE,
                LIMITS)
            .by("together", "Nmm", v -> v.get("M₀") + v.get("M₁") + v.get("Mₛ")),
        moments(q));
  }

  /** Watts where a factor changes a part. */
  public static Working watts(Friction.Question q, Factor factor) {
    String lubricant = factor.on == On.LUBRICANT ? factor.symbol : "";
    String load = factor.on == On.LOAD ? factor.symbol : "";
    List<Input> inputs = new ArrayList<>(moments(q));
    inputs.add(0, factor.input());
    return Working.of(
        Formula.of(
            factor.title,
            "W",
            factor.formula(),
            v ->
                (times(v, lubricant) * v.get("M₀") + times(v, load) * v.get("M₁") + v.get("Mₛ"))
                    / 1000
                    * perSecond(v.get("n")),
            factor.source.isEmpty() ? SOURCE : SOURCE + " " + factor.source,
            LIMITS),
        inputs);
  }

  private static double times(Values values, String symbol) {
    return symbol.isEmpty() ? 1 : values.get(symbol);
  }

  private static List<Input> moments(Friction.Question q) {
    Friction f = Friction.of(q);
    return List.of(
        moment("M₀", "lubricant, without load", f.noLoadNmm(), PALMGREN),
        moment("M₁", "load", f.loadNmm(), PALMGREN),
        moment("Mₛ", "seals", f.sealNmm(), SEAL),
        Input.exact("n", "speed", q.rpm(), "rpm", Origin.entered("speed")));
  }

  private static double perSecond(double rpm) {
    return 2 * Math.PI * rpm / 60;
  }

  private static Input moment(String symbol, String name, double nmm, double share) {
    return Input.of(symbol, name, nmm, share * nmm, "Nmm", Origin.computed("Palmgren’s factors"));
  }

  /** Minutes until it is about as warm as it gets; empty without a width. */
  public static OptionalDouble minutesToSteady(Friction.Question q) {
    if (q.widthMm().isEmpty()) {
      return OptionalDouble.empty();
    }
    double b = q.widthMm().getAsDouble();
    double envelope = Math.PI / 4 * (square(q.outerMm()) - square(q.boreMm())) * b / 1000;
    double kg = METAL * envelope * Material.RING.density() / 1000 * WITH_SEATS;
    double wattsPerDegree = q.wattsPerDegree().orElseThrow();
    return OptionalDouble.of(STEADY * kg * Material.RING.heat() / wattsPerDegree / 60);
  }

  private static double square(double value) {
    return value * value;
  }
}
