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

  /** Slight preload: the running torque against the maker's limit. */
  public static SettingOutcome ofTorque(RunningTorque torque, double limitNm) {
    Verdict verdict = torque.within(limitNm);
    String figures =
        String.format(
            Locale.ROOT,
            "%.2f ± %.2f Nm (95 %%)",
            torque.newtonMetres().value(),
            torque.newtonMetres().uncertainty());
    String word =
        switch (verdict) {
          case YES -> "within the limit of ";
          case CANNOT_TELL -> "cannot tell against the limit of ";
          case NO -> "more than slight preload, over the limit of ";
        };
    return new SettingOutcome(
        verdict,
        String.format(Locale.ROOT, "Turning torque %s: %s%.2f Nm.", figures, word, limitNm),
        false);
  }

  /** Just free: a judgement, and said to be one. */
  public static SettingOutcome ofJudgement(ComingToRest rest) {
    return new SettingOutcome(
        rest == ComingToRest.FREE ? Verdict.YES : Verdict.NO,
        "Judged, not measured: the wheel " + rest.title() + ".",
        false);
  }
}
