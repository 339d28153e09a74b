package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Places balloons in two columns, left and right of a tall drawing. Anchors go to the nearer side
 * while it has room; within a column crossing leaders change places until none cross.
 */
final class BalloonColumns {

  /** Radius of a balloon. */
  static final double RADIUS = 17;

  private static final double SPACING = 46;
  private static final double FROM_EDGE = 24;

  private final double width;
  private final double height;

  BalloonColumns(double width, double height) {
    this.width = width;
    this.height = height;
  }

  /** The places in the order of the anchors. */
  List<Spot> place(List<Spot> anchors) {
    List<Integer> left = new ArrayList<>();
    List<Integer> right = new ArrayList<>();
    share(anchors, left, right);
    Spot[] places = new Spot[anchors.size()];
    column(anchors, left, FROM_EDGE, places);
    column(anchors, right, width - FROM_EDGE, places);
    return List.of(places);
  }

  /** From the outside in, each to its own side, those in the middle to the emptier one. */
  private void share(List<Spot> anchors, List<Integer> left, List<Integer> right) {
    double middle = width / 2;
    List<Integer> order =
        IntStream.range(0, anchors.size())
            .boxed()
            .sorted(
                Comparator.comparingDouble((Integer i) -> -Math.abs(anchors.get(i).x() - middle))
                    .thenComparingDouble(i -> anchors.get(i).y()))
            .toList();
    for (int i : order) {
      double off = anchors.get(i).x() - middle;
      boolean toLeft = Math.abs(off) < 1 ? left.size() <= right.size() : off < 0;
      (toLeft ? left : right).add(i);
    }
  }

  private void column(List<Spot> anchors, List<Integer> its, double x, Spot[] places) {
    its.sort(Comparator.comparingDouble(i -> anchors.get(i).y()));
    double gap = its.size() > 1 ? Math.min(SPACING, (height - 2 * RADIUS) / (its.size() - 1)) : 0;
    double y = RADIUS + 2;
    double room = height - RADIUS;
    double[] ys = new double[its.size()];
    for (int k = 0; k < its.size(); k++) {
      double last = room - (its.size() - 1 - k) * gap;
      ys[k] = Math.min(Math.max(y, anchors.get(its.get(k)).y()), last);
      y = ys[k] + gap;
    }
    for (int k = 0; k < its.size(); k++) {
      places[its.get(k)] = new Spot(x, ys[k]);
    }
    Leaders.uncross(anchors, places, its);
  }

  Spot edge(Spot balloon, Spot anchor) {
    double share = RADIUS / Math.max(RADIUS, balloon.distance(anchor));
    return new Spot(
        balloon.x() + share * (anchor.x() - balloon.x()),
        balloon.y() + share * (anchor.y() - balloon.y()));
  }
}
