package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import unbo.core.section.BearingShapes.Envelope;
import unbo.core.section.Section.ContactLine;

/**
 * A self-aligning ball bearing: two rows of balls, the outer raceway one sphere about the bearing's
 * own middle. Estimates: ball 0.5 of the ring section, rows 0.25 of the width off the middle.
 */
final class SelfAligningShapes implements BearingShapes {

  private static final double BALL_SHARE = 0.5;
  private static final double APART_SHARE = 0.25;
  private static final int ARC = 12;

  private final Envelope room;
  private final double ball;

  SelfAligningShapes(Envelope room) {
    this.room = room;
    this.ball = Math.min(BALL_SHARE * room.section(), 0.42 * room.width());
  }

  @Override
  public List<Shape> shapes(String piece) {
    List<Shape> shapes = new ArrayList<>();
    if (!piece.equals("outer")) {
      shapes.add(inner());
      shapes.addAll(balls());
    }
    if (!piece.equals("inner")) {
      shapes.add(outer());
    }
    return shapes;
  }

  /** In a ring's corner, where there is metal beside the raceway. */
  @Override
  public Point anchor(String piece) {
    return piece.equals("inner")
        ? new Point(room.middle(), room.bore() + 0.1 * room.section())
        : new Point(room.from() + 0.12 * room.width(), room.outer() - 0.06 * room.section());
  }

  @Override
  public List<ContactLine> contactLines() {
    return List.of();
  }

  double ballMm() {
    return ball;
  }

  private double sphere() {
    return Math.hypot(room.pitch(), apart()) + ball / 2;
  }

  private double apart() {
    return APART_SHARE * room.width();
  }

  List<Shape> balls() {
    return List.of(
        Shape.circle(Shape.Look.UNCUT, room.middle() - apart(), room.pitch(), ball / 2),
        Shape.circle(Shape.Look.UNCUT, room.middle() + apart(), room.pitch(), ball / 2));
  }

  Shape outer() {
    List<Point> points = new ArrayList<>();
    points.add(new Point(room.from(), room.outer()));
    points.add(new Point(room.to(), room.outer()));
    for (int i = 0; i <= ARC; i++) {
      double x = room.to() - room.width() * i / ARC;
      double off = x - room.middle();
      points.add(new Point(x, Math.sqrt(sphere() * sphere() - off * off)));
    }
    return new Shape(points, Shape.Look.CUT_RING);
  }

  Shape inner() {
    double groove = room.pitch() - ball / 2;
    double shoulder = room.pitch() - 0.25 * ball;
    double dx = Math.sqrt(ball * ball / 4 - 0.0625 * ball * ball);
    List<Point> points = new ArrayList<>();
    points.add(new Point(room.from(), room.bore()));
    points.add(new Point(room.to(), room.bore()));
    points.add(new Point(room.to(), shoulder));
    for (int side = 1; side >= -1; side -= 2) {
      double x = room.middle() + side * apart();
      points.add(new Point(x + dx, shoulder));
      points.add(new Point(x + dx / 2, groove + 0.07 * ball));
      points.add(new Point(x, groove));
      points.add(new Point(x - dx / 2, groove + 0.07 * ball));
      points.add(new Point(x - dx, shoulder));
    }
    points.add(new Point(room.from(), shoulder));
    return new Shape(points, Shape.Look.CUT_RING);
  }
}
