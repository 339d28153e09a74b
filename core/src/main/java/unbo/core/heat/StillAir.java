package unbo.core.heat;

import java.util.List;
import java.util.OptionalDouble;
import unbo.core.fit.Material;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * A ring that cools in still air: T = T₀ + (T₁ − T₀)·e^(−t/τ) with τ = m·c/(h·A). Source: Newton's
 * law of cooling, h = 12 W/(m²·K) for convection and radiation of a warm ring together, our own
 * value. Limits: evenly warm, no draught, nothing that it lies on.
 */
record StillAir(double boreMm, double outerMm, double widthMm, OptionalDouble massG) {

  private static final double WATT = 12;
  private static final double WATT_U95 = 5;

  /** Share of the envelope that is metal in a bearing of which no mass is known. */
  private static final double FILLED = 0.6;

  private static final double FILLED_U95 = 0.2;

  /** Seconds. */
  double timeConstant() {
    return massKg() * Material.RING.heat() / (WATT * areaM2());
  }

  /** Kilograms: as weighed, else a share of the envelope. */
  double massKg() {
    double envelopeCm3 = Math.PI / 4 * (outerMm * outerMm - boreMm * boreMm) * widthMm / 1000;
    return massG.orElse(FILLED * envelopeCm3 * Material.RING.density()) / 1000;
  }

  private double areaM2() {
    double faces = Math.PI / 2 * (outerMm * outerMm - boreMm * boreMm);
    return (Math.PI * (outerMm + boreMm) * widthMm + faces) / 1e6;
  }

  /** Time from one temperature over the room's down to another, s. */
  Working seconds(double fromC, double toC, double roomC) {
    return Working.of(
        Formula.of(
                "Time in still air",
                "s",
                "t = m·c/(h·A) · ln((T₁ − T₀)/(T₂ − T₀))",
                v ->
                    v.get("m")
                        * v.get("c")
                        / (v.get("h") * v.get("A"))
                        * Math.log((v.get("T₁") - v.get("T₀")) / (v.get("T₂") - v.get("T₀"))),
                "Newton’s law of cooling.",
                "Evenly warm, no draught, nothing cold that it lies on.")
            .by("time constant", "s", v -> v.get("m") * v.get("c") / (v.get("h") * v.get("A"))),
        List.of(
            mass(),
            Input.exact(
                "c", "heat of bearing steel", Material.RING.heat(), "J/(kg·K)", Origin.table("")),
            Input.of("h", "of still air", WATT, WATT_U95, "W/(m²·K)", Origin.assumed("no draught")),
            Input.exact("A", "surface", areaM2(), "m²", Origin.computed("from the envelope")),
            Input.exact("T₁", "warmed to", fromC, "°C", Origin.computed("above")),
            Input.exact(
                "T₂", "where it grips", toC, "°C", Origin.computed("without room to slide")),
            Input.exact("T₀", "room", roomC, "°C", Origin.entered("room"))));
  }

  private Input mass() {
    double kg = massKg();
    return massG.isPresent()
        ? Input.exact("m", "mass", kg, "kg", Origin.entered("weighed"))
        : Input.of(
            "m",
            "mass",
            kg,
            kg * FILLED_U95 / FILLED,
            "kg",
            Origin.estimated("60 % of the envelope is metal"));
  }
}
