package unbo.app.drawing;

import java.util.List;

/** Straight leaders from parts to their balloons. */
final class Leaders {

  private Leaders() {}

  /**
   * Lets any two whose leaders cross change places until none cross. Each change shortens the sum
   * of the leaders, so it ends.
   *
   * @param places changed in place, in the order of the anchors
   * @param among which of them may change places
   */
  static void uncross(List<Spot> anchors, Spot[] places, List<Integer> among) {
    boolean changed = true;
    while (changed) {
      changed = false;
      for (int a : among) {
        for (int b : among) {
          if (a < b && Spot.cross(anchors.get(a), places[a], anchors.get(b), places[b])) {
            Spot other = places[a];
            places[a] = places[b];
            places[b] = other;
            changed = true;
          }
        }
      }
    }
  }
}
