package unbo.core.rock;

import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** Clicks counted against the crank, worked. */
public final class ClickWorkings {

  private ClickWorkings() {}

  /** Clicks in a crank turn. */
  public static Working perTurn(double clicks, double turns) {
    return Working.of(
        Formula.of(
            "Clicks in a crank turn",
            "",
            "k = n / t",
            v -> v.get("n") / v.get("t"),
            "Counting: one click more or less at the ends (JCGM 100:2008, 4.3.7).",
            "Turns are counted whole; count over more turns to come nearer."),
        List.of(
            Input.of("n", "clicks", clicks, 1, "", Origin.measured("counted"))
                .or("count over four times as many turns", 0.25),
            Input.exact("t", "crank turns", turns, "", Origin.measured("counted"))));
  }

  /** Turns of the wheel in a crank turn. */
  public static Working wheelTurns(double chainring, double sprocket) {
    return Working.of(
        Formula.of(
            "Wheel turns in a crank turn",
            "",
            "i = z₁ / z₂",
            v -> v.get("z₁") / v.get("z₂"),
            "Chain drive: teeth over teeth.",
            "In the gear in which the clicks were counted."),
        List.of(
            Input.exact("z₁", "teeth of the chainring", chainring, "", Origin.measured("counted")),
            Input.exact("z₂", "teeth of the sprocket", sprocket, "", Origin.measured("counted"))));
  }
}
