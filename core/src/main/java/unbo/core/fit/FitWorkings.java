package unbo.core.fit;

import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** How the figures of a fit came about. */
public final class FitWorkings {

  private static final String LAME = "Lamé, thick-walled tubes; any textbook of machine elements.";

  private FitWorkings() {}

  /** Interference of a ring, µm; negative is a gap. */
  public static Working interference(FitInput in, boolean isInner) {
    Spread seat = isInner ? in.shaft().size() : in.housing().size();
    Spread ring = isInner ? in.bore() : in.outside();
    String said = isInner ? in.shaft().said() : in.housing().said();
    Input ofSeat =
        Input.of(
            "s",
            isInner ? "shaft’s seat, off nominal" : "housing’s seat, off nominal",
            seat.likely(),
            2 * seat.sigma(),
            "µm",
            origin(said));
    Input ofRing =
        Input.of(
            "r",
            isInner ? "ring’s bore, off nominal" : "ring’s outside, off nominal",
            ring.likely(),
            2 * ring.sigma(),
            "µm",
            Origin.table("ISO 492, limits three standard deviations away"));
    return Working.of(
        Formula.of(
            isInner ? "Interference of the inner ring" : "Interference of the outer ring",
            "µm",
            isInner ? "δ = s − r" : "δ = r − s",
            v -> isInner ? v.get("s") - v.get("r") : v.get("r") - v.get("s"),
            "ISO 286-1, definition of interference.",
            "At room temperature; both round and true."),
        List.of(ofSeat, ofRing));
  }

  /** Interference of a ring running, µm; negative is a gap. */
  public static Working hot(FitInput in, boolean isInner) {
    FitInput.Seat seat = isInner ? in.shaft() : in.housing();
    Spread cold = cold(in, isInner);
    String sign = isInner ? "+" : "−";
    return Working.of(
        Formula.of(
            "Interference running",
            "µm",
            "δ' = δ " + sign + " (αₛ − αᵣ)·d·(T − T₀)",
            v ->
                v.get("δ")
                    + (isInner ? 1 : -1)
                        * (v.get("αₛ") - v.get("αᵣ"))
                        * 1e-3
                        * v.get("d")
                        * (v.get("T") - v.get("T₀")),
            "Linear expansion of solids.",
            "Ring and seat at one temperature."),
        List.of(
            cold(cold),
            Input.exact(
                "αₛ",
                "expansion of the seat",
                seat.material().expansion() * 1e6,
                "10⁻⁶/K",
                Origin.table("usual value, " + seat.material().title())),
            Input.exact(
                "αᵣ",
                "expansion of the ring",
                Material.RING.expansion() * 1e6,
                "10⁻⁶/K",
                Origin.table("bearing steel")),
            Input.exact(
                "d",
                "diameter of the seat",
                isInner ? in.boreMm() : in.outerMm(),
                "mm",
                Origin.table("bearing")),
            Input.exact("T", "seat running", seat.runningC(), "°C", Origin.entered("running")),
            Input.exact("T₀", "room", in.roomC(), "°C", Origin.entered("room"))));
  }

  /** Chance that a ring is tight at room temperature, %. */
  public static Working chance(FitInput in, boolean isInner) {
    Spread cold = cold(in, isInner);
    return Working.of(
        Formula.of(
            "Chance that it is tight",
            "%",
            "P = 100·Φ(δ/σ)",
            v -> 100 * new Spread(v.get("δ"), v.get("δ"), v.get("δ"), v.get("σ")).chanceOverZero(),
            "Normal distribution; limits of a zone taken three standard deviations away.",
            "A maker who works at one end of the zone shifts it."),
        List.of(
            Input.exact("δ", "likely interference", cold.likely(), "µm", Origin.computed("above")),
            Input.exact(
                "σ",
                "one standard deviation of it",
                cold.sigma(),
                "µm",
                Origin.computed("seat and ring, in quadrature"))));
  }

  private static Input cold(Spread cold) {
    return Input.of(
        "δ", "interference cold", cold.likely(), 2 * cold.sigma(), "µm", Origin.computed("above"));
  }

  private static Spread cold(FitInput in, boolean isInner) {
    return isInner ? in.shaft().size().minus(in.bore()) : in.outside().minus(in.housing().size());
  }

  private static Origin origin(String said) {
    return said.startsWith("measured") ? Origin.measured(said) : Origin.table(said);
  }

  /** Force to press a ring, N, at its likely interference. */
  public static Working force(FitInput in, boolean isInner) {
    double d = isInner ? in.boreMm() : in.outerMm();
    Spread cold = cold(in, isInner);
    double perUm = Fit.pressurePerUm(in, isInner);
    return Working.of(
        Formula.of(
                "Force to press it",
                "N",
                "F = μ·p·π·d·B, p = k·max(0, δ)",
                v ->
                    v.get("μ")
                        * v.get("k")
                        * Math.max(0, v.get("δ"))
                        * Math.PI
                        * v.get("d")
                        * v.get("B"),
                LAME,
                "Elastic, long tubes; friction of oiled seats, half as much again to pull, twice when rusty.")
            .by("pressure", "MPa", v -> v.get("k") * Math.max(0, v.get("δ"))),
        List.of(
            cold(cold),
            Input.exact(
                "k",
                "pressure for each µm, what pressing flattens taken off",
                perUm,
                "MPa/µm",
                Origin.computed("walls and moduli, Lamé")),
            Input.of(
                "μ", "friction", in.friction(), 0.3 * in.friction(), "", Origin.assumed("oiled")),
            Input.exact("d", "diameter of the seat", d, "mm", Origin.table("bearing")),
            Input.exact("B", "width of the ring", in.widthMm(), "mm", Origin.table("bearing"))));
  }

