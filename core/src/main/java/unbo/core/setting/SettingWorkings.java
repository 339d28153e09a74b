package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.ReadingInputs;
import unbo.core.working.Working;

/** How the figures of a setting came about: dialled play, step, play at a hole, turning torque. */
public final class SettingWorkings {

  private static final String READINGS = "JCGM 100:2008, 4.2 and G.3: U = √((t·s/√n)² + U_gauge²)";
  private static final Origin SCALE =
      Origin.table("usual for this kind of gauge; a calibration certificate replaces it");
  private static final String ONE =
      "One reading: nothing is known of the scatter, so the result looks better than it is. ";

  private SettingWorkings() {}

  /** A mean of readings, in their unit. */
  public static Working mean(String title, Readings readings, String unit, Origin origin) {
    return Working.of(
        Formula.of(
                title, unit, "E = m + δ", v -> v.get("m") + v.get("δ"), READINGS, limits(readings))
            .by("spread, greatest less least", unit, v -> readings.spread()),
        ReadingInputs.of("m", title.toLowerCase(java.util.Locale.ROOT), readings, unit, origin));
  }

  private static String limits(Readings readings) {
    return (readings.repeatabilityKnown() ? "" : ONE)
        + "A dial indicator shows play, never preload; scatter is taken as normal.";
  }

  /** Greatest less least of some readings. */
  public static Working spread(Readings readings, String unit, Origin origin) {
    double greatest = readings.least() + readings.spread();
    return Working.of(
        Formula.of(
            "Spread",
            unit,
            "greatest − least",
            v -> v.get("greatest") - v.get("least"),
            "Range of the readings.",
            "Grows with the number of readings; the scatter in the uncertainty is Student’s t."),
        List.of(
            Input.exact("greatest", "greatest reading", greatest, unit, origin),
            Input.exact("least", "least reading", readings.least(), unit, origin)));
  }

  /** Axial travel from one locking place to the next. */
  public static Working step(SpindleThread thread, NutLock lock, Origin origin) {
    return Working.of(stepFormula(), turn(thread, lock, origin));
  }

  private static Formula stepFormula() {
    return Formula.of(
        "Travel of one hole",
        "mm",
        "p = P / z",
        v -> v.get("P") / v.get("z"),
        "Thread geometry (ISO 68-1): one turn is one pitch.",
        "The thread’s own play is not in it.");
  }

  private static List<Input> turn(SpindleThread thread, NutLock lock, Origin origin) {
    String places =
        lock.isCastle()
            ? "places per turn: slots times pin holes where they do not coincide"
            : "places per turn of the retainer";
    return List.of(
        Input.exact("P", "pitch of " + thread.text(), thread.pitchMm(), "mm", origin),
        Input.exact("z", places, lock.positionsPerTurn(), "", origin));
  }

  /** The play predicted at a locking place. */
  public static Working atHole(
      Readings play, Origin readBy, SpindleThread thread, NutLock lock, Origin origin, int steps) {
    List<Input> inputs = new ArrayList<>(ReadingInputs.of("m", "end play", play, "mm", readBy));
    inputs.addAll(turn(thread, lock, origin));
    inputs.add(Input.exact("n", "holes tighter (+)", steps, "", Origin.entered("hole looked at")));
    return Working.of(
        Formula.of(
                "Play at the hole",
                "mm",
                "E = m + δ − n · P / z",
                v -> v.get("m") + v.get("δ") - v.get("n") * v.get("P") / v.get("z"),
                "Thread geometry (ISO 68-1) and " + READINGS,
                limits(play)
                    + " Spring of hub and thread is left out: only the play dialled at the pinned hole is the result.")
            .by("travel of one hole", "mm", v -> v.get("P") / v.get("z")),
        inputs);
  }

  /** The play expected at a locking place, from the play as it was found. */
  static Working expected(
      Measured play, SpindleThread thread, NutLock lock, Origin origin, int steps) {
    List<Input> inputs = new ArrayList<>();
    inputs.add(
        Input.of(
            "E₀",
            "end play as found",
            play.value(),
            play.uncertainty(),
            "mm",
            Origin.computed("mean of the readings")));
    inputs.addAll(turn(thread, lock, origin));
    inputs.add(
        Input.exact("n", "holes tighter (+)", steps, "", Origin.computed("the hole advised")));
    return Working.of(
        Formula.of(
            "Play expected",
            "mm",
            "E = E₀ − n · P / z",
            v -> v.get("E₀") - v.get("n") * v.get("P") / v.get("z"),
            "Thread geometry (ISO 68-1): one turn is one pitch.",
            "Spring of hub and thread is left out: only the play dialled at the pinned hole is the result."),
        inputs);
  }

  /**
   * A limit moved inwards by the uncertainty of a reading: beyond it a reading is clearly within.
   *
   * @param towards +1 for the lower limit, −1 for the upper
   */
  static Working clearOf(String which, double limit, double uncertainty, int towards) {
    return Working.of(
        Formula.of(
            which + " reading that is clearly within limits",
            "mm",
            towards > 0 ? "g = limit + U" : "g = limit − U",
            v -> v.get("limit") + towards * v.get("U"),
            "Guard band of one expanded uncertainty (JCGM 106, ISO 14253-1).",
            "Holds for readings as steady as the first ones."),
        List.of(
            Input.exact("limit", "limit of the end play", limit, "mm", Origin.entered("limits")),
            Input.exact(
                "U",
                "uncertainty of the first readings (95 %)",
                uncertainty,
                "mm",
                Origin.computed("spread of the readings and the gauge"))));
  }

  /** Turning torque from a spring scale. */
  public static Working torque(Measured forceN, double radiusMm, Origin origin) {
    return Working.of(
        Formula.of(
            "Turning torque",
            "Nm",
            "M = (F + δ) · r / 1000",
            v -> (v.get("F") + v.get("δ")) * v.get("r") / 1000,
            "Lever: force times radius.",
            "Read while it turns steadily, pulled square to the radius; the seal’s drag is in it."),
        List.of(
            Input.exact("F", "force on the scale", forceN.value(), "N", origin),
            scale(forceN),
            Input.exact("r", "radius of the pull", radiusMm, "mm", origin)));
  }

  /**
   * The turning torque from which on preload is shown: that of the pair loosened to clear play,
   * with both uncertainties on top, since both are read by the same scale.
   */
  public static Working preloadFrom(
      Measured loosenedN, Measured forceN, double radiusMm, Origin origin) {
    return Working.of(
        Formula.of(
            "Preload shows from",
            "Nm",
            "M₀ = (F₀ + U₀ + U) · r / 1000",
            v -> (v.get("F₀") + v.get("U₀") + v.get("U")) * v.get("r") / 1000,
            "Guard band of the expanded uncertainties (JCGM 106, ISO 14253-1).",
            "Same scale, same radius, seals on, loosened to clear play; below it the pair may as well have play."),
        List.of(
            Input.exact("F₀", "force on the scale, loosened", loosenedN.value(), "N", origin),
            Input.exact("U₀", "its uncertainty (95 %)", loosenedN.uncertainty(), "N", SCALE),
            Input.exact("U", "uncertainty of the force as set", forceN.uncertainty(), "N", SCALE),
            Input.exact("r", "radius of the pull", radiusMm, "mm", origin)));
  }

  private static Input scale(Measured force) {
    Instrument scale = Instrument.measuring("force").get(0);
    Input error = Input.of("δ", "error of the " + scale.name(), 0, force.uncertainty(), "N", SCALE);
    return error.or(
        "have the spring scale checked against a known mass, then use its own figure",
        force.uncertainty() / 4);
  }
}
