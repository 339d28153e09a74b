package unbo.core.setting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * A spacer tube between two ball bearings under its clamp and warm: F·L/(E·A) shorter, and longer
 * or shorter than its hub by what the two metals grow apart. Source: Hooke; linear expansion.
 * Limits: one section over the whole tube; hub and spacer at one temperature.
 *
 * @param off length less distance, clamped and warm, mm; negative is short
 * @param bearing whose clearance takes it up
 */
public record ClampedSpacer(Working off, BallThrust bearing) {

  /**
   * What is asked of it.
   *
   * @param clampN 0 or more
   * @param outsideMm of the tube, over its bore
   * @param boreMm 0 or more
   * @param riseC of both since they were measured; 0 for none
   */
  public record Clamp(
      double clampN, double outsideMm, double boreMm, Material spacer, Material hub, double riseC) {

    /**
     * @throws IllegalArgumentException for what is no tube
     */
    public Clamp {
      boolean can = clampN >= 0 && boreMm >= 0 && outsideMm > boreMm && Math.abs(riseC) <= 200;
      if (!can) {
        throw new IllegalArgumentException("Not a tube under a clamp");
      }
    }
  }

  /**
   * Works it.
   *
   * @param length of the spacer, symbol L, mm
   * @param distance between the shoulders, symbol S, mm
   */
  public static ClampedSpacer of(Input length, Input distance, Clamp clamp, BallThrust bearing) {
    Formula formula =
        Formula.of(
                "Spacer less distance, clamped and warm",
                "mm",
                "e = L − F·L/(E·A) − S + (αₛ − αₕ)·S·ΔT",
                v -> v.get("L") - squeeze(v) - v.get("S") + heat(v),
                "Hooke; linear expansion.",
                "One section over the whole tube; hub and spacer at one temperature.")
            .by("squeezed by the clamp", "mm", ClampedSpacer::squeeze)
            .by("by heat", "mm", ClampedSpacer::heat);
    return new ClampedSpacer(
        Working.of(
            formula,
            List.of(
                length,
                distance,
                Input.of(
                    "F",
                    "clamping force",
                    clamp.clampN(),
                    0.3 * clamp.clampN(),
                    "N",
                    Origin.entered("by its torque, ± 30 %")),
                Input.exact(
                    "E",
                    "modulus of the spacer",
                    clamp.spacer().modulusMpa(),
                    "MPa",
                    Origin.table(clamp.spacer().title())),
                Input.exact(
                    "D",
                    "outside of the spacer",
                    clamp.outsideMm(),
                    "mm",
                    Origin.entered("measured")),
                Input.exact(
                    "d", "bore of the spacer", clamp.boreMm(), "mm", Origin.entered("measured")),
                Input.exact(
                    "αₛ",
                    "expansion of the spacer",
                    1e6 * clamp.spacer().expansion(),
                    "10⁻⁶/°C",
                    Origin.table(clamp.spacer().title())),
                Input.exact(
                    "αₕ",
                    "expansion of the hub",
                    1e6 * clamp.hub().expansion(),
                    "10⁻⁶/°C",
                    Origin.table(clamp.hub().title())),
                Input.exact("ΔT", "warmer by", clamp.riseC(), "°C", Origin.entered("at work")))),
        bearing);
  }

  private static double squeeze(Values v) {
    double section = Math.PI / 4 * (v.get("D") * v.get("D") - v.get("d") * v.get("d"));
    return v.get("F") * v.get("L") / (v.get("E") * section);
  }

  private static double heat(Values v) {
    return 1e-6 * (v.get("αₛ") - v.get("αₕ")) * v.get("S") * v.get("ΔT");
  }

  /** Slack left along the axis, mm; negative is preload taken by both bearings. */
  public double slackMm() {
    return bearing.axialClearanceMm() - Math.abs(off.result().value());
  }

  /** Preload on each bearing, N; 0 while slack is left. */
  public double preloadN() {
    return bearing.thrustN(Math.max(0, -slackMm()) / 2);
  }

  /**
   * Chance that a spacer of a length somewhere within its tolerance preloads the pair; closed form
   * of an even spread.
   *
   * @param toleranceMm plus and minus, over 0
   */
  public Working chance(double toleranceMm) {
    if (!(toleranceMm > 0)) {
      throw new IllegalArgumentException("No tolerance");
    }
    return Working.of(
        Formula.of(
            "Chance of preload",
            "%",
            "P = 100·(1 − part of ± T about e that lies within ± Gₐ)",
            v -> {
              double t = v.get("T");
              double from = Math.max(v.get("e") - t, -v.get("Gₐ"));
              double to = Math.min(v.get("e") + t, v.get("Gₐ"));
              return 100 * (1 - Math.max(0, to - from) / (2 * t));
            },
            "Even spread over the tolerance.",
            "Lengths within the tolerance are as likely as each other."),
        List.of(
            Input.exact(
                "e", "off, clamped and warm", off.result().value(), "mm", Origin.computed("above")),
            Input.exact(
                "Gₐ",
                "axial clearance of one bearing",
                bearing.axialClearanceMm(),
                "mm",
                Origin.computed("from the radial clearance")),
            Input.exact(
                "T",
                "tolerance of the length",
                toleranceMm,
                "mm",
                Origin.entered("plus and minus"))));
  }

  /** The length of a stock that leaves the pair the freest; empty when none leaves it free. */
  public Optional<Double> take(List<Double> stock, double lengthMm) {
    double gone = off.result().value() - lengthMm;
    return stock.stream()
        .filter(l -> Math.abs(l + gone) < bearing.axialClearanceMm())
        .min(Comparator.comparingDouble(l -> Math.abs(l + gone)));
  }
}