  /** Force to get a ring off again, N: what presses it on, and half as much again. */
  public static Working pull(FitInput in, boolean isInner) {
    Measured press = force(in, isInner).result();
    double more = ring(in, isInner).pullForceN() / ring(in, isInner).pressForceN();
    return Working.of(
        Formula.of(
            "Force to pull it",
            "N",
            "Fₒ = v·F",
            v -> v.get("v") * v.get("F"),
            LAME,
            "Friction of oiled seats that have settled; twice when rusty."),
        List.of(
            Input.of(
                "F",
                "force to press it",
                press.value(),
                press.uncertainty(),
                "N",
                Origin.computed("the same seat")),
            Input.exact("v", "more to pull than to press", more, "", Origin.assumed("settled"))));
  }

  private static Fit.Ring ring(FitInput in, boolean isInner) {
    Fit fit = Fit.of(in);
    return isInner ? fit.inner() : fit.outer();
  }

  /** Running clearance, µm; only where there is a clearance group. */
  public static Working running(Fit fit) {
    FitInput in = fit.input();
    FitInput.Group group = in.clearance().orElseThrow();
    double middle = (group.limits().minUm() + group.limits().maxUm()) / 2;
    double u95 = (group.limits().maxUm() - group.limits().minUm()) / 3;
    double warm = in.shaft().runningC() - in.housing().runningC();
    return Working.of(
        Formula.of(
                "Clearance running",
                "µm",
                "g = g₀ − kᵢ·max(0, δᵢ) − kₒ·max(0, δₒ) − α·ΔT·dₘ",
                v ->
                    v.get("g₀")
                        - v.get("kᵢ") * Math.max(0, v.get("δᵢ"))
                        - v.get("kₒ") * Math.max(0, v.get("δₒ"))
                        - v.get("α") * 1e-3 * v.get("ΔT") * v.get("dₘ"),
                "ISO 5753-1; " + LAME,
                "Radial; raceways as plain cylinders, walls "
                    + (in.racewaysEstimated()
                        ? "estimated from the envelope."
                        : "as listed or entered."))
            .by("the inner fit takes", "µm", v -> v.get("kᵢ") * Math.max(0, v.get("δᵢ")))
            .by("the outer fit takes", "µm", v -> v.get("kₒ") * Math.max(0, v.get("δₒ")))
            .by("heat takes", "µm", v -> v.get("α") * 1e-3 * v.get("ΔT") * v.get("dₘ")),
        List.of(
            Input.of(
                "g₀",
                "unmounted, group " + group.name(),
                middle,
                u95,
                "µm",
                Origin.table(group.limits().source())),
            Input.of(
                "δᵢ",
                "inner ring’s interference, running",
                fit.inner().hot().likely(),
                2 * fit.inner().hot().sigma(),
                "µm",
                Origin.computed("above")),
            Input.of(
                "δₒ",
                "outer ring’s interference, running",
                fit.outer().hot().likely(),
                2 * fit.outer().hot().sigma(),
                "µm",
                Origin.computed("above")),
            Input.exact(
                "kᵢ",
                "share that reaches the raceway",
                share(in, true),
                "",
                Origin.computed("Lamé")),
            Input.exact(
                "kₒ",
                "share that reaches the raceway",
                share(in, false),
                "",
                Origin.computed("Lamé")),
            Input.exact(
                "α",
                "expansion of the rings",
                Material.RING.expansion() * 1e6,
                "10⁻⁶/K",
                Origin.table("bearing steel")),
            Input.exact("ΔT", "inner ring warmer by", warm, "K", Origin.entered("running")),
            Input.exact(
                "dₘ",
                "mean diameter",
                (in.boreMm() + in.outerMm()) / 2,
                "mm",
                Origin.table("bearing"))));
  }

  /** What of an interference's micrometre the clearance loses. */
  private static double share(FitInput in, boolean isInner) {
    double pressure = Fit.pressurePerUm(in, isInner);
    return 1000
        * (isInner
            ? Lame.innerGrows(pressure, in.boreMm(), in.innerRacewayMm())
            : Lame.outerShrinks(pressure, in.outerMm(), in.outerRacewayMm()));
  }

  /**
   * Temperature at which a ring lets go in a light alloy housing, °C.
   *
   * @throws IllegalArgumentException for a housing that grows no more than the ring
   */
  public static Working letsGo(FitInput in) {
    double more = (in.housing().material().expansion() - Material.RING.expansion()) * 1e6;
    if (more <= 0) {
      throw new IllegalArgumentException("This housing does not let go by heat");
    }
    Spread cold = cold(in, false);
    return Working.of(
        Formula.of(
            "Temperature at which it lets go",
            "°C",
            "T = T₀ + max(0, δ) / (Δα·D)",
            v -> v.get("T₀") + Math.max(0, v.get("δ")) / 1000 / (v.get("Δα") * 1e-6 * v.get("D")),
            "Linear expansion of solids.",
            "Ring and housing at one temperature."),
        List.of(
            Input.exact("T₀", "room", in.roomC(), "°C", Origin.entered("room")),
            cold(cold),
            Input.of(
                "Δα",
                "housing over ring",
                more,
                0.1 * more,
                "10⁻⁶/K",
                Origin.table("usual values")),
            Input.exact("D", "outside", in.outerMm(), "mm", Origin.table("bearing"))));
  }
}
