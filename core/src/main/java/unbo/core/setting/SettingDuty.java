package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import unbo.core.setting.SettingLife.Hub;
import unbo.core.setting.SettingLife.Point;

/**
 * Life of a pair over what its wheel does: shares of the distance, each with its load. Lives add as
 * wear does, 1/L = Σ (share/L of that load) (Palmgren and Miner). Ratings of the rows from what is
 * inside them. For comparing, never a promise.
 *
 * @param cases with their shares; these are normed
 */
public record SettingDuty(List<Case> cases) {

  /** What the wheel does for a share of the distance, over 0. */
  public record Case(String title, double share, Hub hub) {}

  /**
   * @throws IllegalArgumentException without a case, or with a share of nothing
   */
  public SettingDuty {
    if (cases.isEmpty() || cases.stream().anyMatch(c -> !(c.share() > 0))) {
      throw new IllegalArgumentException("Nothing that the wheel does");
    }
    cases = List.copyOf(cases);
  }

  /** Of one load alone. */
  public static SettingDuty of(Hub hub) {
    return new SettingDuty(List.of(new Case("as entered", 1, hub)));
  }

  /** Million turns at a setting; empty where a row has no rating. */
  public OptionalDouble millionTurns(double settingMm) {
    List<Point> points = cases.stream().map(c -> SettingLife.at(c.hub(), settingMm)).toList();
    return together(points);
  }

  private OptionalDouble together(List<Point> points) {
    double all = cases.stream().mapToDouble(Case::share).sum();
    double worn = 0;
    for (int i = 0; i < points.size(); i++) {
      Hub hub = cases.get(i).hub();
      OptionalDouble one = hub.one().ratingN();
      OptionalDouble two = hub.two().ratingN();
      if (one.isEmpty() || two.isEmpty()) {
        return OptionalDouble.empty();
      }
      double turns =
          points.get(i).millionTurns(one.getAsDouble(), two.getAsDouble(), hub.one().isRoller());
      worn += cases.get(i).share() / all / turns;
    }
    return OptionalDouble.of(1 / worn);
  }

  /**
   * The curve over the whole duty: life against that at a setting of nothing, stiffness and load
   * zone of the first case.
   */
  public List<Point> curve(double fromMm, double toMm, int points) {
    List<List<Point>> each =
        cases.stream().map(c -> SettingLife.curve(c.hub(), fromMm, toMm, points)).toList();
    if (cases.size() == 1) {
      return each.get(0);
    }
    double unit = millionTurns(0).orElseThrow();
    List<Point> curve = new ArrayList<>();
    for (int i = 0; i < points; i++) {
      int at = i;
      double life = together(each.stream().map(c -> c.get(at)).toList()).orElseThrow();
      Point first = each.get(0).get(i);
      curve.add(
          new Point(
              first.settingMm(),
              life / unit,
              first.tiltNmPerMrad(),
              first.loadZone(),
              first.tiltMrad(),
              first.equivalentOneN(),
              first.equivalentTwoN()));
    }
    return curve;
  }
}
