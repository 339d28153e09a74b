package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import unbo.core.section.Section.ContactLine;

/**
 * Ball bearings with one or two rows. Balls of deep groove sizes that are listed as listed; the
 * rest are estimates, not maker's data: pitch diameter (d + D)/2, ball 0.588 of the ring section in
 * deep groove bearings, else 0.6 (0.64 full complement), never over 0.8 of the row's width;
 * shoulders 0.22 of the ball over the groove's bottom; contact angle 25° for one row and 35° for
 * two, drawn as the middle of what the trade uses.
 */
final class BallShapes implements BearingShapes {

  private static final double BALL_SHARE = 0.6;

  /** The mean of the listed deep groove sizes, which lie between 0.53 and 0.62. */
  private static final double DEEP_GROOVE_SHARE = 0.588;

  private static final double FULL_SHARE = 0.64;
  private static final double SHOULDER = 0.28;
  private static final double RELIEVED = 0.46;
  private static final double ONE_ROW_ANGLE_DEG = 25;
  private static final double TWO_ROW_ANGLE_DEG = 35;
  private static final int ARC = 16;

  private final Envelope room;
  private final double ball;
  private final List<Row> rows;

  /** A row: where its balls stand, and its lean: 1 to the left, −1 to the right, 0 none. */
  private record Row(double x, int lean, double angleDeg) {}

  private BallShapes(Envelope room, double ball, List<Row> rows) {
    this.room = room;
    this.ball = ball;
    this.rows = rows;
  }

  static BallShapes deepGroove(Envelope room) {
    double ball =
        ListedInside.ballsIn(room)
            .map(i -> i.ballMm().orElseThrow())
            .orElseGet(() -> size(room, DEEP_GROOVE_SHARE));
    return new BallShapes(room, ball, List.of(new Row(room.middle(), 0, 0)));
  }

  static BallShapes fullComplement(Envelope room) {
    return new BallShapes(room, size(room, FULL_SHARE), List.of(new Row(room.middle(), 0, 0)));
  }

  static BallShapes angular(Envelope room, boolean facingRight) {
    Row row = new Row(room.middle(), facingRight ? 1 : -1, ONE_ROW_ANGLE_DEG);
    return new BallShapes(room, size(room, BALL_SHARE), List.of(row));
  }

  static BallShapes angular(Envelope room, boolean facingRight, double angleDeg) {
    Row row = new Row(room.middle(), facingRight ? 1 : -1, angleDeg);
    return new BallShapes(room, size(room, BALL_SHARE), List.of(row));
  }

  /** Two rows back to back, the inner ring split between them. */
  static BallShapes doubleRow(Envelope room) {
    double apart = room.width() * 0.24;
    double ball = Math.min(BALL_SHARE * room.section(), 0.4 * room.width());
    return new BallShapes(
        room,
        ball,
        List.of(
            new Row(room.middle() - apart, 1, TWO_ROW_ANGLE_DEG),
            new Row(room.middle() + apart, -1, TWO_ROW_ANGLE_DEG)));
  }

  private static double size(Envelope room, double share) {
    return Math.min(share * room.section(), 0.8 * room.width());
  }

  @Override
  public List<Shape> shapes(String piece) {
    List<Shape> shapes = new ArrayList<>();
    if (piece.equals("inner-left") || piece.equals("inner-right")) {
      return List.of(inner().get(piece.equals("inner-left") ? 0 : 1));
    }
    // Where halves of the inner ring are parts of their own, the balls stay in the outer ring.
    boolean split = piece.equals("outer") && rows.size() == 2;
    if (!piece.equals("outer")) {
      shapes.addAll(inner());
    }
    if (split || !piece.equals("outer")) {
      rows.forEach(r -> shapes.add(Shape.circle(Shape.Look.UNCUT, r.x, room.pitch(), ball / 2)));
    }
    if (!piece.equals("inner")) {
      shapes.add(ring(room.from(), room.to(), rows, true));
    }
    return shapes;
  }

  private List<Shape> inner() {
    if (rows.size() == 1) {
      return List.of(ring(room.from(), room.to(), rows, false));
    }
    return List.of(
        ring(room.from(), room.middle(), rows.subList(0, 1), false),
        ring(room.middle(), room.to(), rows.subList(1, 2), false));
  }

  /** One ring: its seat side straight, its raceway side with a groove for each row. */
  private Shape ring(double from, double to, List<Row> its, boolean outer) {
    double seat = outer ? room.outer() : room.bore();
    List<Point> points = new ArrayList<>();
    points.add(new Point(from, seat));
    points.add(new Point(to, seat));
    for (int i = its.size() - 1; i >= 0; i--) {
      Row row = its.get(i);
      double rightEnd = i == its.size() - 1 ? to : (row.x + its.get(i + 1).x) / 2;
      double leftEnd = i == 0 ? from : (its.get(i - 1).x + row.x) / 2;
      points.add(new Point(rightEnd, shoulder(row, 1, outer)));
      points.addAll(groove(row, outer));
      points.add(new Point(leftEnd, shoulder(row, -1, outer)));
    }
    return new Shape(points, Shape.Look.CUT_RING);
  }

  /** The groove from its right edge to its left one, on the ball's own circle. */
  private List<Point> groove(Row row, boolean outer) {
    double right = edge(row, 1, outer);
    double left = -edge(row, -1, outer);
    return IntStream.rangeClosed(0, ARC)
        .mapToObj(i -> right + (left - right) * i / ARC)
        .map(dx -> new Point(row.x + dx, onBall(dx, outer)))
        .toList();
  }

  private double onBall(double dx, boolean outer) {
    double height = Math.sqrt(Math.max(0, ball * ball / 4 - dx * dx));
    return room.pitch() + (outer ? height : -height);
  }

  /** How far the groove reaches to a side of the ball's middle. */
  private double edge(Row row, int side, boolean outer) {
    double share = share(row, side, outer);
    return ball * Math.sqrt(0.25 - share * share);
  }

  private double shoulder(Row row, int side, boolean outer) {
    double away = share(row, side, outer) * ball;
    return room.pitch() + (outer ? away : -away);
  }

  /**
   * The shoulder's distance from the pitch circle as a share of the ball: low on the side that
   * carries no thrust, which is the lean's side outside and the other one inside.
   */
  private static double share(Row row, int side, boolean outer) {
    boolean relieved = row.lean != 0 && (outer ? side == -row.lean : side == row.lean);
    return relieved ? RELIEVED - 0.04 : SHOULDER;
  }

  double ballMm() {
    return ball;
  }

  @Override
  public Point anchor(String piece) {
    double metal = ball / 2;
    double x = rows.get(piece.equals("inner-right") ? 1 : 0).x;
    return piece.startsWith("inner")
        ? new Point(x, (room.bore() + room.pitch() - metal) / 2)
        : new Point(x, (room.outer() + room.pitch() + metal) / 2);
  }

  @Override
  public List<ContactLine> contactLines() {
    return rows.stream()
        .filter(r -> r.lean != 0)
        .map(
            r ->
                new ContactLine(
                    new Point(r.x, room.pitch()),
                    new Point(
                        r.x - r.lean * room.pitch() * Math.tan(Math.toRadians(r.angleDeg)), 0)))
        .toList();
  }
}
