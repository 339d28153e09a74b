package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import unbo.core.fit.Material;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Settling;
import unbo.core.working.Values;
import unbo.core.working.Working;

/**
 * End play of a shaft in a split case: both halves' depths and the gasket as it is crushed, less
 * the shaft over its shoulders and the shims; warm, by what case and shaft grow apart. Source: sum
 * of lengths; linear expansion. Limits: case and shaft each at one temperature; gasket crushed as
 * entered.
 *
 * @param cold mm
 * @param warm mm, at work
 */
public record ShaftFloat(Working cold, Working warm) {

  private static final double MOST_MM = 1000;

  /**
   * Lengths of a case and its shaft.
   *
   * @param halves both depths, joint to shoulder, together, mm
   * @param gasketMm thickness of the gasket, free; 0 for none
   * @param crushed share of it that the joint takes, 0 to under 1
   * @param shaft over its shoulders with the rings that go on, mm
   * @param shimsMm in there
   * @param caseRise warmer at work, °C
   * @param shaftRise of the shaft, °C
   */
  public record Lengths(
      Measured halves,
      double gasketMm,
      double crushed,
      Measured shaft,
      double shimsMm,
      Material caseOf,
      double caseRise,
      double shaftRise) {

    /**
     * @throws IllegalArgumentException for what is no shaft in its case
     */
    public Lengths {
      boolean can =
          halves.value() > 0
              && shaft.value() > 0
              && halves.value() <= MOST_MM
              && Math.abs(halves.value() - shaft.value()) <= 20
              && gasketMm >= 0
              && gasketMm <= 5
              && crushed >= 0
              && crushed < 1
              && shimsMm >= 0
              && shimsMm <= 20;
      if (!can) {
        throw new IllegalArgumentException("Not a shaft in its case");
      }
    }
  }

  /** Works both. */
  public static ShaftFloat of(Lengths l) {
    return new ShaftFloat(sum("End play, cold", l, false), sum("End play at work", l, true));
  }

  private static Working sum(String title, Lengths l, boolean warm) {
    List<Input> inputs = new ArrayList<>();
    inputs.add(length("H", "both halves, joint to shoulder", l.halves()));
    inputs.add(Input.exact("g", "gasket, free", l.gasketMm(), "mm", Origin.entered("measured")));
    inputs.add(
        Input.of(
            "c",
            "share crushed",
            l.crushed(),
            l.gasketMm() > 0 ? 0.1 : 0,
            "",
            Origin.entered("gasket, ± 0.1")));
    inputs.add(length("L", "shaft over its shoulders", l.shaft()));
    inputs.add(Input.exact("t", "shims", l.shimsMm(), "mm", Origin.entered("measured")));
    if (warm) {
      inputs.add(
          Input.exact(
              "αc",
              "expansion of the case",
              1e6 * l.caseOf().expansion(),
              "10⁻⁶/°C",
              Origin.table(l.caseOf().title())));
      inputs.add(
          Input.exact(
              "αs",
              "expansion of the shaft",
              1e6 * Material.STEEL.expansion(),
              "10⁻⁶/°C",
              Origin.table("steel")));
      inputs.add(
          Input.of("Tc", "case warmer by", l.caseRise(), 5, "°C", Origin.entered("at work")));
      inputs.add(
          Input.of("Ts", "shaft warmer by", l.shaftRise(), 5, "°C", Origin.entered("at work")));
    }
    Formula formula =
        Formula.of(
                title,
                "mm",
                "f = H + g·(1 − c) − L − t" + (warm ? " + αc·H·Tc − αs·L·Ts" : ""),
                v -> cold(v) + (warm ? grown(v) : 0),
                warm ? "Sum of lengths; linear expansion." : "Sum of lengths.",
                "Case joint clean, gasket crushed as entered.")
            .by("gasket as crushed", "mm", v -> v.get("g") * (1 - v.get("c")));
    return Working.of(formula, inputs);
  }

  private static double cold(Values v) {
    return v.get("H") + v.get("g") * (1 - v.get("c")) - v.get("L") - v.get("t");
  }

  private static double grown(Values v) {
    return 1e-6 * (v.get("αc") * v.get("H") * v.get("Tc") - v.get("αs") * v.get("L") * v.get("Ts"));
  }

  private static Input length(String symbol, String name, Measured mm) {
    return Input.of(
        symbol,
        name,
        mm.value(),
        mm.uncertainty(),
        "mm",
        Origin.measured("depth gauge or caliper"));
  }

  /** The shim that leaves the middle of wanted limits, mm; 0 where there is no room for one. */
  public double shimFor(Window wanted) {
    double shims =
        cold.inputs().stream()
            .filter(i -> i.symbol().equals("t"))
            .findFirst()
            .orElseThrow()
            .value()
            .value();
    return Math.max(0, shims + cold.result().value() - wanted.middle());
  }

  /** Whether it stays free cold and warm. */
  public Verdict free() {
    Window free = new Window(0, Double.POSITIVE_INFINITY);
    Verdict cold = Settling.of(this.cold, free).verdict();
    Verdict warm = Settling.of(this.warm, free).verdict();
    return cold == Verdict.NO || warm == Verdict.NO
        ? Verdict.NO
        : cold == Verdict.YES ? warm : cold;
  }

  /** What a drag before and after the nut says beside the sum, a sentence. */
  public String drag(double beforeNm, double afterNm) {
    double change = afterNm - beforeNm;
    boolean rose = change > 0.1 * Math.max(beforeNm, 0.05);
    boolean eased = change < -0.1 * Math.max(beforeNm, 0.05);
    boolean tight = free() == Verdict.NO;
    if (rose && tight) {
      return "Drag rose, as the sum says: it is squeezed.";
    }
    if (rose) {
      return "Drag rose though the sum leaves play: something else binds, a seal, a ring not home, a bent case. Look before it runs.";
    }
    if (tight) {
      return "The sum says squeezed and the drag "
          + (eased ? "eased" : "stayed")
          + ": measure the depths again.";
    }
    return eased
        ? "Drag eased, as it does when play is left."
        : "Drag stayed as it was, as it does when play is left.";
  }
}
