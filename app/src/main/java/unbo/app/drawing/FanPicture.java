package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;

/**
 * The load of each element of a row round its ring, the loaded side down: a stroke outward for each
 * that carries, as long as its load against the greatest of both rows.
 *
 * @param strokes path data
 * @param carrying how many carry
 * @param of so many
 */
public record FanPicture(String title, String strokes, int carrying, int of) {

  /** Box of 120 by 120 about its middle; the ring's radius in it. */
  public static final double SIZE = 120;

  public static final double RING = 28;
  private static final double LONGEST = 28;

  /** Two rows to one scale; the first element of each is under the load. */
  public static List<FanPicture> of(List<String> titles, List<List<Double>> rows) {
    double most =
        rows.stream().flatMap(List::stream).mapToDouble(Double::doubleValue).max().orElse(0);
    List<FanPicture> fans = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      fans.add(fan(titles.get(i), rows.get(i), most));
    }
    return List.copyOf(fans);
  }

  private static FanPicture fan(String title, List<Double> loads, double most) {
    StringBuilder strokes = new StringBuilder();
    int carrying = 0;
    for (int i = 0; i < loads.size(); i++) {
      double share = most == 0 ? 0 : loads.get(i) / most;
      if (share > 0) {
        carrying++;
        double angle = Math.PI / 2 + 2 * Math.PI * i / loads.size();
        Spot from = at(angle, RING);
        Spot to = at(angle, RING + 1 + LONGEST * share);
        strokes.append("M").append(from.pair()).append(" L").append(to.pair()).append(" ");
      }
    }
    return new FanPicture(title, strokes.toString().strip(), carrying, loads.size());
  }

  private static Spot at(double angle, double radius) {
    return new Spot(SIZE / 2 + radius * Math.cos(angle), SIZE / 2 + radius * Math.sin(angle));
  }
}
