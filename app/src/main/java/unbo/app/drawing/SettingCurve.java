package unbo.app.drawing;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import unbo.core.measure.Window;
import unbo.core.setting.SettingLife.Point;

/**
 * Life and tilt stiffness of a pair against its setting, one picture for both methods: play to the
 * right, preload to the left of the line at nothing.
 *
 * @param life as path data
 * @param stiffness as path data, to a scale of its own
 * @param zeroX where the setting is nothing
 * @param window its edges; empty where none is known
 * @param measured from, value and to of the measured setting; empty where none is
 * @param hotX where the setting goes when it is warm; null where no heat was entered
 * @param marks of the scales
 */
public record SettingCurve(
    String life,
    String stiffness,
    double zeroX,
    List<Double> window,
    List<Double> measured,
    Double hotX,
    List<Mark> marks) {

  public static final double WIDTH = 340;
  public static final double HEIGHT = 170;
  private static final double LEFT = 34;
  private static final double RIGHT = 44;
  private static final double TOP = 10;
  private static final double BOTTOM = 22;

  /** A mark with its text. */
  public record Mark(double x, double y, String anchor, String text) {}

  /**
   * Draws it.
   *
   * @param window of the setting, mm; null where none is known
   * @param measured from, value and to, mm; empty where none is
   * @param cold setting before it warms, mm
   * @param warmer what heat adds to it, mm; empty where no heat was entered
   */
  public static SettingCurve of(
      List<Point> curve, Window window, List<Double> measured, double cold, OptionalDouble warmer) {
    return new Maker(curve).make(window, measured, cold, warmer);
  }

  private static final class Maker {
    private final List<Point> curve;
    private final double from;
    private final double to;
    private final double mostLife;
    private final double mostStiff;

    Maker(List<Point> curve) {
      this.curve = curve;
      this.from = curve.get(0).settingMm();
      this.to = curve.get(curve.size() - 1).settingMm();
      this.mostLife = curve.stream().mapToDouble(Point::relativeLife).max().orElse(1);
      this.mostStiff = curve.stream().mapToDouble(Point::tiltNmPerMrad).max().orElse(1);
    }

    SettingCurve make(Window window, List<Double> measured, double cold, OptionalDouble warmer) {
      List<Mark> marks = new java.util.ArrayList<>();
      Double hot = null;
      if (warmer.isPresent()) {
        hot = x(clip(cold + warmer.getAsDouble()));
        double coldX = x(clip(cold));
        boolean right = hot >= coldX;
        marks.add(new Mark(hot, TOP - 1, right ? "start" : "end", "hot"));
        marks.add(new Mark(coldX, TOP - 1, right ? "end" : "start", "cold"));
      }
      for (double mm = from; mm <= to + 1e-9; mm += 0.1) {
        marks.add(
            new Mark(
                x(mm),
                HEIGHT - 6,
                "middle",
                String.format(Locale.ROOT, "%.1f", Math.abs(mm) < 1e-9 ? 0.0 : mm)
                    .replace('-', '−')));
      }
      marks.add(new Mark(LEFT - 4, y(1, mostLife) + 4, "end", "1"));
      marks.add(new Mark(LEFT - 4, y(0, mostLife) + 4, "end", "0"));
      marks.add(
          new Mark(
              WIDTH - RIGHT + 4, TOP + 4, "start", String.format(Locale.ROOT, "%.0f", mostStiff)));
      return new SettingCurve(
          line(p -> y(p.relativeLife(), mostLife)),
          line(p -> y(p.tiltNmPerMrad(), mostStiff)),
          x(0),
          window == null ? List.of() : List.of(x(clip(window.from())), x(clip(window.to()))),
          measured.stream().map(mm -> x(clip(mm))).toList(),
          hot,
          marks);
    }

    private double clip(double mm) {
      return Math.max(from, Math.min(to, mm));
    }

    private String line(java.util.function.ToDoubleFunction<Point> height) {
      return curve.stream()
          .map(p -> new Spot(x(p.settingMm()), height.applyAsDouble(p)).pair())
          .collect(Collectors.joining(" L", "M", ""));
    }

    private double x(double mm) {
      return LEFT + (WIDTH - LEFT - RIGHT) * (mm - from) / (to - from);
    }

    private double y(double value, double most) {
      return HEIGHT - BOTTOM - (HEIGHT - TOP - BOTTOM) * value / Math.max(1e-9, most);
    }
  }
}
