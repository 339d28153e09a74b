package unbo.core.section;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.Stroke.Argument;
import unbo.core.arrangement.Stroke.Edge;
import unbo.core.arrangement.Stroke.Value;

/** Profiles of turned parts: from left to right, x and radius. */
final class Profile {

  private static final double TOOTH_SHARE = 0.05;

  private Profile() {}

  /** The numbers of a line, edges left out. */
  static double[] numbers(List<Argument> arguments, Assembly assembly) {
    return arguments.stream()
        .filter(Value.class::isInstance)
        .mapToDouble(a -> assembly.value(((Value) a).expression()))
        .toArray();
  }

  /** The points of a line; diameters become radii, edges their broken outline. */
  static List<Point> of(List<Argument> arguments, Assembly assembly) {
    List<Point> points = new ArrayList<>();
    for (int i = 0; i < arguments.size(); i++) {
      if (arguments.get(i) instanceof Edge edge) {
        points.addAll(edge(edge, assembly));
      } else {
        double x = assembly.value(((Value) arguments.get(i)).expression());
        double d = assembly.value(((Value) arguments.get(++i)).expression());
        points.add(new Point(x, d / 2));
      }
    }
    return points;
  }

  /** Outside and bore as one closed outline; without a bore it reaches the axis. */
  static List<Point> closed(List<Point> outside, List<Point> inside) {
    List<Point> all = new ArrayList<>(outside);
    if (inside.isEmpty()) {
      all.add(new Point(outside.get(outside.size() - 1).x(), 0));
      all.add(new Point(outside.get(0).x(), 0));
      return all;
    }
    List<Point> back = new ArrayList<>(inside);
    Collections.reverse(back);
    all.addAll(back);
    return all;
  }

  private static List<Point> edge(Edge edge, Assembly assembly) {
    double from = assembly.value(edge.from());
    double to = assembly.value(edge.to());
    double whole = assembly.value(edge.diameter()) / 2;
    double limit = assembly.value(edge.limit()) / 2;
    double end = Math.min(whole, limit);
    double tooth = whole > limit ? Math.min(2, TOOTH_SHARE * end) : 0;
    double step = (to - from) / 4;
    return List.of(
        new Point(from, end),
        new Point(from + step, end + tooth),
        new Point(from + 2 * step, end - tooth),
        new Point(from + 3 * step, end + tooth),
        new Point(to, end));
  }

  /** What of a profile lies between two places, turned into the lower half and closed. */
  static List<Point> mirrored(List<Point> profile, double from, double to) {
    List<Point> points = new ArrayList<>();
    points.add(new Point(from, 0));
    for (int i = 1; i < profile.size(); i++) {
      Point a = profile.get(i - 1);
      Point b = profile.get(i);
      if (b.x() >= from && a.x() <= to) {
        points.add(clipped(a, b, from, to).mirrored());
        points.add(clipped(b, a, from, to).mirrored());
      }
    }
    points.add(new Point(to, 0));
    return points;
  }

  /** The point a, moved along towards b until it lies between two places. */
  private static Point clipped(Point a, Point b, double from, double to) {
    double x = Math.max(from, Math.min(to, a.x()));
    double share = a.x() == b.x() ? 0 : (x - a.x()) / (b.x() - a.x());
    return new Point(x, a.r() + share * (b.r() - a.r()));
  }
}
