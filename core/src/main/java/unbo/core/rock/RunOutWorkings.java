package unbo.core.rock;

import java.util.List;
import unbo.core.measure.RunOut;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * Run-out over one turn, worked.
 *
 * @param runOut the readings and their fit
 * @param origin by whom
 */
public record RunOutWorkings(RunOut runOut, Origin origin) {

  private static final String FOURIER =
      "Least squares at equal angles: the first terms of the discrete Fourier series";
  private static final String LEVERAGE =
      "Least squares: a fit of 5 constants takes the share 5/n of a point into itself (leverage)";
  private static final String LIMITS =
      "Readings at equal angles from the mark, in the sense of turning; independent errors.";

  /** Greatest less least reading, in mm. */
  public Working total() {
    return worked(
        "Total run-out (TIR)",
        "mm",
        "TIR = greatest − least",
        runOut.totalMm(),
        Math.sqrt(2),
        "Difference of two readings");
  }

  /** The once-per-turn swing, in mm. */
  public Working sine() {
    return worked(
        "Swing once per turn",
        "mm",
        "A₁ = 2/n · |Σ r·e^(−iφ)|",
        runOut.sineMm(),
        fitted(),
        FOURIER);
  }

  /** The twice-per-turn part, in mm. */
  public Working twice() {
    return worked(
        "Twice per turn", "mm", "A₂ = 2/n · |Σ r·e^(−2iφ)|", runOut.twiceMm(), fitted(), FOURIER);
  }

  /** The greatest remainder, in mm. */
  public Working remainder() {
    return worked(
        "Largest remainder",
        "mm",
        "greatest |r − mean − once − twice|",
        runOut.remainderMm(),
        Math.sqrt(runOut.leftShare()),
        FOURIER);
  }

  /** The height of a spike at one reading that would leave this remainder, in mm. */
  public Working spike() {
    return Working.of(
        Formula.of(
                "Spike behind the remainder",
                "mm",
                "s = (r + δ) / (1 − 5 / n)",
                v -> (v.get("r") + v.get("δ")) / leftShare(v),
                LEVERAGE,
                "One spike at one reading; several spread the remainder.")
            .by("share of a spike that the fit leaves", "", RunOutWorkings::leftShare),
        List.of(
            Input.exact("r", "largest remainder", runOut.remainderMm(), "mm", origin),
            Input.exact("n", "readings of the turn", count(), "", origin),
            Input.of(
                "δ",
                "error of the remainder",
                0,
                runOut.readingUncertaintyMm() * Math.sqrt(runOut.leftShare()),
                "mm",
                Origin.table("usual for this kind of gauge"))));
  }

  /** The least spike that this many readings show, in mm. */
  public Working leastSpike() {
    return Working.of(
        Formula.of(
            "Smallest spike that can be seen",
            "mm",
            "s₀ = 2 · U / √(1 − 5 / n)",
            v -> 2 * v.get("U") / Math.sqrt(leftShare(v)),
            LEVERAGE,
            "Four standard deviations of the dial indicator’s own noise."),
        List.of(
            Input.exact(
                "U",
                "uncertainty of one reading",
                runOut.readingUncertaintyMm(),
                "mm",
                Origin.table("usual for this kind of gauge")),
            Input.exact("n", "readings of the turn", count(), "", origin)));
  }

  private static double leftShare(Values v) {
    return 1 - 5 / v.get("n");
  }

  /** Where the high spot of the swing lies, in degrees from the mark. */
  public Working highSpot() {
    double doubt =
        runOut.sineMm() > 0
            ? Math.min(180, Math.toDegrees(runOut.sine().uncertainty() / runOut.sineMm()))
            : 180;
    return angle("High spot", "φ = angle of Σ r·e^(−iφ)", runOut.highSpotDeg(), doubt);
  }

  /** Where the largest remainder lies, in degrees from the mark. */
  public Working remainderAt() {
    double half = 180.0 / runOut.readingsMm().size();
    return angle("Place of the remainder", "the reading it is at", runOut.spikeDeg(), half);
  }

  private double fitted() {
    return Math.sqrt(2.0 / runOut.readingsMm().size());
  }

  private Working worked(
      String title, String unit, String signs, double value, double times, String source) {
    return Working.of(
        Formula.of(title, unit, signs, v -> v.get("r") + v.get("c") * v.get("δ"), source, LIMITS),
        List.of(
            Input.exact("r", "from " + count() + " readings", value, unit, origin),
            Input.exact("c", "times the error of one reading", times, "", Origin.computed(source)),
            Input.of(
                "δ",
                "error of one reading",
                0,
                runOut.readingUncertaintyMm(),
                unit,
                Origin.table("usual for this kind of gauge"))));
  }

  private Working angle(String title, String signs, double value, double doubt) {
    return Working.of(
        Formula.of(title, "°", signs, v -> v.get("φ"), FOURIER, LIMITS),
        List.of(Input.of("φ", "from " + count() + " readings", value, doubt, "°", origin)));
  }

  private int count() {
    return runOut.readingsMm().size();
  }
}
