package unbo.core.damage;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import unbo.core.units.Problem;

/**
 * A running path drawn with a finger on a ring laid out as a strip, once round from left to right.
 * Its shape follows from how much of the way it covers, how high it lies, how much it wanders once
 * round, and how broad it is. Our own bounds: a hand is not exact, so they are wide.
 */
public final class DrawnPath {

  /** The strip's own units. */
  public static final double WIDTH = 300;

  public static final double HEIGHT = 64;

  private static final int BINS = 30;

  /** More strokes are no path. */
  private static final int MOST_STROKES = 4;

  private static final int LONGEST = 12_000;
  private static final double ALL_ROUND = 0.85;
  private static final double OFF_MIDDLE = 0.14 * HEIGHT;
  private static final double WANDERS = 0.14 * HEIGHT;
  private static final double BROAD = 0.4 * HEIGHT;
  private static final Pattern POINT = Pattern.compile("\\d{1,3}(\\.\\d)?,\\d{1,3}(\\.\\d)?");

  private final double[] least = new double[BINS];
  private final double[] most = new double[BINS];
  private final int[] points = new int[BINS];

  private DrawnPath(List<double[]> strokes) {
    java.util.Arrays.fill(least, HEIGHT);
    for (double[] stroke : strokes) {
      for (int i = 0; i + 1 < stroke.length; i += 2) {
        line(stroke, Math.max(0, i - 2), i);
      }
    }
  }

  /**
   * What was drawn, or why it is no path.
   *
   * @param shape null when there is a problem or nothing was drawn
   * @param problem null when there is none
   */
  public record Read(PathShape shape, Problem problem) {}

  /**
   * Reads strokes.
   *
   * @param text strokes parted by semicolons, points by spaces, x and y by commas
   */
  public static Read read(String text) {
    if (text.isBlank()) {
      return new Read(null, null);
    }
    List<double[]> strokes = new ArrayList<>();
    for (String stroke : text.strip().split(";")) {
      double[] read = text.length() > LONGEST ? null : stroke(stroke);
      if (read == null) {
        return new Read(
            null, new Problem(text, "Not a drawn path.", "Clear it and draw again, or pick one."));
      }
      strokes.add(read);
    }
    if (strokes.isEmpty()) {
      return new Read(
          null, new Problem(text, "Not a drawn path.", "Clear it and draw again, or pick one."));
    }
    if (strokes.size() > MOST_STROKES) {
      return new Read(
          null,
          new Problem(
              "",
              strokes.size() + " strokes: that is more than one path.",
              "Clear it and draw the path once round, or pick one."));
    }
    return new Read(new DrawnPath(strokes).shape(), null);
  }

  private static double[] stroke(String text) {
    String[] pairs = text.strip().split("\\s+");
    double[] stroke = new double[2 * pairs.length];
    for (int i = 0; i < pairs.length; i++) {
      if (!POINT.matcher(pairs[i]).matches()) {
        return null;
      }
      String[] xy = pairs[i].split(",");
      stroke[2 * i] = Math.min(WIDTH, Double.parseDouble(xy[0]));
      stroke[2 * i + 1] = Math.min(HEIGHT, Double.parseDouble(xy[1]));
    }
    return stroke;
  }

  /** Marks all that a straight piece passes. */
  private void line(double[] stroke, int from, int to) {
    int steps = (int) Math.ceil(Math.abs(stroke[to] - stroke[from]) / 2) + 1;
    for (int i = 0; i <= steps; i++) {
      double share = (double) i / steps;
      double x = stroke[from] + share * (stroke[to] - stroke[from]);
      double y = stroke[from + 1] + share * (stroke[to + 1] - stroke[from + 1]);
      int bin = Math.min(BINS - 1, (int) (x / WIDTH * BINS));
      least[bin] = Math.min(least[bin], y);
      most[bin] = Math.max(most[bin], y);
      points[bin]++;
    }
  }

  private PathShape shape() {
    int covered = 0;
    double height = 0;
    double breadth = 0;
    for (int b = 0; b < BINS; b++) {
      if (points[b] > 0) {
        covered++;
        height += (least[b] + most[b]) / 2;
        breadth += most[b] - least[b];
      }
    }
    boolean round = covered >= ALL_ROUND * BINS;
    if (isTwo()) {
      return PathShape.TWO;
    }
    if (round && wander() > WANDERS) {
      return PathShape.OBLIQUE;
    }
    if (Math.abs(height / covered - HEIGHT / 2) > OFF_MIDDLE) {
      return PathShape.SIDE;
    }
    if (!round) {
      return PathShape.PART;
    }
    return breadth / covered > BROAD ? PathShape.WIDE : PathShape.FULL;
  }

  /** Amplitude of what goes up and down once round: a ring that stands askew. */
  private double wander() {
    double sine = 0;
    double cosine = 0;
    int count = 0;
    for (int b = 0; b < BINS; b++) {
      if (points[b] > 0) {
        double angle = 2 * Math.PI * (b + 0.5) / BINS;
        double middle = (least[b] + most[b]) / 2 - HEIGHT / 2;
        sine += middle * Math.sin(angle);
        cosine += middle * Math.cos(angle);
        count++;
      }
    }
    return 2 * Math.hypot(sine, cosine) / count;
  }

  /** Two runs with gaps between, their middles about half a turn apart. */
  private boolean isTwo() {
    List<Double> middles = new ArrayList<>();
    int start = 0;
    while (start < BINS && points[start] > 0) {
      start++;
    }
    int run = 0;
    for (int i = 0; i <= BINS; i++) {
      int b = (start + i) % BINS;
      if (i < BINS && points[b] > 0) {
        run++;
      } else if (run > 0) {
        middles.add(start + i - run / 2.0);
        run = 0;
      }
    }
    double apart = middles.size() == 2 ? middles.get(1) - middles.get(0) : 0;
    return apart > 0.35 * BINS && apart < 0.65 * BINS;
  }
}
