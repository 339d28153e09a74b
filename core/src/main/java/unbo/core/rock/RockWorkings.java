package unbo.core.rock;

import java.util.List;
import unbo.core.arrangement.TaperPair;
import unbo.core.measure.Instrument;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.ReadingInputs;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * Rock at the rim, turned into tilt and into the end play of a taper pair that would give it.
 *
 * <p>A total rim movement m at radius R is a tilt θ = m/R. With effective centres a apart each row
 * moves θ·a/2 across the axis, and a row set with end play E lets E·tan α through, so E =
 * m·a/(2·R·tan α) (rigid rings and housings; rolling-bearing geometry, ISO 355 contact angle).
 * Limits: spindle and tyre give too, so the figure is an upper bound; a contact angle that is an
 * estimate carries its error straight through.
 *
 * @param rimMm total movement, one reading
 * @param gauge with what
 * @param radiusMm at which it was read
 * @param origin by whom and when
 */
public record RockWorkings(double rimMm, Instrument gauge, double radiusMm, Origin origin) {

  /**
   * Checks what was read.
   *
   * @throws IllegalArgumentException when the radius is not over zero
   */
  public RockWorkings {
    if (!(radiusMm > 0)) {
      throw new IllegalArgumentException("The radius must be over zero: " + radiusMm);
    }
  }

  /**
   * Uncertainty at 95 % of a radius read with a tape at the wheel: usual shop practice, assumed.
   */
  public static final double RADIUS_BY_TAPE_MM = 2;

  private static final String GEOMETRY = "Geometry of rigid bodies";

  /** Tilt in mrad. */
  public Working tilt() {
    return Working.of(
        Formula.of(
            "Tilt",
            "mrad",
            "θ = (m + δ) / R · 1000",
            v -> rim(v) / v.get("R") * 1000,
            GEOMETRY + ": small angles.",
            "Spindle and tyre flex too: an upper limit for the bearing."),
        List.of(moved(), error(), radius()));
  }

  /** The end play in mm of a taper pair that would rock as much. */
  public Working likeEndPlay(TaperPair pair) {
    return Working.of(
        Formula.of(
                "End play that would rock as much",
                "mm",
                "E = (m + δ) · a / (2 · R · tan α)",
                v -> rim(v) * v.get("a") / (2 * v.get("R") * Math.tan(Math.toRadians(v.get("α")))),
                GEOMETRY + "; contact angles of tapers as in ISO 355.",
                "An upper limit: spindle and tyre flex too. Rigid rings and seats.")
            .by("tilt", "mrad", v -> rim(v) / v.get("R") * 1000),
        List.of(moved(), error(), radius(), centres(pair), angle(pair)));
  }

  /** What a plain proportion would give, in mm. */
  public Working plainProportion(TaperPair pair) {
    return Working.of(
        Formula.of(
            "Simple proportion",
            "mm",
            "E = (m + δ) · a / R",
            v -> rim(v) * v.get("a") / v.get("R"),
            "A rule often used.",
            "It leaves the contact angle out and is wrong by 2·tan α."),
        List.of(moved(), error(), radius(), centres(pair)));
  }

  private static double rim(Values v) {
    return v.get("m") + v.get("δ");
  }

  private Input moved() {
    return Input.exact("m", "movement at the rim, one reading", rimMm, "mm", origin);
  }

  private Input error() {
    return ReadingInputs.error("δ", gauge, rimMm, "mm");
  }

  private Input radius() {
    return Input.of("R", "radius of the gauge", radiusMm, RADIUS_BY_TAPE_MM, "mm", origin)
        .or("measure the radius with a steel rule (± 0.5 mm)", 0.5);
  }

  private static Input centres(TaperPair pair) {
    return Input.of(
        "a",
        "distance of the effective centres",
        pair.effectiveCentresMm(),
        pair.centresUncertaintyMm(),
        "mm",
        Origin.estimated(
            pair.read() ? "from the numbers read and the section" : "with assumed bearings"));
  }

  private static Input angle(TaperPair pair) {
    return Input.of(
        "α",
        "mean contact angle",
        pair.meanContactAngleDeg(),
        pair.angleUncertaintyDeg(),
        "°",
        origin(pair));
  }

  private static Origin origin(TaperPair pair) {
    if (!pair.angleKnown()) {
      return Origin.assumed("not in our table: 14° is the middle of the light series");
    }
    return pair.read()
        ? Origin.table("contact angles of the numbers, recalled")
        : Origin.assumed("as in the section’s usual bearings: the numbers were not read");
  }
}
