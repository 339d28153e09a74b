package unbo.core.section;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import unbo.core.section.BearingPortrait.Piece;
import unbo.core.section.BearingShapes.Envelope;

/**
 * A thrust ball bearing that carries both ways: a washer on the shaft in the middle, a row of balls
 * on either side, a housing washer behind each. Estimates: ball 0.28 of the height, the middle
 * washer a quarter of it, the housing washers’ bore 0.26 of the section over the shaft.
 */
final class TwoWayThrustShapes {

  private static final double BALL_SHARE = 0.28;
  private static final double BALL_IN_WASHER = 0.8;
  private static final double MIDDLE_SHARE = 0.25;
  private static final double CLEAR_OF_SHAFT = 0.26;
  private static final double CLEAR_OF_HOUSING = 0.04;
  private static final double AWAY = 0.3;

  private final Envelope room;
  private final double housingBore;
  private final double ball;
  private final double offset;

  TwoWayThrustShapes(Envelope room) {
    this.room = room;
    this.housingBore = room.bore() + CLEAR_OF_SHAFT * room.section();
    this.ball = Math.min(BALL_SHARE * room.width(), BALL_IN_WASHER * (room.outer() - housingBore));
    this.offset = MIDDLE_SHARE / 2 * room.width() + AWAY * ball;
  }

  double ballMm() {
    return ball;
  }

  /** The room of the balls and the housing washers: the shaft washer reaches further in. */
  Envelope rows() {
    return new Envelope(room.from(), room.to(), housingBore, room.outer());
  }

  List<Piece> pieces() {
    return List.of(
        new Piece("shaft washer", List.of(middle())),
        new Piece("balls", List.of(ball(-1), ball(1))),
        new Piece("housing washer", List.of(housing(-1), housing(1))));
  }

  private ThrustGroove groove(int side) {
    return new ThrustGroove(room.middle() + side * offset, rows().pitch(), ball, AWAY * ball);
  }

  private Shape ball(int side) {
    ThrustGroove groove = groove(side);
    return Shape.circle(Shape.Look.UNCUT, groove.ballX(), groove.pitch(), ball / 2);
  }

  private Shape middle() {
    double outer = room.outer() - CLEAR_OF_HOUSING * room.section();
    double left = groove(-1).flat(1);
    double right = groove(1).flat(-1);
    List<Point> points = new ArrayList<>();
    points.add(new Point(left, room.bore()));
    points.addAll(groove(-1).points(1));
    points.add(new Point(left, outer));
    points.add(new Point(right, outer));
    List<Point> back = new ArrayList<>(groove(1).points(-1));
    Collections.reverse(back);
    points.addAll(back);
    points.add(new Point(right, room.bore()));
    return new Shape(points, Shape.Look.CUT_RING);
  }

  private Shape housing(int side) {
    double face = side < 0 ? room.from() : room.to();
    double flat = groove(side).flat(side);
    List<Point> points = new ArrayList<>();
    points.add(new Point(face, housingBore));
    points.add(new Point(flat, housingBore));
    points.addAll(groove(side).points(side));
    points.add(new Point(flat, room.outer()));
    points.add(new Point(face, room.outer()));
    return new Shape(points, Shape.Look.CUT_RING);
  }
}
