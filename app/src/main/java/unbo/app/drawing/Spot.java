package unbo.app.drawing;

import java.util.Arrays;
import java.util.stream.Collectors;

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

  /** One decimal at the most. By hand: a drawing has thousands of them, and a formatter is slow. */
  static String number(double value) {
    long tenths = Math.round(value * 10);
    if (tenths % 10 == 0) {
      return Long.toString(tenths / 10);
    }
    long whole = Math.abs(tenths);
    return (tenths < 0 ? "-" : "") + whole / 10 + "." + whole % 10;
  }

  /** The path of a line through places. */
  static String line(Spot... through) {
    return Arrays.stream(through).map(Spot::pair).collect(Collectors.joining(" L", "M", ""));
  }

  String pair() {
    return number(x) + " " + number(y);
  }
}
