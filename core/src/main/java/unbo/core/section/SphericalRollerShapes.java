package unbo.core.section;

import java.util.List;
import unbo.core.section.BearingShapes.Envelope;

/**
 * A spherical roller bearing, its barrels drawn straight and along the axis. Estimates: barrels
 * 0.55 of the ring section and 0.38 of the width long, rings alike.
 */
final class SphericalRollerShapes {

  static final double ROLLER_SHARE = 0.55;
  static final double LENGTH_SHARE = 0.38;
  private static final double APART = 0.06;

  private final Envelope room;

  SphericalRollerShapes(Envelope room) {
    this.room = room;
  }

  double rollerMm() {
    return ROLLER_SHARE * room.section();
  }

  double lengthMm() {
    return LENGTH_SHARE * room.width();
  }

  Shape inner() {
    return ring(room.bore(), room.pitch() - rollerMm() / 2);
  }

  Shape outer() {
    return ring(room.pitch() + rollerMm() / 2, room.outer());
  }

  List<Shape> rollers() {
    double gap = APART * room.width() / 2;
    return List.of(
        barrel(room.middle() - gap - lengthMm(), room.middle() - gap),
        barrel(room.middle() + gap, room.middle() + gap + lengthMm()));
  }

  private Shape ring(double inside, double outside) {
    return Shape.rectangle(Shape.Look.CUT_RING, room.from(), room.to(), inside, outside);
  }

  private Shape barrel(double from, double to) {
    double half = rollerMm() / 2;
    return Shape.rectangle(Shape.Look.UNCUT, from, to, room.pitch() - half, room.pitch() + half);
  }
}
