package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import unbo.core.contact.BallThrust;
import unbo.core.fit.Material;

/**
 * Two ball bearings with a spacer tube between their inner rings: S between the shoulders of the
 * outer rings, L the spacer's length. Free while |L − S| ≤ Gₐ; beyond, |L − S| − Gₐ in sum is taken
 * by both, half of it each ({@link BallThrust}). A short spacer pushes the outer rings against
 * their shoulders, at most with the clamp's force; a long one off them, at most with what the seats
 * hold. The clamp shortens the spacer by F·L/(E·A); two metals change L − S with heat.
 *
 * @param axialClearanceMm Gₐ of one bearing
 * @param clampedMm length of the spacer under its clamp
 * @param offMm L − S, clamped and warm; negative is short
 * @param slackMm left of the clearance, 0 when preloaded
 * @param preloadMm in sum, 0 when free
 * @param preloadN on each bearing
 * @param capped whether clamp or seat holds less than the preload would be
 * @param chance that a spacer of the tolerance preloads the pair; empty without one
 */
public record SpacerPair(
    double axialClearanceMm,
    double clampedMm,
    double offMm,
    double slackMm,
    double preloadMm,
    double preloadN,
    boolean capped,
    OptionalDouble chance,
    List<String> reasons) {

  /** Under this slack the pair is just free: a drift of heat or a chip takes it. */
  public static final double JUST_FREE_MM = 0.01;

  /** How the length of a spacer scatters within its tolerance. */
  public enum Distribution {
    UNIFORM,
    NORMAL
  }

  /**
   * What is asked.
   *
   * @param clampN 0 or more
   * @param sectionMm2 of the spacer; 0 where its squeeze is not reckoned
   * @param riseC of both, 0 for none
   * @param holdN of the outer rings' seats; empty where it is not known
   * @param toleranceMm of the spacer's length, plus and minus; empty for none
   */
  public record Question(
      double shoulderMm,
      double spacerMm,
      BallThrust bearing,
      double clampN,
      double sectionMm2,
      Material spacer,
      Material hub,
      double riseC,
      OptionalDouble holdN,
      OptionalDouble toleranceMm,
      Distribution distribution) {

    /**
     * @throws IllegalArgumentException for what is no pair
     */
    public Question {
      boolean can =
          shoulderMm > 0
              && spacerMm > 0
              && Math.abs(shoulderMm - spacerMm) < 5
              && clampN >= 0
              && sectionMm2 >= 0
              && toleranceMm.orElse(1) > 0;
      if (!can) {
        throw new IllegalArgumentException("Not a pair with its spacer");
      }
    }
  }

  /** Works a pair. */
  public static SpacerPair of(Question q) {
    double squeeze =
        q.sectionMm2 == 0 ? 0 : q.clampN * q.spacerMm / (q.spacer.modulusMpa() * q.sectionMm2);
    double clamped = q.spacerMm - squeeze;
    double heat = (q.spacer.expansion() - q.hub.expansion()) * q.shoulderMm * q.riseC;
    double off = clamped - q.shoulderMm + heat;
    double free = q.bearing.axialClearanceMm();
    double preload = Math.max(0, Math.abs(off) - free);
    double force = q.bearing.thrustN(preload / 2);
    double most =
        off < 0
            ? (q.clampN > 0 ? q.clampN : Double.POSITIVE_INFINITY)
            : q.holdN.orElse(Double.POSITIVE_INFINITY);
    return new SpacerPair(
        free,
        clamped,
        off,
        Math.max(0, free - Math.abs(off)),
        preload,
        Math.min(force, most),
        force > most,
        chance(q, off, free),
        reasons(q, off, preload, force > most));
  }

  /** Chance that the off length plus a spacer's own error leaves the clearance; closed form. */
  private static OptionalDouble chance(Question q, double off, double free) {
    if (q.toleranceMm.isEmpty()) {
      return OptionalDouble.empty();
    }
    double t = q.toleranceMm.getAsDouble();
    double inside =
        q.distribution == Distribution.UNIFORM
            ? (Math.min(t, free - off) - Math.max(-t, -free - off)) / (2 * t)
            : normal((free - off) / (t / 3)) - normal((-free - off) / (t / 3));
    return OptionalDouble.of(1 - Math.max(0, Math.min(1, inside)));
  }

  /** Normal distribution by its series, good far beyond what a tolerance is known to. */
  private static double normal(double z) {
    if (z < -8 || z > 8) {
      return z < 0 ? 0 : 1;
    }
    double sum = z;
    double term = z;
    for (int i = 3; Math.abs(term) > 1e-15; i += 2) {
      term *= z * z / i;
      sum += term;
    }
    return 0.5 + sum * Math.exp(-z * z / 2) / Math.sqrt(2 * Math.PI);
  }

  private static List<String> reasons(Question q, double off, double preload, boolean capped) {
    List<String> said = new ArrayList<>();
    said.add(
        off < 0
            ? "The spacer is shorter than the shoulders are apart by "
                + mm(-off)
                + ": it pulls the inner rings together."
            : "The spacer is longer than the shoulders are apart by "
                + mm(off)
                + ": it pushes the outer rings off their shoulders.");
    if (preload > 0) {
      said.add(
          off < 0
              ? "Full preload, at most the clamp’s force."
              : "At most what the seats of the outer rings hold.");
    }
    if (capped) {
      said.add(off < 0 ? "The clamp holds less than that." : "The seats hold less than that.");
    }
    if (q.sectionMm2 == 0 && q.clampN > 0) {
      said.add("The spacer’s section is not known: its squeeze under the clamp is not reckoned.");
    }
    return List.copyOf(said);
  }

  private static String mm(double value) {
    return String.format(Locale.ROOT, "%.3f mm", value);
  }

  /** {@code free}, {@code just-free} or {@code preloaded}. */
  public String verdict() {
    return preloadMm > 0 ? "preloaded" : slackMm < JUST_FREE_MM ? "just-free" : "free";
  }
}
