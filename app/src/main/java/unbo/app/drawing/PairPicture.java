package unbo.app.drawing;

import java.util.List;
import java.util.Locale;
import unbo.core.section.InternalGeometry;
import unbo.core.setting.AngularPair;

/**
 * Two angular contact bearings side by side above their axis, with the lines of contact down to it,
 * to scale. Rings by their shoulders: the high one takes the thrust.
 *
 * @param rings path data
 * @param balls of both
 * @param lines of contact, path data
 * @param base of the pair on the axis, path data
 */
public record PairPicture(
    double width,
    double height,
    double axisY,
    List<String> rings,
    List<Ball> balls,
    List<String> lines,
    String base) {

  /** A ball. */
  public record Ball(double x, double y, double r) {}

  /** Room for the widest of the three, so that all are drawn to one scale. */
  private static final double WIDTH = 300;

  private static final double TOP = 8;
  private static final double UNDER = 16;

  /** High and low shoulders from the circle of the balls, as shares of a ball's radius. */
  private static final double HIGH = 0.3;

  private static final double LOW = 0.85;

  /** Groove against ball, radius. */
  private static final double GROOVE = 1.04;

  /**
   * Draws a pair.
   *
   * @param boreMm of one bearing
   * @param outerMm its outside
   * @param widthMm its width
   */
  public static PairPicture of(
      AngularPair pair,
      double boreMm,
      double outerMm,
      double widthMm,
      InternalGeometry inside,
      double angleDeg) {
    return new Maker(boreMm, outerMm, widthMm, inside, angleDeg).draw(pair);
  }

  /** Draws one. */
  private static final class Maker {
    private final double bore;
    private final double outer;
    private final double wide;
    private final double pitch;
    private final double ball;
    private final double arm;
    private final double unit;

    Maker(double bore, double outer, double wide, InternalGeometry inside, double angleDeg) {
      this.bore = bore;
      this.outer = outer;
      this.wide = wide;
      this.pitch = inside.pitchMm();
      this.ball = inside.elementMm() / 2;
      this.arm = pitch / 2 * Math.tan(Math.toRadians(angleDeg));
      double most = Math.max(2 * wide, wide + 2 * arm) + 6;
      this.unit = WIDTH / most;
    }

    PairPicture draw(AngularPair pair) {
      // Which way the high shoulder of either outer ring lies: −1 left, 1 right.
      int left = pair == AngularPair.DB ? 1 : -1;
      int right = pair == AngularPair.DF ? 1 : -1;
      double axis = TOP + outer / 2 * unit;
      List<String> rings =
          List.of(
              ring(-wide / 2, left, true, axis),
              ring(-wide / 2, left, false, axis),
              ring(wide / 2, right, true, axis),
              ring(wide / 2, right, false, axis));
      double from = -wide / 2 - left * arm;
      double to = wide / 2 - right * arm;
      return new PairPicture(
          WIDTH,
          axis + UNDER,
          axis,
          rings,
          List.of(ball(-wide / 2, axis), ball(wide / 2, axis)),
          List.of(line(-wide / 2, left, axis), line(wide / 2, right, axis)),
          "M" + at(from, 0, axis) + " L" + at(to, 0, axis));
    }

    private Ball ball(double x, double axis) {
      return new Ball(x(x), axis - pitch / 2 * unit, ball * unit);
    }

    /** From the outer raceway through the ball down to the axis. */
    private String line(double x, int high, double axis) {
      double slope = high * arm / (pitch / 2);
      return "M"
          + at(x + slope * ball, pitch / 2 + ball, axis)
          + " L"
          + at(x - high * arm, 0, axis);
    }

    private String ring(double x, int high, boolean outerRing, double axis) {
      double back = outerRing ? outer / 2 : bore / 2;
      int sign = outerRing ? 1 : -1;
      // The inner ring's high shoulder lies opposite to the outer's.
      boolean highLeft = outerRing == high < 0;
      double left = pitch / 2 + sign * ball * (highLeft ? HIGH : LOW);
      double right = pitch / 2 + sign * ball * (highLeft ? LOW : HIGH);
      double half = wide / 2 - 0.02 * wide;
      return "M"
          + at(x - half, back, axis)
          + " L"
          + at(x - half, left, axis)
          + " L"
          + at(x - across(left), left, axis)
          + " A"
          + round(ball * GROOVE * unit)
          + " "
          + round(ball * GROOVE * unit)
          + " 0 0 "
          + (outerRing ? 1 : 0)
          + " "
          + at(x + across(right), right, axis)
          + " L"
          + at(x + half, right, axis)
          + " L"
          + at(x + half, back, axis)
          + " Z";
    }

    private double across(double r) {
      double reach = ball * GROOVE;
      double off = r - pitch / 2;
      return Math.sqrt(Math.max(0, reach * reach - off * off));
    }

    private double x(double mm) {
      return round(WIDTH / 2 + mm * unit);
    }

    private String at(double mm, double r, double axis) {
      return x(mm) + " " + round(axis - r * unit);
    }

    private static double round(double v) {
      return Double.parseDouble(String.format(Locale.ROOT, "%.2f", v));
    }
  }
}
