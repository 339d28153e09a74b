package unbo.core.section;

import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.designation.Closure;
import unbo.core.section.BearingPortrait.Piece;
import unbo.core.section.BearingShapes.Envelope;

/**
 * Shields and seals at a face, told apart in the drawing as in the hand: a shield is thin sheet
 * with a gap at the inner ring, a non-contact seal rubber with a gap, a light-contact one touches
 * with a thin lip, a contact one lies on the shoulder. Proportions are ours.
 */
final class ClosureShapes {

  private static final double SHOULDER = 0.28;
  private static final double DEEP = 0.05;
  private static final double THICK_RUBBER = 0.075;
  private static final double THICK_SHEET = 0.035;
  private static final double GAP = 0.045;
  private static final double RIM = 0.06;

  /** How much of the gap a lip that touches lies over the shoulder. */
  private static final double PRESSED = 0.4;

  private final Envelope room;
  private final double outerShoulder;
  private final double innerShoulder;

  private ClosureShapes(Envelope room, double outerShoulder, double innerShoulder) {
    this.room = room;
    this.outerShoulder = outerShoulder;
    this.innerShoulder = innerShoulder;
  }

  /** Those of a bearing whose closures are drawn. */
  static ClosureShapes of(Envelope room, Bearing bearing, boolean full) {
    if (bearing.family() == Family.NEEDLE_ROLLER) {
      RollerShapes needles = RollerShapes.machined(room, !bearing.isWithoutInnerRing());
      return new ClosureShapes(
          outerRing(room, bearing),
          needles.ribMm() - RIM * room.section(),
          needles.racewayInMm() + PRESSED * GAP * room.section());
    }
    double element =
        InternalGeometry.estimate(bearing, full, java.util.OptionalDouble.empty())
            .orElseThrow()
            .elementMm();
    return new ClosureShapes(
        room, room.pitch() + SHOULDER * element, room.pitch() - SHOULDER * element);
  }

  /** The seals of needles sit in the outer ring, which may be the narrower one. */
  private static Envelope outerRing(Envelope room, Bearing bearing) {
    double half = bearing.otherWidthMm().orElse(room.width()) / 2;
    return new Envelope(room.middle() - half, room.middle() + half, room.bore(), room.outer());
  }

  /** Whether a bearing is of a family whose closures are drawn. */
  static boolean canBeDrawn(Bearing bearing) {
    boolean ball = bearing.family().isBall() && !bearing.family().isThrustBall();
    return ball || bearing.family() == Family.NEEDLE_ROLLER;
  }

  /** What closes a side; empty for an open one. */
  Optional<Piece> of(Closure closure, boolean left) {
    String side = left ? "left " : "right ";
    double section = room.section();
    return switch (closure) {
      case OPEN, NOT_KNOWN -> Optional.empty();
      case SHIELD ->
          piece(side + "shield", plate(Shape.Look.CUT_SHEET, left, THICK_SHEET, GAP * section));
      case NON_CONTACT ->
          piece(side + "seal", plate(Shape.Look.CUT_RUBBER, left, THICK_RUBBER, GAP * section));
      case LIGHT_CONTACT ->
          piece(
              side + "seal",
              plate(Shape.Look.CUT_RUBBER, left, THICK_RUBBER, GAP * section),
              plate(Shape.Look.CUT_RUBBER, left, THICK_RUBBER / 3, 0));
      case CONTACT ->
          piece(
              side + "seal",
              plate(Shape.Look.CUT_RUBBER, left, THICK_RUBBER, -PRESSED * GAP * section));
    };
  }

  private static Optional<Piece> piece(String name, Shape... shapes) {
    return Optional.of(new Piece(name, List.of(shapes)));
  }

  private Shape plate(Shape.Look look, boolean left, double thickness, double gap) {
    double deep = DEEP * room.width();
    double thick = thickness * room.width();
    double x0 = left ? room.from() + deep : room.to() - deep - thick;
    return Shape.rectangle(
        look, x0, x0 + thick, innerShoulder + gap, outerShoulder + RIM * room.section());
  }
}
