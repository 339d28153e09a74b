package unbo.core.section;

/**
 * A place in the plane of a section, in millimetres.
 *
 * @param x along the axis, outboard positive
 * @param r away from the axis, negative in the lower half
 */
public record Point(double x, double r) {
  public Point {
    if (!Double.isFinite(x) || !Double.isFinite(r)) {
      throw new IllegalArgumentException("Not a place: " + x + ", " + r);
    }
  }

  Point mirrored() {
    return new Point(x, -r);
  }
}
