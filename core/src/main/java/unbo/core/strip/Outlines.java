package unbo.core.strip;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import unbo.core.section.Point;
import unbo.core.section.Shape;

/**
 * How far each part reaches along the axis at each radius. Radii are sampled between the corners of
 * all outlines, {@value #SHRINK_MM} mm away from each, so that faces which only touch do not stand
 * in each other's way.
 */
final class Outlines {

  /** Every outline is taken so much smaller, millimetres. */
  static final double SHRINK_MM = 0.02;

  /** Faces that are butted together may be drawn into each other by as much, millimetres. */
  private static final double BUTTED_MM = 0.3;

  private final double[] radii;

  /** The height of the ring that a sample stands for, millimetres. */
  private final double[] heights;

  private final Map<String, Reach> reaches = new HashMap<>();

  /** From where to where a part reaches at each sampled radius; NaN where it has nothing. */
  private record Reach(double[] least, double[] most) {}

  private Outlines(double[] radii, double[] heights) {
    this.radii = radii;
    this.heights = heights;
  }

  /** The outlines of parts by their ids. */
  static Outlines of(Map<String, List<Shape>> shapes) {
    double[] corners =
        shapes.values().stream()
            .flatMap(List::stream)
            .flatMap(s -> s.outline().stream())
            .mapToDouble(Point::r)
            .filter(r -> r > 0)
            .sorted()
            .distinct()
            .toArray();
    DoubleStream.Builder radii = DoubleStream.builder();
    DoubleStream.Builder heights = DoubleStream.builder();
    double below = 0;
    for (double r : corners) {
      double gap = r - below;
      if (gap > 2 * SHRINK_MM) {
        Stream.of(below + SHRINK_MM, (below + r) / 2, r - SHRINK_MM).forEach(radii::add);
        Stream.of(1, 2, 3).forEach(n -> heights.add(gap / 3));
      }
      below = r;
    }
    Outlines outlines = new Outlines(radii.build().toArray(), heights.build().toArray());
    shapes.forEach((part, its) -> outlines.reaches.put(part, outlines.reach(its)));
    return outlines;
  }

  /** Whether a shape is of the upper half, and of metal or rubber. */
  static boolean isCut(Shape shape) {
    return shape.look() != Shape.Look.OUTSIDE && shape.look() != Shape.Look.GREASE;
  }

  private Reach reach(List<Shape> shapes) {
    double[] least = new double[radii.length];
    double[] most = new double[radii.length];
    Arrays.fill(least, Double.NaN);
    Arrays.fill(most, Double.NaN);
    for (Shape shape : shapes) {
      for (int i = 0; i < shape.outline().size(); i++) {
        Point a = shape.outline().get(i);
        Point b = shape.outline().get((i + 1) % shape.outline().size());
        edge(a, b, least, most);
      }
    }
    return new Reach(least, most);
  }

  private void edge(Point a, Point b, double[] least, double[] most) {
    double low = Math.min(a.r(), b.r());
    double high = Math.max(a.r(), b.r());
    int i = Arrays.binarySearch(radii, low);
    for (i = i < 0 ? -i - 1 : i; i < radii.length && radii[i] <= high; i++) {
      if (high > low) {
        double x = a.x() + (radii[i] - a.r()) / (b.r() - a.r()) * (b.x() - a.x());
        least[i] = Double.isNaN(least[i]) ? x : Math.min(least[i], x);
        most[i] = Double.isNaN(most[i]) ? x : Math.max(most[i], x);
      }
    }
  }

  /**
   * How high the ring is over which one part is in another's way, millimetres.
   *
   * @param right whether the part moves to the right
   * @param overlapsCount whether radii at which the two are drawn into each other, as a lip, a
   *     thread or a clip in its groove is, count
   */
  double blocked(String moving, String other, boolean right, boolean overlapsCount) {
    Reach mine = reaches.get(moving);
    Reach its = reaches.get(other);
    double height = 0;
    for (int i = 0; i < radii.length; i++) {
      boolean ahead =
          right ? its.most[i] > mine.least[i] + BUTTED_MM : its.least[i] < mine.most[i] - BUTTED_MM;
      boolean into =
          its.most[i] > mine.least[i] + SHRINK_MM && its.least[i] < mine.most[i] - SHRINK_MM;
      height += ahead && (overlapsCount || !into) ? heights[i] : 0;
    }
    return height;
  }

  /** Whether a part covers another from outside somewhere along it. */
  boolean covers(String other, String under) {
    double[] span = span(under);
    double outside = outside(under);
    Reach its = reaches.get(other);
    for (int i = 0; i < radii.length; i++) {
      if (radii[i] > outside
          && its.most[i] > span[0] + SHRINK_MM
          && its.least[i] < span[1] - SHRINK_MM) {
        return true;
      }
    }
    return false;
  }

  /** Its leftmost and rightmost place. */
  double[] span(String part) {
    Reach its = reaches.get(part);
    double least = Arrays.stream(its.least).filter(x -> !Double.isNaN(x)).min().orElse(0);
    double most = Arrays.stream(its.most).filter(x -> !Double.isNaN(x)).max().orElse(0);
    return new double[] {least, most};
  }

  double outside(String part) {
    Reach its = reaches.get(part);
    double outside = 0;
    for (int i = 0; i < radii.length; i++) {
      outside = Double.isNaN(its.least[i]) ? outside : radii[i];
    }
    return outside;
  }

