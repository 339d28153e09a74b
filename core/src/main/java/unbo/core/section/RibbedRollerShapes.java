package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import unbo.core.section.BearingShapes.Envelope;

/**
 * A cylindrical roller bearing with its ribs where its letters put them: N has none outside, NU
 * none inside, NJ one inside, NUP one and a loose one inside. Estimates: roller 0.55 of the ring
 * section and 0.62 of the width long, ribs 0.28 of the roller high.
 */
final class RibbedRollerShapes {

  private static final double ROLLER_SHARE = 0.55;
  private static final double LENGTH_SHARE = 0.62;
  private static final double RIB_SHARE = 0.28;

  private final Envelope room;
  private final double roller;
  private final double left;
  private final double right;

  RibbedRollerShapes(Envelope room) {
    this.room = room;
    this.roller = ROLLER_SHARE * room.section();
    this.left = room.middle() - LENGTH_SHARE * room.width() / 2;
    this.right = room.middle() + LENGTH_SHARE * room.width() / 2;
  }

  double rollerMm() {
    return roller;
  }

  double lengthMm() {
    return right - left;
  }

  Shape rollerShape() {
    return Shape.rectangle(
        Shape.Look.UNCUT, left, right, room.pitch() - roller / 2, room.pitch() + roller / 2);
  }

  Shape outer(String series) {
    boolean ribs = !series.matches("N\\d+|NF\\d+");
    return ring(room.outer(), room.pitch() + roller / 2, ribs, ribs, -1);
  }

  List<Shape> inner(String series) {
    boolean none = series.startsWith("NU") && !series.startsWith("NUP");
    boolean one = series.startsWith("NJ");
    List<Shape> shapes = new ArrayList<>();
    shapes.add(ring(room.bore(), room.pitch() - roller / 2, !none, !none && !one, 1));
    return shapes;
  }

  /** A ring from its seat to its raceway; ribs stand towards the rollers. */
  private Shape ring(double seat, double raceway, boolean leftRib, boolean rightRib, int towards) {
    double rib = raceway + towards * RIB_SHARE * roller;
    double leftEdge = leftRib ? rib : raceway;
    double rightEdge = rightRib ? rib : raceway;
    return Shape.of(
        Shape.Look.CUT_RING,
        room.from(),
        seat,
        room.to(),
        seat,
        room.to(),
        rightEdge,
        right,
        rightEdge,
        right,
        raceway,
        left,
        raceway,
        left,
        leftEdge,
        room.from(),
        leftEdge);
  }
}
