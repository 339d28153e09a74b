package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Finds places for balloons around a drawing so that none overlaps another and no leader crosses
 * another.
 *
 * <p>Balloons stand on a convex outline around the drawing, each as near to its part as the spacing
 * allows (pool adjacent violators). Then any two whose leaders cross change places; each change
 * shortens the sum of the leaders, so it ends, and it ends without a crossing.
 */
final class BalloonPlacer {

  private static final double CLEAR = 16;

  /** Air between a balloon and the edge of the drawing. */
  private static final double EDGE = 8;

  private final double radius;
  private final double spacing;

  /**
   * A placer.
   *
   * @param radius of a balloon
   * @param spacing between the centres of neighbours along the outline, over twice the radius
   */
  BalloonPlacer(double radius, double spacing) {
    this.radius = radius;
    this.spacing = spacing;
  }

  /** How far balloons reach out beyond the drawing. */
  double reach() {
    return 2 * radius + CLEAR + EDGE;
  }

  /**
   * The places, in the order of the anchors.
   *
   * @param anchors where leaders end
   * @param around what the balloons must stay clear of
   * @param floor below this no balloon stands
   */
  List<Spot> place(List<Spot> anchors, List<Spot> around, double floor) {
    Hull hull = Hull.around(around, radius + CLEAR, floor);
    double[] nearest = anchors.stream().mapToDouble(hull::nearest).toArray();
    List<Integer> order =
        IntStream.range(0, anchors.size())
            .boxed()
            .sorted(Comparator.comparingDouble(i -> nearest[i]))
            .toList();
    double[] wanted = order.stream().mapToDouble(i -> nearest[i]).toArray();
    double[] spread = spread(wanted, hull.length());
    Spot[] places = new Spot[anchors.size()];
    for (int k = 0; k < spread.length; k++) {
      places[order.get(k)] = hull.at(spread[k]);
    }
    Leaders.uncross(anchors, places, order);
    return List.of(places);
  }

  /** Least movement that keeps sorted values apart by the spacing, inside 0 to length. */
  private double[] spread(double[] wanted, double length) {
    int n = wanted.length;
    double gap = Math.min(spacing, n > 1 ? length / (n - 1) : length);
    List<double[]> pools = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double[] pool = {wanted[i] - i * gap, 1};
      while (!pools.isEmpty() && mean(pools.get(pools.size() - 1)) >= mean(pool)) {
        double[] before = pools.remove(pools.size() - 1);
        pool[0] += before[0];
        pool[1] += before[1];
      }
      pools.add(pool);
    }
    double[] result = new double[n];
    int i = 0;
    for (double[] pool : pools) {
      double shift = Math.max(0, Math.min(mean(pool), length - (n - 1) * gap));
      for (int k = 0; k < pool[1]; k++, i++) {
        result[i] = shift + i * gap;
      }
    }
    return result;
  }

  private static double mean(double[] pool) {
    return pool[0] / pool[1];
  }
}
