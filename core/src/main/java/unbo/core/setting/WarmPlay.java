package unbo.core.setting;

import java.util.List;
import unbo.core.fit.Material;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What heat does to the setting of a pair: back-to-back ΔE = (αᵢ·ΔTᵢ − αₒ·ΔTₒ)·(X − Σ R·cot α),
 * face-to-face ΔE = −(αᵢ·ΔTᵢ − αₒ·ΔTₒ)·(X + Σ R·cot α), with the rise of axle and cones (i) and of
 * hub and cups (o) since the setting. In a back-to-back hub the cups moving apart use up play,
 * while their growing diameter gives it. Source: linear expansion, geometry of the contact angle.
 * Limits: each side evenly warm, cups and cones of one material with what carries them.
 *
 * @param change of the play, mm; positive is more play
 * @param axialMm part by the distance
 * @param radialMm part by the diameters
 */
public record WarmPlay(Working change, double axialMm, double radialMm) {

  /**
   * Works it.
   *
   * @param spanMm X between the raceways' middles, over 0
   * @param radiiCotMm Σ R·cot α of both rows
   * @param innerRiseC of axle and cones
   * @param outerRiseC of hub and cups
   */
  public static WarmPlay of(
      double spanMm,
      double radiiCotMm,
      double innerRiseC,
      double outerRiseC,
      Material inner,
      Material outer,
      SettingLife.Mounting mounting) {
    if (!(spanMm > 0 && radiiCotMm >= 0)) {
      throw new IllegalArgumentException("Not a set pair");
    }
    boolean back = mounting == SettingLife.Mounting.BACK_TO_BACK;
    Working change =
        Working.of(
            Formula.of(
                    "Play changes by",
                    "mm",
                    back
                        ? "ΔE = (αᵢ·ΔTᵢ − αₒ·ΔTₒ)·(X − ΣR·cot α)"
                        : "ΔE = −(αᵢ·ΔTᵢ − αₒ·ΔTₒ)·(X + ΣR·cot α)",
                    v ->
                        axial(
                                v.get("αᵢ"),
                                v.get("ΔTᵢ"),
                                v.get("αₒ"),
                                v.get("ΔTₒ"),
                                v.get("X"),
                                back)
                            + radial(
                                v.get("αᵢ"),
                                v.get("ΔTᵢ"),
                                v.get("αₒ"),
                                v.get("ΔTₒ"),
                                v.get("ΣR·cot α")),
                    "Linear expansion of solids; geometry of the contact angle.",
                    "Each side evenly warm; cups and cones go with what carries them.")
                .by(
                    "along the axis",
                    "mm",
                    v ->
                        axial(
                            v.get("αᵢ"), v.get("ΔTᵢ"), v.get("αₒ"), v.get("ΔTₒ"), v.get("X"), back))
                .by(
                    "by the diameters",
                    "mm",
                    v ->
                        radial(
                            v.get("αᵢ"),
                            v.get("ΔTᵢ"),
                            v.get("αₒ"),
                            v.get("ΔTₒ"),
                            v.get("ΣR·cot α"))),
            List.of(
                expansion("αᵢ", "expansion of the axle", inner),
                expansion("αₒ", "expansion of the hub", outer),
                Input.of(
                    "ΔTᵢ", "axle warmer by", innerRiseC, 5, "°C", Origin.entered("since setting")),
                Input.of(
                    "ΔTₒ", "hub warmer by", outerRiseC, 5, "°C", Origin.entered("since setting")),
                Input.exact(
                    "X", "between the raceways’ middles", spanMm, "mm", Origin.computed("section")),
                Input.exact(
                    "ΣR·cot α",
                    "both rows",
                    radiiCotMm,
                    "mm",
                    Origin.computed("inside of the bearings"))));
    double ai = inner.expansion() * 1e6;
    double ao = outer.expansion() * 1e6;
    return new WarmPlay(
        change,
        axial(ai, innerRiseC, ao, outerRiseC, spanMm, back),
        radial(ai, innerRiseC, ao, outerRiseC, radiiCotMm));
  }

  private static double axial(double ai, double ti, double ao, double to, double x, boolean back) {
    return (back ? 1 : -1) * (ai * ti - ao * to) * 1e-6 * x;
  }

  private static double radial(double ai, double ti, double ao, double to, double radii) {
    return -(ai * ti - ao * to) * 1e-6 * radii;
  }

  private static Input expansion(String symbol, String name, Material material) {
    return Input.exact(
        symbol,
        name,
        material.expansion() * 1e6,
        "10⁻⁶/K",
        Origin.table("usual value, " + material.title()));
  }
}
