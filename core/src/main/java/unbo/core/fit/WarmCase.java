package unbo.core.fit;

import java.util.Optional;

/**
 * The interference of an outer ring while its case warms: δ(T) = δ − (αₕ − αᵣ)·D·(T − T₀). Source:
 * linear expansion of solids. Limits: ring and case at one temperature; −40 to 200 °C.
 *
 * @param roomC where the interference was measured, °C
 * @param cold interference there, µm
 * @param lostUmPerC what a degree takes, µm/°C, over 0
 */
public record WarmCase(double roomC, Spread cold, double lostUmPerC) {

  /** Two standard deviations. */
  private static final double U95 = 2;

  /** Empty for a case that grows no more than its ring. */
  public static Optional<WarmCase> of(FitInput in) {
    double more = in.housing().material().expansion() - Material.RING.expansion();
    Spread cold = in.outside().minus(in.housing().size());
    return more <= 0
        ? Optional.empty()
        : Optional.of(new WarmCase(in.roomC(), cold, more * in.outerMm() * 1000));
  }

  /** Likely interference at a temperature, µm; negative is loose. */
  public double likelyUm(double celsius) {
    return cold.likely() - lostUmPerC * (celsius - roomC);
  }

  /** Half the width of its 95 % band, µm: that of the cold fit. */
  public double u95Um() {
    return U95 * cold.sigma();
  }

  /** Where the likely interference is gone, °C; the room's for a ring that is loose cold. */
  public double letsGoC() {
    return roomC + Math.max(0, cold.likely()) / lostUmPerC;
  }

  /** Where it may be gone first, °C (95 %). */
  public double earliestC() {
    return roomC + Math.max(0, cold.likely() - u95Um()) / lostUmPerC;
  }
}
