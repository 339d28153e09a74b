package unbo.core.setting;

import java.util.Locale;
import java.util.Optional;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;

/**
 * What a setting came to in its school.
 *
 * @param inWindow whether it is as wanted
 * @param text the result in a sentence, with its uncertainty
 * @param overLimit whether the play is over its limit for certain, which keeps a vehicle off the
 *     road
 */
public record SettingOutcome(Verdict inWindow, String text, boolean overLimit) {

  /** Fewer dialled readings than this are no result. */
  public static final int LEAST_READINGS = 3;

  /** How a spinning wheel came to rest, in the school that goes by it. */
  public enum ComingToRest {
    FREE("runs on, swings back at the heavy side, stops by itself"),
    LOOSE("runs on, but a clear rock is felt at the rim"),
    DRAGS("stops evenly, as if held"),
    ROUGH("stops with grit, a notch or a rub");

    private final String title;

    ComingToRest(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  /**
   * Two ways of telling of one setting: what one refuses or leaves open, the other does not mend.
   */
  public SettingOutcome and(SettingOutcome other) {
    Verdict both =
        inWindow == Verdict.NO || other.inWindow == Verdict.NO
            ? Verdict.NO
            : inWindow == Verdict.YES ? other.inWindow : inWindow;
    return new SettingOutcome(both, text + " " + other.text, overLimit || other.overLimit);
  }

  /** End play dialled at the pinned hole; empty below three readings. */
  public static Optional<SettingOutcome> ofEndPlay(Readings pinned, Window window) {
    if (pinned.count() < LEAST_READINGS) {
      return Optional.empty();
    }
    Measured play = pinned.result();
    String figures =
        String.format(Locale.ROOT, "%.3f ± %.3f mm (95 %%)", play.value(), play.uncertainty());
    if (!play.isSurelyPositive()) {
      return Optional.of(
          new SettingOutcome(
              Verdict.NO,
              "End play " + figures + ": cannot tell, this could be preload. Loosen the nut.",
              false));
    }
    Verdict verdict = window.judge(play);
    boolean over = play.least() > window.to();
    String word =
        switch (verdict) {
          case YES -> "within limits,";
          case CANNOT_TELL -> "cannot tell whether within limits,";
          case NO -> over ? "out of limits, over" : "out of limits, under";
        };
    String text =
        String.format(
            Locale.ROOT,
            "End play %s: %s %.2f to %.2f mm.",
            figures,
            word,
            window.from(),
            window.to());
    return Optional.of(new SettingOutcome(verdict, text, over));
  }

  /**
   * Slight preload: the running torque between that of the loosened pair and the maker's limit. A
   * pair that drags no more than with clear play shows no preload.
   *
   * @param loosened torque of the same pair, loosened to clear play, by the same scale at the same
   *     radius with the seals on; empty when nobody has measured it
   * @param limitNm the vehicle maker's limit in Nm
   */
  public static SettingOutcome ofTorque(
      RunningTorque torque, Optional<RunningTorque> loosened, double limitNm) {
    Verdict under = torque.within(limitNm);
    String figures = torque.text();
    if (under != Verdict.YES) {
      String word =
          under == Verdict.NO
              ? "more than slight preload, over the limit of "
              : "cannot tell against the limit of ";
      return new SettingOutcome(
          under, figures + String.format(Locale.ROOT, ": %s%.2f Nm.", word, limitNm), false);
    }
    return loosened
        .map(l -> over(torque, l, figures, limitNm))
        .orElseGet(
            () ->
                new SettingOutcome(
                    Verdict.CANNOT_TELL,
                    figures
                        + String.format(
                            Locale.ROOT,
                            ": under the limit of %.2f Nm, but cannot tell whether there is preload. Loosen to clear play and measure again in the same way.",
                            limitNm),
                    false));
  }

  private static SettingOutcome over(
      RunningTorque torque, RunningTorque loosened, String figures, double limitNm) {
    Verdict more = torque.over(loosened);
    String word =
        switch (more) {
          case YES -> "clearly over the loosened pair’s " + newtonMetres(loosened.newtonMetres());
          case CANNOT_TELL ->
              "cannot tell from the loosened pair’s " + newtonMetres(loosened.newtonMetres());
          case NO -> "less than the loosened pair’s " + newtonMetres(loosened.newtonMetres());
        };
    String limit =
        more == Verdict.YES
            ? String.format(Locale.ROOT, ", within the limit of %.2f Nm.", limitNm)
            : ": no preload is shown.";
    return new SettingOutcome(more, figures + ": " + word + limit, false);
  }

  private static String newtonMetres(Measured torque) {
    return String.format(
        Locale.ROOT, "%.2f ± %.2f Nm (95 %%)", torque.value(), torque.uncertainty());
  }

  /**
   * Just free: a judgement, and said to be one. Where the drag was measured, it must not be clearly
   * over that of the loosened pair: that would be preload.
   *
   * @param torque running torque as set, empty when only judged
   * @param loosened that of the pair loosened to clear play
   */
  public static SettingOutcome ofJudgement(
      ComingToRest rest, Optional<RunningTorque> torque, Optional<RunningTorque> loosened) {
    boolean preload =
        torque.isPresent()
            && loosened.isPresent()
            && torque.get().over(loosened.get()) == Verdict.YES;
    String judged = "Judged, not measured: the wheel " + rest.title() + ".";
    if (preload) {
      return new SettingOutcome(
          Verdict.NO,
          judged + " It drags clearly more than the loosened pair: that is preload, not just free.",
          false);
    }
    return new SettingOutcome(rest == ComingToRest.FREE ? Verdict.YES : Verdict.NO, judged, false);
  }
}
