package unbo.core.round;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import unbo.core.vehicle.Position;

/**
 * The order in which a vehicle's positions are walked: from the front left on, each stretch between
 * neighbours short. Nearest neighbour first, and as the vehicle lists them; then stretches are
 * turned round (2-opt) and single positions moved (Or-opt) as long as the walk gets shorter; for a
 * vehicle's few dozen positions that ends within a few per cent of the shortest walk, and the same
 * vehicle always gets the same order.
 */
public final class WalkingOrder {

  private static final double SHORTER_MM = 1e-6;

  private WalkingOrder() {}

  /** The positions in walking order. */
  public static List<Position> of(List<Position> positions) {
    List<Position> near = shortened(nearest(positions));
    List<Position> asListed = new ArrayList<>(positions);
    if (near.isEmpty()) {
      return near;
    }
    asListed.remove(near.get(0));
    asListed.add(0, near.get(0));
    List<Position> listed = shortened(asListed);
    return length(listed) < length(near) - SHORTER_MM ? listed : near;
  }

  private static List<Position> shortened(List<Position> walk) {
    while (turn(walk) || move(walk)) {
      // Until neither makes it shorter.
    }
    return List.copyOf(walk);
  }

  /** How long a walk is, millimetres. */
  public static double length(List<Position> walk) {
    double sum = 0;
    for (int i = 1; i < walk.size(); i++) {
      sum += between(walk.get(i - 1), walk.get(i));
    }
    return sum;
  }

  private static List<Position> nearest(List<Position> positions) {
    List<Position> left = new ArrayList<>(positions);
    left.sort(
        Comparator.comparingDouble((Position p) -> p.backMm() + p.rightMm())
            .thenComparing(Position::code));
    List<Position> walk = new ArrayList<>();
    while (!left.isEmpty()) {
      Position here = walk.isEmpty() ? left.get(0) : walk.get(walk.size() - 1);
      Position next = Collections.min(left, Comparator.comparingDouble(p -> between(here, p)));
      walk.add(next);
      left.remove(next);
    }
    return walk;
  }

  /** Turns one stretch round if that is shorter; the start stays. */
  private static boolean turn(List<Position> walk) {
    for (int i = 1; i < walk.size() - 1; i++) {
      for (int j = i + 1; j < walk.size(); j++) {
        double now = between(walk.get(i - 1), walk.get(i));
        double then = between(walk.get(i - 1), walk.get(j));
        if (j + 1 < walk.size()) {
          now += between(walk.get(j), walk.get(j + 1));
          then += between(walk.get(i), walk.get(j + 1));
        }
        if (then < now - SHORTER_MM) {
          Collections.reverse(walk.subList(i, j + 1));
          return true;
        }
      }
    }
    return false;
  }

  /** Takes one position out and puts it where the walk is shorter with it; the start stays. */
  private static boolean move(List<Position> walk) {
    double now = length(walk);
    for (int from = 1; from < walk.size(); from++) {
      for (int to = 1; to < walk.size(); to++) {
        List<Position> moved = new ArrayList<>(walk);
        moved.add(to, moved.remove(from));
        if (length(moved) < now - SHORTER_MM) {
          Collections.copy(walk, moved);
          return true;
        }
      }
    }
    return false;
  }

  private static double between(Position a, Position b) {
    return Math.hypot(a.backMm() - b.backMm(), a.rightMm() - b.rightMm());
  }
}
