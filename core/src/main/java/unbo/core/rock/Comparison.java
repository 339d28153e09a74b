package unbo.core.rock;

import java.util.List;
import unbo.core.measure.Measured;
import unbo.core.measure.Window;
import unbo.core.working.Finer;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** One figure against another: a hub against its brother, a test now against before. */
public final class Comparison {

  /** A gain over nothing: better for certain when the whole interval lies in it. */
  public static final Window BETTER = new Window(0, Double.POSITIVE_INFINITY);

  /**
   * From this difference on a hub is warm against its brother, in kelvin: well over what two probes
   * differ by. General workshop practice, assumed.
   */
  public static final double WARM_K = 10;

  private Comparison() {}

  /** How much hotter this hub is than the one on the other side, in °C of difference. */
  public static Working heat(double here, double other, double probe, Origin origin) {
    return Working.of(
        Formula.of(
            "Difference of temperature",
            "°C",
            "ΔT = T₁ − T₂",
            v -> v.get("T₁") - v.get("T₂"),
            "JCGM 100:2008, 5.1.2: the uncertainties of two readings add by root-sum-square.",
            "Both read at the same place, after the same run; sun and brake warm one side too."),
        List.of(
            Input.of("T₁", "this hub", here, probe, "°C", origin),
            Input.of("T₂", "other side", other, probe, "°C", origin)));
  }

  /** How far two readings are apart, either way, in their unit. */
  public static Working apart(
      String title, Measured one, Measured other, String unit, Origin origin) {
    return Working.of(
        Formula.of(
            title,
            unit,
            "Δ = |a − b|",
            v -> Math.abs(v.get("a") - v.get("b")),
            "JCGM 100:2008, 5.1.2: the uncertainties of two readings add by root-sum-square.",
            "Both read in the same way, one after the other."),
        List.of(
            new Input("a", "here", one, unit, origin, List.of()),
            new Input("b", "beside it", other, unit, origin, List.of())));
  }

  /**
   * By how much a test became better, in its unit: before less now, or now less before.
   *
   * @param moreIsBetter whether more than before is better
   * @param finer what would make both readings better, if anything
   */
  public static Working gain(
      String title,
      boolean moreIsBetter,
      Measured before,
      Measured now,
      String unit,
      List<Finer> finer,
      Origin origin) {
    int sign = moreIsBetter ? -1 : 1;
    return Working.of(
        Formula.of(
            "Gain of “" + title + "”",
            unit,
            moreIsBetter ? "gain = now − before" : "gain = before − now",
            v -> sign * (v.get("before") - v.get("now")),
            "JCGM 100:2008, 5.1.2: independent readings add by root-sum-square.",
            "Better only when the gain is over its uncertainty. Of one reading alone the scatter is not known."),
        List.of(
            new Input("before", "before the work", before, unit, origin, List.of()),
            new Input("now", "now", now, unit, origin, finer)));
  }
}
