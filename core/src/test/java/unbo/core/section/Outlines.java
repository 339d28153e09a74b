package unbo.core.section;

import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.function.ToDoubleFunction;

/** Areas of outlines, for tests: the platform's own geometry stands beside ours. */
final class Outlines {

  private Outlines() {}

  static Area area(Shape shape) {
    Path2D path = new Path2D.Double();
    Point first = shape.outline().get(0);
    path.moveTo(first.x(), first.r());
    shape.outline().stream().skip(1).forEach(p -> path.lineTo(p.x(), p.r()));
    path.closePath();
    return new Area(path);
  }

  static boolean contains(Shape shape, Point point) {
    return area(shape).contains(point.x(), point.r());
  }

  /** The area that two outlines share, in square millimetres. */
  static double shared(Shape one, Shape other) {
    if (!meet(one, other, Point::x) || !meet(one, other, Point::r)) {
      return 0;
    }
    Area area = area(one);
    area.intersect(area(other));
    return size(area);
  }

  /** Whether their spans along one axis do: most pairs are far apart, which is quickly known. */
  private static boolean meet(Shape one, Shape other, ToDoubleFunction<Point> along) {
    return least(one, along) < most(other, along) && least(other, along) < most(one, along);
  }

  private static double least(Shape shape, ToDoubleFunction<Point> along) {
    double least = Double.POSITIVE_INFINITY;
    for (Point point : shape.outline()) {
      least = Math.min(least, along.applyAsDouble(point));
    }
    return least;
  }

  private static double most(Shape shape, ToDoubleFunction<Point> along) {
    return -least(shape, point -> -along.applyAsDouble(point));
  }

  private static double size(Area area) {
    double sum = 0;
    double[] c = new double[6];
    double x = 0;
    double y = 0;
    double startX = 0;
    double startY = 0;
    for (PathIterator i = area.getPathIterator(null); !i.isDone(); i.next()) {
      int type = i.currentSegment(c);
      if (type == PathIterator.SEG_MOVETO) {
        startX = c[0];
        startY = c[1];
      } else {
        double toX = type == PathIterator.SEG_CLOSE ? startX : c[0];
        double toY = type == PathIterator.SEG_CLOSE ? startY : c[1];
        sum += x * toY - toX * y;
        x = toX;
        y = toY;
        continue;
      }
      x = c[0];
      y = c[1];
    }
    return Math.abs(sum) / 2;
  }
}
