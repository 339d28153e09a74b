package unbo.core.fit;

import java.util.List;
import unbo.core.measure.Instrument;
import unbo.core.measure.Window;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Working;

/**
 * A ring that no shoulder stops: where it stood at Strip is where it goes back. Off = depth now
 * less depth then, from the same face; within its tolerance, out of it, or not to be told by the
 * gauge. Source: the difference of two depths; tolerance ± 0.1 mm where the maker names none, our
 * own assumption. Limits: both from one face, clean, at three places.
 *
 * @param off mm; positive is too deep
 * @param judged against the tolerance
 */
public record SeatDepth(Working off, Settling judged) {

  /** Where no maker names one: our own assumption. */
  public static final double USUAL_TOLERANCE_MM = 0.1;

  /**
   * Works it.
   *
   * @param thenMm depth at Strip, 0 to 500
   * @param nowMm the same after pressing
   * @param toleranceMm over 0
   * @throws IllegalArgumentException for what is no depth
   */
  public static SeatDepth of(double thenMm, double nowMm, double toleranceMm, Instrument gauge) {
    boolean can = isDepth(thenMm) && isDepth(nowMm) && toleranceMm > 0;
    if (!can) {
      throw new IllegalArgumentException("Not a depth of a ring");
    }
    Working off =
        Working.of(
            Formula.of(
                "Off its place",
                "mm",
                "e = t₁ − t₀",
                v -> v.get("t₁") - v.get("t₀"),
                "Difference of two depths.",
                "From one clean face; the mean of three places each."),
            List.of(
                depth("t₁", "depth now", nowMm, gauge),
                depth("t₀", "depth at Strip", thenMm, gauge)));
    return new SeatDepth(off, Settling.of(off, new Window(-toleranceMm, toleranceMm)));
  }

  private static boolean isDepth(double mm) {
    return mm >= 0 && mm <= 500;
  }

  private static Input depth(String symbol, String name, double mm, Instrument gauge) {
    Input input =
        Input.of(symbol, name, mm, gauge.uncertaintyAt(mm), "mm", Origin.measured(gauge.name()));
    for (Instrument finer : gauge.finer()) {
      input = input.or("measure the " + name + " with a " + finer.name(), finer.uncertaintyAt(mm));
    }
    return input;
  }
}
