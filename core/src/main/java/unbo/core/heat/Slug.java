package unbo.core.heat;

import java.util.List;
import unbo.core.fit.Material;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * A hot slug laid into a ring: both settle at one temperature, so the slug must have been at T +
 * m_r·c_r·(T − T₀)/(m_s·c_s). Source: conservation of heat. Limits: nothing is lost meanwhile,
 * which it is, so the ring is read with two probes and not trusted to the sum.
 */
public final class Slug {

  /** A slug this much lighter than its ring would have to glow. */
  public static final double MOST_C = 400;

  private Slug() {}

  /**
   * How hot it must be, °C.
   *
   * @param slugG its mass, over 0
   * @param ringG mass of the ring or bearing
   * @param goalC what the ring is to reach
   * @throws IllegalArgumentException for a slug or ring without mass
   */
  public static Working temperature(
      double slugG, Material slug, double ringG, double roomC, double goalC) {
    if (!(slugG > 0 && ringG > 0)) {
      throw new IllegalArgumentException("Not a slug and its ring");
    }
    return Working.of(
        Formula.of(
            "Temperature of the slug",
            "°C",
            "Tₛ = T + mᵣ·cᵣ·(T − T₀) / (mₛ·cₛ)",
            v ->
                v.get("T")
                    + v.get("mᵣ")
                        * v.get("cᵣ")
                        * (v.get("T") - v.get("T₀"))
                        / (v.get("mₛ") * v.get("cₛ")),
            "Conservation of heat.",
            "Nothing is lost on the way: read the ring, two probes within 10 °C."),
        List.of(
            Input.exact("T", "the ring is to reach", goalC, "°C", Origin.computed("above")),
            Input.exact("T₀", "room", roomC, "°C", Origin.entered("room")),
            Input.of(
                "mᵣ",
                "mass of the ring",
                ringG,
                ringG / 3,
                "g",
                Origin.estimated("60 % of the envelope is metal")),
            Input.exact(
                "cᵣ", "its heat", Material.RING.heat(), "J/(kg·K)", Origin.table("bearing steel")),
            Input.exact("mₛ", "mass of the slug", slugG, "g", Origin.entered("weighed")),
            Input.exact("cₛ", "its heat", slug.heat(), "J/(kg·K)", Origin.table(slug.title()))));
  }
}
