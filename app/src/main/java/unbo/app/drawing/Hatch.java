package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import unbo.core.section.Shape;

/**
 * Hatch lines of a cut surface, clipped to its outline: rings fine, castings wide the other way,
 * rubber crossed (after ISO 128-3). Real lines instead of a pattern, so that paper and screen show
 * the same.
 */
final class Hatch {

  private static final double FINE = 5;
  private static final double WIDE = 9;
  private static final double DOTS = 6;

  private Hatch() {}

  /** The lines as path data; empty where the look has none. */
  static String of(Shape shape, Scale scale) {
    List<Spot> outline = shape.outline().stream().map(scale::at).toList();
    return switch (shape.look()) {
      case CUT_RING -> lines(outline, FINE, 1);
      case CUT_CASTING -> lines(outline, WIDE, -1);
      case CUT_RUBBER -> lines(outline, FINE, 1) + lines(outline, FINE, -1);
      case GREASE -> dots(outline);
      default -> "";
    };
  }

  /** Dots in rows set off against each other, as grease is drawn; each a line of no length. */
  private static String dots(List<Spot> outline) {
    double least = outline.stream().mapToDouble(Spot::y).min().orElse(0);
    double most = outline.stream().mapToDouble(Spot::y).max().orElse(0);
    StringBuilder path = new StringBuilder();
    int row = 0;
    for (double y = least + DOTS / 2; y < most; y += DOTS, row++) {
      List<Spot> ends = level(outline, y);
      for (int i = 0; i + 1 < ends.size(); i += 2) {
        double first = Math.ceil(ends.get(i).x() / DOTS) * DOTS + (row % 2) * DOTS / 2;
        for (double x = first; x < ends.get(i + 1).x() - 1; x += DOTS) {
          path.append('M').append(new Spot(x, y).pair()).append("h0.01");
        }
      }
    }
    return path.toString();
  }

  private static List<Spot> level(List<Spot> outline, double y) {
    return crossings(outline, y, 0);
  }

  /**
   * Lines at 45 degrees: those on which {@code y + slope x} is a multiple of the distance, between
   * every second pair of crossings with the outline.
   */
  private static String lines(List<Spot> outline, double distance, int slope) {
    double step = distance * Math.sqrt(2);
    double least = outline.stream().mapToDouble(s -> s.y() + slope * s.x()).min().orElse(0);
    double most = outline.stream().mapToDouble(s -> s.y() + slope * s.x()).max().orElse(0);
    StringBuilder path = new StringBuilder();
    for (double c = Math.ceil(least / step) * step; c < most; c += step) {
      List<Spot> crossings = crossings(outline, c, slope);
      for (int i = 0; i + 1 < crossings.size(); i += 2) {
        path.append('M').append(crossings.get(i).pair());
        path.append(" L").append(crossings.get(i + 1).pair());
      }
    }
    return path.toString();
  }

  private static List<Spot> crossings(List<Spot> outline, double c, int slope) {
    List<Spot> found = new ArrayList<>();
    for (int i = 0; i < outline.size(); i++) {
      Spot a = outline.get(i);
      Spot b = outline.get((i + 1) % outline.size());
      double fromA = a.y() + slope * a.x() - c;
      double fromB = b.y() + slope * b.x() - c;
      // Half-open, so that a corner on the line counts once.
      if (fromA < 0 != fromB < 0) {
        double share = fromA / (fromA - fromB);
        found.add(new Spot(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y())));
      }
    }
    found.sort(java.util.Comparator.comparingDouble(Spot::x));
    return found;
  }
}
