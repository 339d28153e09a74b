package unbo.core.setting;

import java.util.List;
import java.util.Locale;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What was set by feel, in millimetres: from the felt hole the nut is backed off a counted number
 * of holes until there is play to be dialled, and the thread's travel is taken away again. Negative
 * is preload. Source: geometry of the thread. Limits: thread without play of its own; the same hole
 * turned both ways.
 *
 * @param setting mm, with its doubt
 */
public record FeltSetting(Working setting) {

  /** Preload beyond this is past the cliff: 0.01 to 0.02 mm, of which the doubtful end rules. */
  public static final double CLIFF_MM = 0.01;

  /**
   * Works it.
   *
   * @param playMm dialled after backing off, over 0: without play there is nothing to dial
   * @param u95Mm its doubt
   * @param holes backed off, 1 to 100
   * @param pitchMm of the thread, over 0
   * @param positions per turn, 1 or more
   * @throws IllegalArgumentException for what was not backed off to play
   */
  public static FeltSetting of(
      double playMm, double u95Mm, int holes, double pitchMm, int positions) {
    boolean can =
        playMm > 0 && u95Mm >= 0 && holes >= 1 && holes <= 100 && pitchMm > 0 && positions >= 1;
    if (!can) {
      throw new IllegalArgumentException("Not backed off to play");
    }
    return new FeltSetting(
        Working.of(
            Formula.of(
                    "Set by feel at",
                    "mm",
                    "E = e − k·p/N",
                    v -> v.get("e") - v.get("k") * v.get("p") / v.get("N"),
                    "Geometry of a thread.",
                    "A thread without play of its own.")
                .by("travel of those holes", "mm", v -> v.get("k") * v.get("p") / v.get("N")),
            List.of(
                Input.of(
                    "e", "play dialled", playMm, u95Mm, "mm", Origin.measured("dial indicator")),
                Input.exact("k", "holes backed off", holes, "", Origin.entered("counted")),
                Input.exact("p", "pitch", pitchMm, "mm", Origin.entered("thread")),
                Input.exact("N", "positions per turn", positions, "", Origin.entered("nut")))));
  }

  /** From the cliff to the largest play that is allowed. */
  public static Window window(Window limits) {
    return new Window(-CLIFF_MM, limits.to());
  }

  /**
   * What it comes to.
   *
   * @param limits of the end play; feel may leave less, not more
   */
  public SettingOutcome outcome(Window limits) {
    Verdict verdict = window(limits).judge(setting.result());
    boolean over = setting.result().least() > limits.to();
    String figures =
        String.format(
                Locale.ROOT,
                "By feel it stands at %.2f ± %.2f mm (95 %%): ",
                setting.result().value(),
                setting.result().uncertainty())
            .replace("at -", "at −");
    return new SettingOutcome(verdict, figures + words(verdict, over, limits), over);
  }

  private static String words(Verdict verdict, boolean over, Window limits) {
    return switch (verdict) {
      case YES ->
          String.format(
              Locale.ROOT,
              "short of the cliff at 0.01 mm of preload, no more play than %.2f mm. Pin it there.",
              limits.to());
      case NO ->
          over
              ? String.format(Locale.ROOT, "more play than %.2f mm. Tighten.", limits.to())
              : "preload past the cliff at 0.01 to 0.02 mm. Loosen to the next hole and dial again.";
      case CANNOT_TELL ->
          "cannot tell whether it is past the cliff at 0.01 mm of preload or has too much play. A test indicator tells, or one hole looser.";
    };
  }
}
