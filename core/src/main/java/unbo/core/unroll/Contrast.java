package unbo.core.unroll;

/**
 * Raises what differs from its surroundings: each pixel's brightness against the mean and the
 * scatter of a square around it, so that a worn letter shows in glare and in shade alike (local
 * statistics, Gonzalez and Woods, Digital Image Processing, local enhancement). What was even stays
 * even: nothing is drawn that the picture does not have.
 */
public final class Contrast {

  private static final double MIDDLE = 128;
  private static final double SPREAD = 52;

  /** Scatter below this is the camera's noise, in steps of 255; it is not blown up to a pattern. */
  private static final double NOISE = 6;

  private Contrast() {}

  /**
   * The picture in greys with its contrast raised; the square reaches half its lesser side each
   * way: wider than a letter, narrower than the light falls off.
   */
  public static Pixels raised(Pixels picture) {
    int width = picture.width();
    int height = picture.height();
    double[] grey = greys(picture);
    int reach = Math.max(3, Math.min(width, height) / 2);
    double[] sums = integral(grey, width, height, false);
    double[] squares = integral(grey, width, height, true);
    int[] rgb = new int[grey.length];
    for (int y = 0; y < height; y++) {
      int top = Math.max(0, y - reach);
      int bottom = Math.min(height, y + reach + 1);
      for (int x = 0; x < width; x++) {
        int left = Math.max(0, x - reach);
        int right = Math.min(width, x + reach + 1);
        double count = (double) (right - left) * (bottom - top);
        double mean = box(sums, width, left, top, right, bottom) / count;
        double square = box(squares, width, left, top, right, bottom) / count;
        double scatter = Math.sqrt(Math.max(0, square - mean * mean));
        double raised = MIDDLE + SPREAD * (grey[y * width + x] - mean) / Math.max(NOISE, scatter);
        int level = (int) Math.max(0, Math.min(255, Math.round(raised)));
        rgb[y * width + x] = level << 16 | level << 8 | level;
      }
    }
    return new Pixels(width, height, rgb);
  }

  /** Brightness as the eye takes it (ITU-R BT.601), 0 to 255. */
  private static double[] greys(Pixels picture) {
    double[] grey = new double[picture.rgb().length];
    for (int i = 0; i < grey.length; i++) {
      int c = picture.rgb()[i];
      grey[i] = 0.299 * (c >> 16 & 255) + 0.587 * (c >> 8 & 255) + 0.114 * (c & 255);
    }
    return grey;
  }

  /** Sums over everything above and left of a pixel, one row and one column of zeros first. */
  private static double[] integral(double[] of, int width, int height, boolean squared) {
    double[] sums = new double[(width + 1) * (height + 1)];
    for (int y = 0; y < height; y++) {
      double row = 0;
      for (int x = 0; x < width; x++) {
        double value = of[y * width + x];
        row += squared ? value * value : value;
        sums[(y + 1) * (width + 1) + x + 1] = sums[y * (width + 1) + x + 1] + row;
      }
    }
    return sums;
  }

  private static double box(double[] sums, int width, int left, int top, int right, int bottom) {
    int wide = width + 1;
    return sums[bottom * wide + right]
        - sums[top * wide + right]
        - sums[bottom * wide + left]
        + sums[top * wide + left];
  }
}
