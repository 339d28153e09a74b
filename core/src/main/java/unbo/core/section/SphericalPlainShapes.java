package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import unbo.core.section.Section.ContactLine;

/**
 * A spherical plain bearing: an inner ring with a spherical outside in a concave outer ring three
 * quarters as wide. The sphere takes 0.6 of the section, or more where the inner ring would
 * otherwise run out at its ends.
 */
final class SphericalPlainShapes implements BearingShapes {

  private static final double OUTER_WIDTH_SHARE = 0.75;
  private static final int ARC = 12;

  private final Envelope room;
  private final double sphere;

  SphericalPlainShapes(Envelope room) {
    this.room = room;
    double ends = Math.hypot(room.width() / 2, room.bore() * 1.04);
    double wanted = Math.max(room.bore() + 0.6 * room.section(), ends);
    this.sphere = Math.min(wanted, room.bore() + 0.92 * room.section());
  }

  @Override
  public List<Shape> shapes(String piece) {
    List<Shape> shapes = new ArrayList<>();
    if (!piece.equals("outer")) {
      shapes.add(ring(room.width() / 2, room.bore()));
    }
    if (!piece.equals("inner")) {
      shapes.add(ring(room.width() / 2 * OUTER_WIDTH_SHARE, room.outer()));
    }
    return shapes;
  }

  /** A ring between its seat and the sphere. */
  private Shape ring(double half, double seat) {
    List<Point> points = new ArrayList<>();
    points.add(new Point(room.middle() + half, seat));
    points.add(new Point(room.middle() - half, seat));
    IntStream.rangeClosed(0, ARC)
        .mapToDouble(i -> -half + 2 * half * i / ARC)
        .mapToObj(dx -> new Point(room.middle() + dx, onSphere(dx)))
        .forEach(points::add);
    return new Shape(points, Shape.Look.CUT_RING);
  }

  private double onSphere(double dx) {
    return Math.max(room.bore() + 0.02, Math.sqrt(Math.max(0, sphere * sphere - dx * dx)));
  }

  @Override
  public Point anchor(String piece) {
    return piece.equals("inner")
        ? new Point(room.middle(), (room.bore() + sphere) / 2)
        : new Point(room.middle(), (room.outer() + sphere) / 2);
  }

  @Override
  public List<ContactLine> contactLines() {
    return List.of();
  }
}
