package unbo.core.section;

import java.util.List;

/** A lip seal: sheet metal case, rubber lip, garter spring. */
final class SealShapes {

  private static final double SHARE_OF_CASE = 0.16;

  private SealShapes() {}

  /**
   * The outlines.
   *
   * @param seat radius on which the lip runs
   * @param outside radius of the case
   */
  static List<Shape> of(double from, double to, double seat, double outside) {
    double width = to - from;
    double sheet = Math.min(1.4, width * SHARE_OF_CASE);
    double room = Math.max(0.4, outside - seat);
    double inside = seat + Math.min(1.2, 0.2 * room);
    double root = inside + 0.4 * (outside - inside);
    double lip = width - 2.4 * sheet / 1.4;
    double x = from + sheet;
    double spring = Math.min(0.9, 0.09 * room);
    return List.of(
        Shape.of(
            Shape.Look.CUT_SHEET,
            from,
            inside,
            from,
            outside,
            to,
            outside,
            to,
            outside - sheet,
            x,
            outside - sheet,
            x,
            inside),
        Shape.of(
            Shape.Look.CUT_RUBBER,
            x,
            root,
            x + lip * 0.15,
            root,
            x + lip,
            seat + 0.22 * room,
            x + lip,
            seat + 0.1 * room,
            x + 0.6 * lip,
            seat,
            x,
            inside),
        Shape.circle(Shape.Look.UNCUT, x + 0.72 * lip, seat + 0.3 * room, spring));
  }

  static Point anchor(double from, double to, double seat, double outside) {
    double sheet = Math.min(1.4, (to - from) * SHARE_OF_CASE);
    return new Point(from + sheet / 2, (outside + seat) / 2);
  }
}