  /**
   * The rings, as inside and outside radius, over which a part can be pushed straight from its left
   * or right end with nothing of some other parts in the way.
   */
  List<double[]> pushable(String part, boolean fromLeft, List<String> others) {
    Reach mine = reaches.get(part);
    List<double[]> rings = new java.util.ArrayList<>();
    for (int i = 0; i < radii.length; i++) {
      int at = i;
      boolean free =
          !Double.isNaN(mine.least[i])
              && others.stream().noneMatch(o -> isBefore(o, at, mine, fromLeft));
      if (free) {
        add(rings, i);
      }
    }
    return rings;
  }

  private boolean isBefore(String other, int i, Reach mine, boolean fromLeft) {
    Reach its = reaches.get(other);
    return fromLeft
        ? its.least[i] < mine.least[i] - SHRINK_MM
        : its.most[i] > mine.most[i] + SHRINK_MM;
  }

  /** The free radius inside some parts at a place along the axis; endless where nothing is. */
  double clearAt(double x, List<String> parts) {
    for (int i = 0; i < radii.length; i++) {
      for (String part : parts) {
        Reach its = reaches.get(part);
        if (its.least[i] < x && its.most[i] > x) {
          return radii[i];
        }
      }
    }
    return Double.POSITIVE_INFINITY;
  }

  /** The area of a part's half section by its reach, square millimetres: how big it is. */
  double size(String part) {
    Reach its = reaches.get(part);
    double sum = 0;
    for (int i = 0; i < radii.length; i++) {
      double wide = its.most[i] - its.least[i];
      sum += Double.isNaN(wide) ? 0 : wide * heights[i] * radii[i];
    }
    return sum;
  }

  /**
   * The rings over which there is room behind a part's left or right end, so that a jaw or a lip
   * goes there.
   *
   * @param roomMm how far the next of the other parts must be
   */
  List<double[]> roomBehind(String part, boolean left, double roomMm, List<String> others) {
    Reach mine = reaches.get(part);
    List<double[]> rings = new java.util.ArrayList<>();
    for (int i = 0; i < radii.length; i++) {
      int at = i;
      boolean room =
          !Double.isNaN(mine.least[i])
              && others.stream().noneMatch(o -> isNear(o, at, mine, left, roomMm));
      if (room) {
        add(rings, i);
      }
    }
    return rings;
  }

  private void add(List<double[]> rings, int i) {
    double[] last = rings.isEmpty() ? null : rings.get(rings.size() - 1);
    double from = radii[i] - heights[i] / 2;
    double to = radii[i] + heights[i] / 2;
    if (last != null && from - last[1] < heights[i] + 0.05) {
      last[1] = to;
    } else {
      rings.add(new double[] {from, to});
    }
  }

  private boolean isNear(String other, int i, Reach mine, boolean left, double roomMm) {
    Reach its = reaches.get(other);
    return left
        ? its.most[i] > mine.least[i] - roomMm && its.least[i] < mine.least[i]
        : its.least[i] < mine.most[i] + roomMm && its.most[i] > mine.most[i];
  }

  boolean has(String part) {
    return reaches.containsKey(part);
  }

  /** Inside radius of a part: where its outline begins. */
  double inside(String part) {
    Reach its = reaches.get(part);
    for (int i = 0; i < radii.length; i++) {
      if (!Double.isNaN(its.least[i])) {
        return radii[i] - heights[i] / 2;
      }
    }
    return 0;
  }

  /**
   * Whether a straight drift that leans through the opening at one end meets a ledge of a part: a
   * line from the ledge to some place in the opening, past all that is on the way, on either side
   * of the axis.
   *
   * @param fromLeft the end where the drift comes in
   */
  boolean meetsLeaning(String part, boolean fromLeft, List<String> others) {
    double[] span = span(part);
    double face = fromLeft ? span[0] : span[1];
    double ledge = inside(part) + LEDGE_MM / 2;
    double end = face;
    for (String other : others) {
      end = fromLeft ? Math.min(end, span(other)[0]) : Math.max(end, span(other)[1]);
    }
    if (clearAt(face + (fromLeft ? -0.5 : 0.5), others) < ledge + LEDGE_MM / 2) {
      return false;
    }
    double[] clear = new double[POINTS + 1];
    for (int n = 0; n <= POINTS; n++) {
      clear[n] = clearAt(face + (double) n / POINTS * (end - face), others);
    }
    double opening = Math.min(clear[POINTS], MOST_OPENING_MM);
    for (double at = -opening + DRIFT_MM; at <= opening - DRIFT_MM; at += 1) {
      if (isClear(ledge, at, clear)) {
        return true;
      }
    }
    return false;
  }

  /** Whether a straight line from a ledge to a place in the opening passes all that is between. */
  private static boolean isClear(double ledge, double opening, double[] clear) {
    for (int n = 1; n <= POINTS; n++) {
      double share = (double) n / POINTS;
      double at = Math.abs(ledge + share * (opening - ledge));
      double thick = Math.min(DRIFT_MM, share * 8 * DRIFT_MM);
      if (at + thick > clear[n]) {
        return false;
      }
    }
    return true;
  }

  /** A drift's edge wants so much to stand on, and half its thickness beside its middle. */
  private static final double LEDGE_MM = 1;

  private static final double DRIFT_MM = 4;
  private static final double MOST_OPENING_MM = 200;
  private static final int POINTS = 40;
}
