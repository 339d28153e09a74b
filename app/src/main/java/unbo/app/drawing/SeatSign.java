package unbo.app.drawing;

import java.util.List;
import unbo.core.section.Shape;

/**
 * A fit drawn at its seat, not to scale: an overlap as a hatched band over the seat's line, a gap
 * as two lines apart. Both grow with their figure and stay between what can be seen and what does
 * not hide the ring.
 *
 * @param inner whether it is the ring's bore; else its outside
 * @param um interference, µm; negative is a gap
 */
public record SeatSign(boolean inner, double um) {

  private static final double UNITS_PER_UM = 0.25;
  private static final double LEAST = 4;
  private static final double MOST = 12;
  private static final double HATCH = 7;

  /** The path at a ring's shapes; empty for a ring that has none. */
  String at(List<Shape> shapes, Scale scale) {
    if (shapes.isEmpty()) {
      return "";
    }
    double r =
        inner
            ? shapes.stream().mapToDouble(Shape::leastR).min().orElseThrow()
            : shapes.stream().mapToDouble(Shape::mostR).max().orElseThrow();
    double from = scale.x(shapes.stream().mapToDouble(Shape::leastX).min().orElseThrow());
    double to = scale.x(shapes.stream().mapToDouble(Shape::mostX).max().orElseThrow());
    double half = Math.max(LEAST, Math.min(MOST, Math.abs(um) * UNITS_PER_UM)) / 2;
    double y = scale.y(r);
    String lines = level(from, to, y - half) + " " + level(from, to, y + half);
    return um > 0 ? lines + hatched(from, to, y, half) : lines;
  }

  private static String level(double from, double to, double y) {
    return Spot.line(new Spot(from, y), new Spot(to, y));
  }

  private static String hatched(double from, double to, double y, double half) {
    StringBuilder path = new StringBuilder();
    for (double x = from; x + 2 * half <= to; x += HATCH) {
      path.append(' ').append(Spot.line(new Spot(x, y + half), new Spot(x + 2 * half, y - half)));
    }
    return path.toString();
  }
}
