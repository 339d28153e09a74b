package unbo.core.section;

import java.util.List;

/** Bars of a cage at both ends of an element, along the element's own axis. */
final class CageBars {

  private static final double LENGTH_SHARE = 0.12;
  private static final double HALF_HEIGHT_SHARE = 0.13;

  private CageBars() {}

  /** Two bars beside an element; none for an outline that is neither ball nor roller. */
  static List<Shape> beside(Shape element) {
    List<Point> p = element.outline();
    if (p.size() != 4) {
      return besideBall(element);
    }
    Point left = middle(p.get(0), p.get(3));
    Point right = middle(p.get(1), p.get(2));
    double height = distance(p.get(1), p.get(2));
    return List.of(bar(right, left, height), bar(left, right, height));
  }

  /** The same over and under a ball that washers take from left and right. */
  static List<Shape> aroundAxialBall(Shape ball) {
    double x = (ball.leastX() + ball.mostX()) / 2;
    Point inside = new Point(x, ball.leastR());
    Point outside = new Point(x, ball.mostR());
    double height = ball.mostX() - ball.leastX();
    return List.of(bar(outside, inside, height), bar(inside, outside, height));
  }

  private static List<Shape> besideBall(Shape ball) {
    double r = (ball.leastR() + ball.mostR()) / 2;
    Point left = new Point(ball.leastX(), r);
    Point right = new Point(ball.mostX(), r);
    double height = ball.mostX() - ball.leastX();
    return List.of(bar(right, left, height), bar(left, right, height));
  }

  /** A bar from one end outwards, away from the other end. */
  private static Shape bar(Point end, Point other, double height) {
    double length = distance(end, other);
    double ux = (end.x() - other.x()) / length;
    double ur = (end.r() - other.r()) / length;
    double out = LENGTH_SHARE * height;
    double half = HALF_HEIGHT_SHARE * height;
    return Shape.of(
        Shape.Look.CUT_SHEET,
        end.x() - ur * half,
        end.r() + ux * half,
        end.x() + ur * half,
        end.r() - ux * half,
        end.x() + ur * half + ux * out,
        end.r() - ux * half + ur * out,
        end.x() - ur * half + ux * out,
        end.r() + ux * half + ur * out);
  }

  private static Point middle(Point a, Point b) {
    return new Point((a.x() + b.x()) / 2, (a.r() + b.r()) / 2);
  }

  private static double distance(Point a, Point b) {
    return Math.hypot(a.x() - b.x(), a.r() - b.r());
  }
}
