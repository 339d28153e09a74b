package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.load.WheelLoad;
import unbo.core.setting.SettingDuty;
import unbo.core.setting.SettingLife;
import unbo.core.setting.SettingLife.Hub;
import unbo.core.setting.SettingLife.Point;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What both rows carry as entered, and with a rim further out, more load, a kerb: side by side.
 *
 * @param title what is different
 * @param oneN radial load that wears the first row as much
 * @param twoN the same of the second
 * @param one the first with its working
 * @param two the second with its
 * @param life against that as entered; null where the rows have no rating
 * @param oneWide bar of the first row, to one scale for all
 * @param twoWide bar of the second
 */
public record RowLoads(
    String title,
    double oneN,
    double twoN,
    Figure one,
    Figure two,
    Figure life,
    double oneWide,
    double twoWide) {

  /** The longest bar. */
  public static final double BAR = 150;

  private static final double FURTHER_MM = 20;
  private static final double MORE = 1.25;

  /** Side force of a kerb met hard, over the wheel's load: our own assumption. */
  private static final double KERB_G = 1;

  /**
   * A wheel as entered.
   *
   * @param at setting, mm
   */
  record Wheel(
      double newtons, double offsetMm, double radiusMm, double sideG, boolean outside, double at) {

    private WheelLoad with(double moreNewtons, double further, double side) {
      return WheelLoad.of(newtons * moreNewtons, 0, offsetMm + further, radiusMm, side, outside);
    }
  }

  /** The hub of a load: the panel knows its rows. */
  interface Hubs {
    Hub of(WheelLoad load);
  }

  static List<RowLoads> of(Wheel wheel, Hubs hubs, Workings workings) {
    List<String> titles =
        List.of(
            "as entered",
            String.format(Locale.ROOT, "rim %.0f mm further out", FURTHER_MM),
            "a quarter more load",
            "a kerb: a side force as great as the load");
    List<WheelLoad> loads =
        List.of(
            wheel.with(1, 0, wheel.sideG()),
            wheel.with(1, FURTHER_MM, wheel.sideG()),
            wheel.with(MORE, 0, wheel.sideG()),
            wheel.with(1, 0, KERB_G));
    List<Hub> all = loads.stream().map(hubs::of).toList();
    List<Point> points = all.stream().map(h -> SettingLife.at(h, wheel.at())).toList();
    double most =
        points.stream()
            .mapToDouble(p -> Math.max(p.equivalentOneN(), p.equivalentTwoN()))
            .max()
            .orElse(1);
    List<RowLoads> rows = new ArrayList<>();
    for (int i = 0; i < titles.size(); i++) {
      Row row = new Row(titles.get(i), all.get(i), wheel.at());
      Point p = points.get(i);
      rows.add(
          new RowLoads(
              titles.get(i),
              p.equivalentOneN(),
              p.equivalentTwoN(),
              newtons(row.load("first", Point::equivalentOneN), workings),
              newtons(row.load("second", Point::equivalentTwoN), workings),
              row.life(all.get(0)).map(w -> workings.figure(row.title, w, plain(w))).orElse(null),
              BAR * p.equivalentOneN() / most,
              BAR * p.equivalentTwoN() / most));
    }
    return List.copyOf(rows);
  }

  private static Figure newtons(Working w, Workings workings) {
    return workings.figure("", w, String.format(Locale.ROOT, "%,.0f N", w.result().value()));
  }

  private static String plain(Working w) {
    return String.format(Locale.ROOT, "%.2f", w.result().value());
  }

  /** One hub at one setting: what its doubt of the setting does is found by moving it. */
  private record Row(String title, Hub hub, double at) {

    /** The setting is known no better than by a dial: our own. */
    private static final double SETTING_U95_MM = 0.02;

    private static final double LOAD_SHARE = 0.1;

    Working load(String which, ToDoubleFunction<Point> of) {
      double entered = hub.radialN();
      double share = of.applyAsDouble(SettingLife.at(hub, at)) / entered;
      return Working.of(
          Formula.of(
              "Load that wears the " + which + " row as much, " + title,
              "N",
              "P = e·F",
              v -> v.get("e") * v.get("F"),
              "Equilibrium of both rows, contacts by Palmgren; equivalent load with half the ring carrying, ISO 281.",
              "Stiff rings; the inside of the rows estimated where nobody counted it."),
          List.of(
              Input.of(
                  "F",
                  "load of the wheel",
                  entered,
                  LOAD_SHARE * entered,
                  "N",
                  Origin.entered("mass on the wheel; ± a tenth, our own")),
              Input.of(
                  "e",
                  "share of this row by the equilibrium",
                  share,
                  moved(h -> of.applyAsDouble(SettingLife.at(hub, h)) / entered),
                  "",
                  Origin.computed("equilibrium; doubt of a setting known to 0.02 mm"))));
    }

    Optional<Working> life(Hub first) {
      OptionalDouble turns = SettingDuty.of(hub).millionTurns(at);
      OptionalDouble unit = SettingDuty.of(first).millionTurns(at);
      if (turns.isEmpty() || unit.isEmpty()) {
        return Optional.empty();
      }
      double ratio = turns.getAsDouble() / unit.getAsDouble();
      double doubt = hub.equals(first) ? 0 : moved(h -> ratio(first, h));
      return Optional.of(
          Working.of(
              Formula.of(
                  "Life against that as entered, " + title,
                  "",
                  "L/L₀ = q",
                  v -> v.get("q"),
                  "ISO 281: both from the same equilibrium, at the same setting.",
                  "For comparing; what is estimated inside the rows cancels."),
              List.of(
                  Input.of(
                      "q",
                      "turns against turns",
                      ratio,
                      doubt,
                      "",
                      Origin.computed("equilibrium; doubt of a setting known to 0.02 mm")))));
    }

    private double ratio(Hub first, double setting) {
      return SettingDuty.of(hub).millionTurns(setting).orElse(0)
          / SettingDuty.of(first).millionTurns(setting).orElse(1);
    }

    private double moved(DoubleUnaryOperator of) {
      double more = of.applyAsDouble(at + SETTING_U95_MM);
      double less = of.applyAsDouble(at - SETTING_U95_MM);
      return Math.abs(more - less) / 2;
    }
  }
}
