package unbo.core.rock;

import java.util.List;
import unbo.core.measure.Instrument;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.ReadingInputs;
import unbo.core.working.Working;

/**
 * One reading of an instrument: the value with the error of the gauge, and nothing of the scatter.
 */
public final class SingleReading {

  private SingleReading() {}

  public static Working of(
      String title, double value, Instrument instrument, String unit, Origin origin) {
    return Working.of(
        Formula.of(
            title,
            unit,
            "x = m + δ",
            v -> v.get("m") + v.get("δ"),
            "JCGM 100:2008: the error of the gauge alone.",
            "One reading: nothing is known of the scatter, so it looks better than it is."),
        List.of(
            Input.exact("m", "reading", value, unit, origin),
            ReadingInputs.error("δ", instrument, value, unit)));
  }
}
