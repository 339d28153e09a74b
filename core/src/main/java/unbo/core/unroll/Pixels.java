package unbo.core.unroll;

/**
 * A picture as plain numbers.
 *
 * @param width in pixels, 1 or more
 * @param height in pixels, 1 or more
 * @param rgb row by row from the top left, 0xRRGGBB each; higher bits are ignored. Not copied: a
 *     picture of twelve million pixels is held once.
 */
public record Pixels(int width, int height, int[] rgb) {

  /**
   * @throws IllegalArgumentException when the numbers are not a picture of that size
   */
  public Pixels {
    if (width < 1 || height < 1 || rgb.length != (long) width * height) {
      throw new IllegalArgumentException(
          rgb.length + " pixels are no picture of " + width + " × " + height);
    }
  }

  boolean holds(double x, double y) {
    return x >= 0 && y >= 0 && x <= width - 1 && y <= height - 1;
  }

  /** Colour between pixels, bilinear; the place has to be held. */
  int at(double x, double y) {
    int left = Math.min((int) x, width - 1);
    int top = Math.min((int) y, height - 1);
    int right = Math.min(left + 1, width - 1);
    int below = Math.min(top + 1, height - 1);
    double across = x - left;
    double down = y - top;
    int a = rgb[top * width + left];
    int b = rgb[top * width + right];
    int c = rgb[below * width + left];
    int d = rgb[below * width + right];
    int mixed = 0;
    for (int shift = 0; shift <= 16; shift += 8) {
      double upper = (a >> shift & 255) * (1 - across) + (b >> shift & 255) * across;
      double lower = (c >> shift & 255) * (1 - across) + (d >> shift & 255) * across;
      mixed |= (int) (upper * (1 - down) + lower * down + 0.5) << shift;
    }
    return mixed;
  }
}
