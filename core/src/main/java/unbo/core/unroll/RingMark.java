package unbo.core.unroll;

import java.util.LinkedHashMap;
import java.util.Map;
import unbo.core.units.Problem;

/**
 * Where a ring lies on a photograph, as somebody marked it. The ring has to be seen square on: seen
 * from the side it is an ellipse, and the strip waves.
 *
 * @param centreX pixels from the left
 * @param centreY pixels from the top
 * @param edgeX a point on the outer edge of what is to be laid out
 * @param edgeY the same, from the top
 * @param inner where the band begins, as a share of the marked radius, 0.05 to 0.98
 * @param startDegrees where the strip begins, clockwise from the top of the picture
 * @param fromInside whether the letters stand with their feet outward, so that they are read from
 *     the centre
 */
public record RingMark(
    double centreX,
    double centreY,
    double edgeX,
    double edgeY,
    double inner,
    double startDegrees,
    boolean fromInside) {

  /** Less of a radius has too few pixels to show a letter. */
  public static final double LEAST_RADIUS = 12;

  public static final double LEAST_INNER = 0.05;
  public static final double MOST_INNER = 0.98;

  public double radius() {
    return Math.hypot(edgeX - centreX, edgeY - centreY);
  }

  /** What is wrong with the mark on a picture of this size, by field; empty when it will do. */
  public Map<String, Problem> problems(int width, int height) {
    Map<String, Problem> found = new LinkedHashMap<>();
    String size = width + " × " + height;
    check(found, "centre", centreX, centreY, width, height, size);
    check(found, "edge", edgeX, edgeY, width, height, size);
    if (found.isEmpty() && radius() < LEAST_RADIUS) {
      found.put(
          "edge",
          new Problem(
              spot(edgeX, edgeY),
              "The edge lies on the centre.",
              "Mark a point on the ring’s outer edge, 12 pixels or more away."));
    }
    if (!(inner >= LEAST_INNER && inner <= MOST_INNER)) {
      found.put(
          "inner",
          new Problem(
              String.valueOf(Math.round(inner * 100)),
              "The band has no place there.",
              "Enter 5 to 98 % of the marked radius."));
    }
    return found;
  }

  private static void check(
      Map<String, Problem> found,
      String field,
      double x,
      double y,
      int width,
      int height,
      String size) {
    if (!(x >= 0 && y >= 0 && x <= width - 1 && y <= height - 1)) {
      found.put(
          field,
          new Problem(
              spot(x, y),
              "Outside the picture, which has " + size + " pixels.",
              "Mark a point on the picture."));
    }
  }

  private static String spot(double x, double y) {
    return Math.round(x) + ", " + Math.round(y);
  }
}
