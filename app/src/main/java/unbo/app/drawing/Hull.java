package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The convex outline around a set of spots, kept at a distance, from its left end over the top to
 * its right end, ending at a floor. Labels stand on it: a straight leader from a spot on a convex
 * outline to a spot inside it meets no other label there.
 */
final class Hull {

  private static final int CORNERS = 16;

  private final List<Spot> chain;
  private final double[] along;

  private Hull(List<Spot> chain) {
    this.chain = chain;
    this.along = new double[chain.size()];
    for (int i = 1; i < chain.size(); i++) {
      along[i] = along[i - 1] + chain.get(i).distance(chain.get(i - 1));
    }
  }

  /** The upper outline at a distance around spots; spots below the floor count as on it. */
  static Hull around(List<Spot> spots, double distance, double floor) {
    List<Spot> grown = new ArrayList<>();
    // Only corners of the outline itself can become corners of the outline around it.
    List<Spot> clamped = spots.stream().map(s -> new Spot(s.x(), Math.min(s.y(), floor))).toList();
    for (Spot spot : upperChain(clamped)) {
      double y = spot.y();
      for (int i = 0; i < CORNERS; i++) {
        double angle = 2 * Math.PI * i / CORNERS;
        grown.add(
            new Spot(
                spot.x() + distance * Math.cos(angle),
                Math.min(floor, y + distance * Math.sin(angle))));
      }
    }
    return new Hull(upperChain(grown));
  }

  /** Andrew's monotone chain, the half that lies above. */
  private static List<Spot> upperChain(List<Spot> spots) {
    // At equal x the lower spot opens the left side and the higher one opens the right side.
    List<Spot> sorted = new ArrayList<>(spots);
    sorted.sort(
        Comparator.comparingDouble(Spot::x)
            .thenComparing(Comparator.comparingDouble(Spot::y).reversed()));
    double right = sorted.get(sorted.size() - 1).x();
    double lowest = spots.stream().mapToDouble(Spot::y).max().orElseThrow();
    List<Spot> chain = new ArrayList<>();
    chain.add(new Spot(sorted.get(0).x(), lowest));
    for (Spot spot : sorted) {
      push(chain, spot);
    }
    push(chain, new Spot(right, lowest));
    return chain;
  }

  private static void push(List<Spot> chain, Spot spot) {
    while (chain.size() > 1
        && Spot.turn(chain.get(chain.size() - 2), chain.get(chain.size() - 1), spot) <= 0) {
      chain.remove(chain.size() - 1);
    }
    if (!chain.get(chain.size() - 1).equals(spot)) {
      chain.add(spot);
    }
  }

  double length() {
    return along[along.length - 1];
  }

  Spot at(double distanceAlong) {
    double s = Math.max(0, Math.min(length(), distanceAlong));
    int i = 1;
    while (i < along.length - 1 && along[i] < s) {
      i++;
    }
    double share = (s - along[i - 1]) / Math.max(1e-9, along[i] - along[i - 1]);
    Spot a = chain.get(i - 1);
    Spot b = chain.get(i);
    return new Spot(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y()));
  }

  /** The distance along the outline of the place nearest to a spot. */
  double nearest(Spot spot) {
    double best = 0;
    double least = Double.MAX_VALUE;
    for (int i = 1; i < along.length; i++) {
      Spot a = chain.get(i - 1);
      Spot b = chain.get(i);
      double share = foot(spot, a, b);
      Spot place = new Spot(a.x() + share * (b.x() - a.x()), a.y() + share * (b.y() - a.y()));
      double distance = place.distance(spot);
      if (distance < least) {
        least = distance;
        best = along[i - 1] + share * (along[i] - along[i - 1]);
      }
    }
    return best;
  }

  /** Where on a line from a to b, 0 to 1, a spot's foot falls. */
  private static double foot(Spot spot, Spot a, Spot b) {
    double dx = b.x() - a.x();
    double dy = b.y() - a.y();
    double length = dx * dx + dy * dy;
    double along = (spot.x() - a.x()) * dx + (spot.y() - a.y()) * dy;
    return length == 0 ? 0 : Math.max(0, Math.min(1, along / length));
  }
}
