package unbo.core.section;

import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import java.util.function.ToDoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/**
 * A closed outline of a part, and how it is shown.
 *
 * @param outline corners in order, at least three
 * @param look how the surface inside is drawn
 */
public record Shape(List<Point> outline, Look look) {

  /** How a surface is drawn; each has a hatch of its own, so that colour is never needed. */
  public enum Look {
    CUT_RING,
    CUT_CASTING,
    CUT_SHEET,
    CUT_RUBBER,
    UNCUT,
    OUTSIDE,
    GREASE;

    /** The look of a template's word, such as {@code cut-ring}. */
    static Look of(String word) {
      return valueOf(word.toUpperCase(java.util.Locale.ROOT).replace('-', '_'));
    }
  }

  public Shape {
    outline = List.copyOf(outline);
    if (outline.size() < 3) {
      throw new IllegalArgumentException("An outline needs three corners");
    }
  }

  static Shape of(Look look, double... xr) {
    return new Shape(points(xr), look);
  }

  static List<Point> points(double... xr) {
    return IntStream.range(0, xr.length / 2)
        .mapToObj(i -> new Point(xr[2 * i], xr[2 * i + 1]))
        .toList();
  }

  static Shape rectangle(Look look, double x0, double x1, double r0, double r1) {
    return of(look, x0, r0, x1, r0, x1, r1, x0, r1);
  }

  static Shape circle(Look look, double x, double r, double radius) {
    int corners = 32;
    Point[] points = new Point[corners];
    for (int i = 0; i < corners; i++) {
      double angle = 2 * Math.PI * i / corners;
      points[i] = new Point(x + radius * Math.cos(angle), r + radius * Math.sin(angle));
    }
    return new Shape(Arrays.asList(points), look);
  }

  /** The shape with nothing of it under a radius; what reached further ends there. */
  public Shape cutBelow(double r) {
    return leastR() >= r
        ? this
        : new Shape(outline.stream().map(p -> p.r() < r ? new Point(p.x(), r) : p).toList(), look);
  }

  /** Twice the signed area; zero for an outline that has collapsed. */
  public double area() {
    double sum = 0;
    for (int i = 0; i < outline.size(); i++) {
      Point a = outline.get(i);
      Point b = outline.get((i + 1) % outline.size());
      sum += a.x() * b.r() - b.x() * a.r();
    }
    return Math.abs(sum) / 2;
  }

  public double leastX() {
    return furthest(Point::x, Math::min);
  }

  public double mostX() {
    return furthest(Point::x, Math::max);
  }

  public double leastR() {
    return furthest(Point::r, Math::min);
  }

  public double mostR() {
    return furthest(Point::r, Math::max);
  }

  /** A loop, since a drawing asks for this some thousand times. */
  private double furthest(ToDoubleFunction<Point> along, DoubleBinaryOperator further) {
    double best = along.applyAsDouble(outline.get(0));
    for (Point point : outline) {
      best = further.applyAsDouble(best, along.applyAsDouble(point));
    }
    return best;
  }

  /** Where along x the edges begin that run along the axis at a radius. */
  DoubleStream surfacesFrom(double radius) {
    return IntStream.range(0, outline.size())
        .filter(i -> lies(outline.get(i), radius) && lies(outline.get(next(i)), radius))
        .mapToDouble(i -> Math.min(outline.get(i).x(), outline.get(next(i)).x()));
  }

  /** The radii at which the outline is crossed at an x, upwards: in and out by turns. */
  double[] radiiAt(double x) {
    return IntStream.range(0, outline.size())
        .filter(i -> outline.get(i).x() > x != outline.get(next(i)).x() > x)
        .mapToDouble(i -> crossing(outline.get(i), outline.get(next(i)), x))
        .sorted()
        .toArray();
  }

  private static double crossing(Point one, Point other, double x) {
    return one.r() + (x - one.x()) / (other.x() - one.x()) * (other.r() - one.r());
  }

  private int next(int corner) {
    return (corner + 1) % outline.size();
  }

  private static boolean lies(Point corner, double radius) {
    return Math.abs(corner.r() - radius) < 1e-6;
  }
}
