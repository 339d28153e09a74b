package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import unbo.core.section.Section.ContactLine;

/**
 * A thrust ball bearing: two washers and a row of balls that carries along the axis. Estimates:
 * ball 0.5 of the height, washers a third of it each.
 */
final class ThrustBallShapes implements BearingShapes {

  private static final double WASHER_SHARE = 0.33;

  private final Envelope room;
  private final double ball;

  ThrustBallShapes(Envelope room) {
    this.room = room;
    this.ball = Math.min(0.5 * room.width(), 0.8 * room.section());
  }

  @Override
  public List<Shape> shapes(String piece) {
    List<Shape> shapes = new ArrayList<>();
    if (!piece.equals("outer")) {
      shapes.add(washer(room.from(), 1));
      shapes.add(Shape.circle(Shape.Look.UNCUT, room.middle(), room.pitch(), ball / 2));
    }
    if (!piece.equals("inner")) {
      shapes.add(washer(room.to(), -1));
    }
    return shapes;
  }

  /** A washer from its outer face inwards, with the groove in its inner face. */
  private Shape washer(double face, int inwards) {
    double away = Math.min(room.width() * (0.5 - WASHER_SHARE), ball / 2 * 0.9);
    ThrustGroove groove = new ThrustGroove(room.middle(), room.pitch(), ball, away);
    double flat = groove.flat(-inwards);
    List<Point> points = new ArrayList<>();
    points.add(new Point(face, room.bore()));
    points.add(new Point(flat, room.bore()));
    points.addAll(groove.points(-inwards));
    points.add(new Point(flat, room.outer()));
    points.add(new Point(face, room.outer()));
    return new Shape(points, Shape.Look.CUT_RING);
  }

  @Override
  public Point anchor(String piece) {
    double x = piece.equals("inner") ? room.from() : room.to();
    int inwards = piece.equals("inner") ? 1 : -1;
    return new Point(
        x + inwards * room.width() * WASHER_SHARE / 2, room.outer() - room.section() * 0.12);
  }

  @Override
  public List<ContactLine> contactLines() {
    return List.of();
  }
}
