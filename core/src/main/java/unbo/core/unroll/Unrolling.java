package unbo.core.unroll;

/**
 * Lays the band of a ring out as a straight strip: left to right once round, clockwise; the letters
 * upright. Polar to Cartesian resampling with bilinear colour (Gonzalez and Woods, Digital Image
 * Processing, geometric transformations).
 */
public final class Unrolling {

  /** A strip is no longer than this, in pixels. */
  public static final int LONGEST = 4000;

  /** What lies beyond the picture's edge. */
  static final int BEYOND = 0x808080;

  private Unrolling() {}

  /**
   * A strip and how much of it the picture did not have.
   *
   * @param pixels the strip
   * @param beyond share of the strip that lies outside the picture, 0 to 1
   */
  public record Strip(Pixels pixels, double beyond) {}

  /**
   * The strip of a marked ring, as long as the band's middle is on the picture.
   *
   * @throws IllegalArgumentException when the mark has {@link RingMark#problems}
   */
  public static Strip strip(Pixels picture, RingMark mark) {
    var problems = mark.problems(picture.width(), picture.height());
    if (!problems.isEmpty()) {
      throw new IllegalArgumentException(problems.values().iterator().next().sentence());
    }
    double outer = mark.radius();
    double inner = outer * mark.inner();
    int width = (int) Math.min(LONGEST, Math.max(64, Math.round(Math.PI * (outer + inner))));
    int height =
        (int) Math.max(2, Math.round((outer - inner) * width / (Math.PI * (outer + inner))));
    int[] rgb = new int[width * height];
    double[] sines = new double[width];
    double[] cosines = new double[width];
    turn(mark, sines, cosines);
    int missing = 0;
    for (int row = 0; row < height; row++) {
      double share = (row + 0.5) / height;
      double radius =
          mark.fromInside() ? inner + share * (outer - inner) : outer - share * (outer - inner);
      for (int column = 0; column < width; column++) {
        double x = mark.centreX() + radius * sines[column];
        double y = mark.centreY() - radius * cosines[column];
        boolean seen = picture.holds(x, y);
        missing += seen ? 0 : 1;
        rgb[row * width + column] = seen ? picture.at(x, y) : BEYOND;
      }
    }
    return new Strip(new Pixels(width, height, rgb), (double) missing / rgb.length);
  }

  /** Read from inside, the letters run the other way round. */
  private static void turn(RingMark mark, double[] sines, double[] cosines) {
    double way = mark.fromInside() ? -1 : 1;
    double start = Math.toRadians(mark.startDegrees());
    for (int column = 0; column < sines.length; column++) {
      double angle = start + way * 2 * Math.PI * (column + 0.5) / sines.length;
      sines[column] = Math.sin(angle);
      cosines[column] = Math.cos(angle);
    }
  }
}
