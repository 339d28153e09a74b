package unbo.core.tolerance;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** How the limits of a ring's size came about. */
public final class LimitWorkings {

  private LimitWorkings() {}

  /** The least size in mm. */
  public static Working least(String size, double nominalMm, Limits limits, String cls) {
    return limit("Least " + size, nominalMm, limits.lowerUm(), limits, cls);
  }

  /** The greatest size in mm. */
  public static Working most(String size, double nominalMm, Limits limits, String cls) {
    return limit("Greatest " + size, nominalMm, limits.upperUm(), limits, cls);
  }

  private static Working limit(
      String title, double nominal, double deviation, Limits limits, String cls) {
    return Working.of(
        Formula.of(
            title,
            "mm",
            "limit = nominal + Δ/1000",
            v -> v.get("nominal") + v.get("Δ") / 1000,
            limits.source() + ".",
            "Mean size of a single plane, ring alone and at 20 °C; a fitted ring measures otherwise."),
        List.of(
            Input.exact(
                "nominal", "nominal size", nominal, "mm", Origin.table("boundary dimensions")),
            Input.exact(
                "Δ", "deviation, class " + cls, deviation, "µm", Origin.table(limits.source()))));
  }
}
