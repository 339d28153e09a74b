package unbo.app.drawing;

import java.util.Locale;

/**
 * A place in a drawing, y downwards.
 *
 * @param x to the right
 * @param y downwards
 */
public record Spot(double x, double y) {

  double distance(Spot other) {
    return Math.hypot(x - other.x, y - other.y);
  }

  /** Twice the signed area of the triangle a, b, c. */
  static double turn(Spot a, Spot b, Spot c) {
    return (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
  }

  /** Whether the open segments a–b and c–d cross. */
  static boolean cross(Spot a, Spot b, Spot c, Spot d) {
    return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
  }

  static String number(double value) {
    String text = String.format(Locale.ROOT, "%.1f", value);
    return text.endsWith(".0") ? text.substring(0, text.length() - 2) : text;
  }

  String pair() {
    return number(x) + " " + number(y);
  }
}
