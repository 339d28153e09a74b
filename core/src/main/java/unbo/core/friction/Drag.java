package unbo.core.friction;

import java.util.List;
import java.util.OptionalDouble;
import unbo.core.fit.Material;
import unbo.core.measure.Measured;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * The watts of a bearing with their working, and how warm it runs by them. Heat leaves by the
 * reference condition of ISO 15312; the time until it is steady takes bearing and seats together as
 * three times the bearing's own metal, our assumption.
 */
public final class Drag {

  private static final double PALMGREN = 0.3;
  private static final double SEAL = 0.5;
  private static final double METAL = 0.6;
  private static final double WITH_SEATS = 3;
  private static final double STEADY = 3;

  private Drag() {}

  /** Watts. */
  public static Working watts(Friction.Question q) {
    Friction f = Friction.of(q);
    return Working.of(
        Formula.of(
                "Drag",
                "W",
                "P = (M₀ + M₁ + Mₛ)·2·π·n/60",
                v -> (v.get("M₀") + v.get("M₁") + v.get("Mₛ")) / 1000 * perSecond(v.get("n")),
                "Palmgren; Harris; ISO 15312.",
                "Steady running; grease run in unless said fresh.")
            .by("together", "Nmm", v -> v.get("M₀") + v.get("M₁") + v.get("Mₛ")),
        List.of(
            moment("M₀", "lubricant, without load", f.noLoadNmm(), PALMGREN),
            moment("M₁", "load", f.loadNmm(), PALMGREN),
            moment("Mₛ", "seals", f.sealNmm(), SEAL),
            Input.exact("n", "speed", q.rpm(), "rpm", Origin.entered("speed"))));
  }

  /**
   * Watts at another clearance than the usual: what the elements carry together enters the load's
   * part.
   *
   * @param z of {@link LoadSpread#against}, with its doubt
   * @param where the clearance is from, a few words
   */
  public static Working watts(Friction.Question q, Measured z, String where) {
    Friction f = Friction.of(q);
    return Working.of(
        Formula.of(
            "Drag at another clearance",
            "W",
            "P = (M₀ + z·M₁ + Mₛ)·2·π·n/60",
            v ->
                (v.get("M₀") + v.get("z") * v.get("M₁") + v.get("Mₛ"))
                    / 1000
                    * perSecond(v.get("n")),
            "Palmgren; Harris; ISO 15312; z by Stribeck’s and Sjövall’s spread of the load.",
            "As drag; stiff rings, no axial load."),
        List.of(
            moment("M₀", "lubricant, without load", f.noLoadNmm(), PALMGREN),
            moment("M₁", "load", f.loadNmm(), PALMGREN),
            moment("Mₛ", "seals", f.sealNmm(), SEAL),
            Input.of(
                "z",
                "loads of the elements together, against the usual",
                z.value(),
                z.uncertainty(),
                "",
                Origin.computed(where)),
            Input.exact("n", "speed", q.rpm(), "rpm", Origin.entered("speed"))));
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
