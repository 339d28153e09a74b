package unbo.core.heat;

import java.util.List;
import java.util.OptionalDouble;
import unbo.core.tables.Table;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * How warm a seat must be for a ring to come off without force: T = T₀ + (δ + c)/(Δα·d), with the
 * interference δ, a little room c to slide, and the difference Δα of what warms the two. A light
 * alloy housing soaked with its steel ring grows by the difference of the two coefficients; a ring
 * heated fast on a cold shaft by its own.
 *
 * <p>Sources: linear expansion, 23.5·10⁻⁶/K for wrought and cast light alloys, 12·10⁻⁶/K for
 * bearing steel (usual values). Limits of the temperature: shop practice by construction. Limits of
 * the sum: both parts evenly warm; a steel housing soaked with its ring frees nothing.
 */
public final class LooseningHeat {

  /** Greatest temperature of a light alloy case and of an open bearing, °C. */
  public static final double LIMIT_C = 120;

  /** Over this a sealed or greased bearing is harmed, °C. */
  public static final double SEALED_LIMIT_C = 80;

  /** Greatest temperature of a bare ring, without cage and seal, °C. */
  public static final double BARE_RING_LIMIT_C = 150;

  private static final double ALLOY = 23.5e-6;
  private static final double STEEL = 12e-6;
  private static final double ROOM_C = 20;

  /** What is heated. */
  public enum Heated {
    /** A light alloy housing, soaked with the ring in it. */
    ALLOY_HOUSING("difference of light alloy and bearing steel", ALLOY - STEEL),
    /** A ring on a shaft, heated so fast that the shaft stays cold. */
    RING("bearing steel, the shaft still cold", STEEL);

    private final String what;
    private final double perKelvin;

    Heated(String what, double perKelvin) {
      this.what = what;
      this.perKelvin = perKelvin;
    }
  }

  private record Row(double over, double upTo, double housingUm, double shaftUm) {}

  private static final List<Row> ROWS =
      Table.read(
          LooseningHeat.class,
          "/unbo/core/heat/worst-fits.csv",
          row ->
              new Row(
                  row.number("over"),
                  row.number("upTo"),
                  row.number("housing"),
                  row.number("shaft")));

  private LooseningHeat() {}

  /** The greatest usual interference in mm; empty outside 6 to 250 mm. */
  public static OptionalDouble worstMm(boolean housing, double diameterMm) {
    return ROWS.stream()
        .filter(r -> diameterMm > r.over && diameterMm <= r.upTo)
        .mapToDouble(r -> (housing ? r.housingUm : r.shaftUm) / 1000)
        .findFirst();
  }

  /** Room to slide in mm that general practice asks for, by diameter. */
  public static double slidingRoomMm(double diameterMm) {
    return diameterMm <= 30 ? 0.010 : diameterMm <= 60 ? 0.015 : 0.020;
  }

  /**
   * The temperature in °C.
   *
   * @param interferenceMm over zero
   * @param origin where the interference comes from
   */
  public static Working temperature(
      Heated heated, double diameterMm, double interferenceMm, Origin origin) {
    return Working.of(
        Formula.of(
            "Temperature that frees it",
            "°C",
            "T = T₀ + (δ + c) / (Δα · d)",
            v -> v.get("T₀") + (v.get("δ") + v.get("c")) / (v.get("Δα") * 1e-6 * v.get("d")),
            "Linear expansion of solids.",
            "Both parts evenly warm; a seat of steel soaked with its ring frees nothing."),
        List.of(
            Input.exact("T₀", "room", ROOM_C, "°C", Origin.assumed("a warm shop")),
            Input.exact("δ", "interference", interferenceMm, "mm", origin),
            Input.exact(
                "c",
                "room to slide",
                slidingRoomMm(diameterMm),
                "mm",
                Origin.assumed("general practice")),
            Input.of(
                "Δα",
                heated.what,
                heated.perKelvin * 1e6,
                0.1 * heated.perKelvin * 1e6,
                "10⁻⁶/K",
                Origin.table("usual values of the metals")),
            Input.exact(
                "d", "diameter of the seat", diameterMm, "mm", Origin.computed("section"))));
  }
}
