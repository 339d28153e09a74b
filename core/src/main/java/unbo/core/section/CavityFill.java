package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.Cavity;
import unbo.core.arrangement.Expression;

/**
 * A hollow filled to a share with a ring of grease against its outer wall, where turning throws it.
 * Volumes are sums of thin rings.
 *
 * @param volumeCm3 the hollow's whole volume
 * @param greaseCm3 what of it is grease
 * @param levelMm diameter of the grease's inner surface
 * @param shape the grease in the section
 */
public record CavityFill(double volumeCm3, double greaseCm3, double levelMm, Shape shape) {

  private static final int SLICES = 240;
  private static final int HALVINGS = 40;

  /**
   * Fills a hollow.
   *
   * @param share 0 to 1 of its volume
   */
  public static CavityFill of(Assembly assembly, Cavity cavity, double share) {
    double[][] outside = profile(assembly, cavity.outside());
    double[][] inside =
        cavity.inside().isEmpty() ? new double[][] {} : profile(assembly, cavity.inside());
    double from = outside[0][0];
    double to = Math.max(from + 0.1, outside[outside.length - 1][0]);
    Slices slices = new Slices(outside, inside, from, to);
    double whole = slices.volume(0);
    double level = slices.levelFor(whole * share);
    return new CavityFill(
        whole / 1000, slices.volume(level) / 1000, 2 * level, slices.shape(level));
  }

  private static double[][] profile(Assembly assembly, List<Expression> numbers) {
    double[][] points = new double[numbers.size() / 2][2];
    for (int i = 0; i < points.length; i++) {
      points[i][0] = assembly.value(numbers.get(2 * i));
      points[i][1] = assembly.value(numbers.get(2 * i + 1)) / 2;
    }
    return points;
  }

  /** The hollow cut into thin rings across the axis. */
  private record Slices(double[][] outside, double[][] inside, double from, double to) {

    double x(int i) {
      return from + (to - from) * (i + 0.5) / SLICES;
    }

    double wall(int i) {
      return at(outside, x(i));
    }

    /** The inner surface of the grease: the level, or the shaft where it stands higher. */
    double inner(int i, double level) {
      double shaft = inside.length == 0 ? 0 : at(inside, x(i));
      return Math.min(wall(i), Math.max(level, shaft));
    }

    double volume(double level) {
      double sum = 0;
      for (int i = 0; i < SLICES; i++) {
        double wall = wall(i);
        double inner = inner(i, level);
        sum += Math.PI * (wall * wall - inner * inner) * (to - from) / SLICES;
      }
      return sum;
    }

    /** Halving: the volume falls steadily as the level moves out. */
    double levelFor(double wanted) {
      double low = 0;
      double high = 0;
      for (int i = 0; i < SLICES; i++) {
        high = Math.max(high, wall(i));
      }
      for (int i = 0; i < HALVINGS; i++) {
        double middle = (low + high) / 2;
        if (volume(middle) > wanted) {
          low = middle;
        } else {
          high = middle;
        }
      }
      return (low + high) / 2;
    }

    Shape shape(double level) {
      List<Point> points = new ArrayList<>();
      for (int i = 0; i < SLICES; i += 4) {
        points.add(new Point(x(i), wall(i)));
      }
      points.add(new Point(x(SLICES - 1), wall(SLICES - 1)));
      points.add(new Point(x(SLICES - 1), inner(SLICES - 1, level)));
      for (int i = SLICES - 4; i >= 0; i -= 4) {
        points.add(new Point(x(i), inner(i, level)));
      }
      return new Shape(points, Shape.Look.GREASE);
    }

    /** A profile's radius at a place, straight between its points, the last of a step. */
    private static double at(double[][] profile, double x) {
      for (int i = 1; i < profile.length; i++) {
        double[] a = profile[i - 1];
        double[] b = profile[i];
        if (x <= b[0] && b[0] > a[0]) {
          double share = Math.max(0, (x - a[0]) / (b[0] - a[0]));
          return a[1] + share * (b[1] - a[1]);
        }
      }
      return profile[profile.length - 1][1];
    }
  }
}
