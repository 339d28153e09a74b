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
 * @param small the same about a place of the section, with the load that makes it
 */
public record FanPicture(String title, String strokes, int carrying, int of, Glyph small) {

  /** Box of 120 by 120 about its middle; the ring's radius in it. */
  public static final double SIZE = 120;

  public static final double RING = 28;
  private static final double LONGEST = 28;

  /** The ring on the section, and the longest stroke from it, in units of the drawing. */
  private static final double SMALL_RING = 11;

  private static final double SMALL_LONGEST = 15;

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
    List<Double> shares = loads.stream().map(l -> most == 0 ? 0 : l / most).toList();
    return new FanPicture(
        title,
        strokes(new Spot(SIZE / 2, SIZE / 2), shares, RING, LONGEST),
        (int) shares.stream().filter(s -> s > 0).count(),
        loads.size(),
        place -> small(place, shares));
  }

  private static String strokes(Spot middle, List<Double> shares, double ring, double longest) {
    StringBuilder strokes = new StringBuilder();
    for (int i = 0; i < shares.size(); i++) {
      if (shares.get(i) > 0) {
        double angle = Math.PI / 2 + 2 * Math.PI * i / shares.size();
        Spot from = at(middle, angle, ring);
        Spot to = at(middle, angle, ring + 1 + longest * shares.get(i));
        strokes.append("M").append(from.pair()).append(" L").append(to.pair()).append(" ");
      }
    }
    return strokes.toString().strip();
  }

  /** The arrow of the load from above, the ring, and the strokes below it. */
  private static String small(Spot place, List<Double> shares) {
    double r = SMALL_RING;
    return "M%1$s %2$s m0 -36 v22 m-5 -7 l5 7 l5 -7 M%1$s %2$s m-%3$s 0 a%3$s %3$s 0 1 0 %4$s 0 a%3$s %3$s 0 1 0 -%4$s 0 "
            .formatted(
                Spot.number(place.x()), Spot.number(place.y()), Spot.number(r), Spot.number(2 * r))
        + strokes(place, shares, r, SMALL_LONGEST);
  }

  private static Spot at(Spot middle, double angle, double radius) {
    return new Spot(middle.x() + radius * Math.cos(angle), middle.y() + radius * Math.sin(angle));
  }
}
