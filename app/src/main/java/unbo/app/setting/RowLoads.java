package unbo.app.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.load.WheelLoad;
import unbo.core.setting.SettingDuty;
import unbo.core.setting.SettingLife;
import unbo.core.setting.SettingLife.Hub;
import unbo.core.setting.SettingLife.Point;

/**
 * What both rows carry as entered, and with a rim further out, more load, a kerb: side by side.
 *
 * @param title what is different
 * @param oneN radial load that wears the first row as much
 * @param twoN the same of the second
 * @param life against that as entered, in words
 * @param oneWide bar of the first row, to one scale for all
 * @param twoWide bar of the second
 */
public record RowLoads(
    String title, double oneN, double twoN, String life, double oneWide, double twoWide) {

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

  static List<RowLoads> of(Wheel wheel, Hubs hubs) {
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
    double unit = SettingDuty.of(all.get(0)).millionTurns(wheel.at()).orElse(0);
    List<RowLoads> rows = new ArrayList<>();
    for (int i = 0; i < titles.size(); i++) {
      double turns = SettingDuty.of(all.get(i)).millionTurns(wheel.at()).orElse(0);
      String life = unit == 0 ? "" : String.format(Locale.ROOT, "%.2f", turns / unit);
      Point p = points.get(i);
      rows.add(
          new RowLoads(
              titles.get(i),
              p.equivalentOneN(),
              p.equivalentTwoN(),
              life,
              BAR * p.equivalentOneN() / most,
              BAR * p.equivalentTwoN() / most));
    }
    return List.copyOf(rows);
  }

  /** Loads of both rows in words. */
  public String newtons() {
    return String.format(Locale.ROOT, "%,.0f and %,.0f N", oneN, twoN);
  }
}
