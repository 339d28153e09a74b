package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import unbo.core.section.Section.ContactLine;

/**
 * Roller and needle bearings whose rollers lie along the axis. Estimates: cylindrical rollers 0.55
 * of the ring section, on a bare shaft 0.56, needles what a shell of a third leaves; rollers 0.62
 * of the width long.
 */
final class RollerShapes implements BearingShapes {

  private static final double LENGTH_SHARE = 0.62;
  private static final double RIB_SHARE = 0.28;

  private final Envelope room;
  private final double outerWidth;
  private final double roller;
  private final double racewayIn;
  private final boolean innerRing;
  private final Shape.Look outerLook;

  private RollerShapes(
      Envelope room, double roller, double racewayIn, boolean innerRing, Shape.Look outerLook) {
    this(room, room.width(), roller, racewayIn, innerRing, outerLook);
  }

  private RollerShapes(
      Envelope room,
      double outerWidth,
      double roller,
      double racewayIn,
      boolean innerRing,
      Shape.Look outerLook) {
    this.room = room;
    this.outerWidth = outerWidth;
    this.roller = roller;
    this.racewayIn = racewayIn;
    this.innerRing = innerRing;
    this.outerLook = outerLook;
  }

  /** Two ribs on the outer ring, none on the inner: the shaft may move along. */
  static RollerShapes cylindrical(Envelope room) {
    double roller = 0.55 * room.section();
    return new RollerShapes(room, roller, room.pitch() - roller / 2, true, Shape.Look.CUT_RING);
  }

  /** No inner ring: the shaft is the raceway. */
  static RollerShapes onBareShaft(Envelope room) {
    return new RollerShapes(room, 0.56 * room.section(), room.bore(), false, Shape.Look.CUT_RING);
  }

  /** A thin drawn shell with lips, needles on the bare shaft or sleeve. */
  static RollerShapes drawnCup(Envelope room) {
    return new RollerShapes(room, 0.67 * room.section(), room.bore(), false, Shape.Look.CUT_SHEET);
  }

  /** Needles in a machined outer ring, on an inner ring or on the shaft itself. */
  static RollerShapes machined(Envelope room, boolean innerRing) {
    double section = room.section();
    return innerRing
        ? new RollerShapes(
            room, 0.4 * section, room.bore() + 0.33 * section, true, Shape.Look.CUT_RING)
        : new RollerShapes(room, 0.6 * section, room.bore(), false, Shape.Look.CUT_RING);
  }

  /** The same where seals run on the inner ring, which is wider than the outer one. */
  RollerShapes withOuterRing(double width) {
    return new RollerShapes(room, width, roller, racewayIn, innerRing, outerLook);
  }

  double racewayInMm() {
    return racewayIn;
  }

  /** How far in the ribs of the outer ring reach: the radius at their edge. */
  double ribMm() {
    return racewayIn + roller - (1 - RIB_SHARE) * roller * (innerRing ? 0.4 : 0.9);
  }

  double rollerMm() {
    return roller;
  }

  double lengthMm() {
    return room.width() * LENGTH_SHARE;
  }

  @Override
  public List<Shape> shapes(String piece) {
    List<Shape> shapes = new ArrayList<>();
    if (!piece.equals("outer") && innerRing) {
      shapes.add(
          Shape.rectangle(Shape.Look.CUT_RING, room.from(), room.to(), room.bore(), racewayIn));
    }
    if (!piece.equals("outer") || !innerRing) {
      double half = room.width() * LENGTH_SHARE / 2;
      shapes.add(
          Shape.rectangle(
              Shape.Look.UNCUT,
              room.middle() - half,
              room.middle() + half,
              racewayIn,
              racewayIn + roller));
    }
    if (!piece.equals("inner")) {
      shapes.add(outer());
    }
    return shapes;
  }

  private Shape outer() {
    double half = room.width() * LENGTH_SHARE / 2;
    double left = room.middle() - half;
    double right = room.middle() + half;
    double raceway = racewayIn + roller;
    double from = room.middle() - outerWidth / 2;
    double to = room.middle() + outerWidth / 2;
    double rib = ribMm();
    return Shape.of(
        outerLook,
        from,
        rib,
        left,
        rib,
        left,
        raceway,
        right,
        raceway,
        right,
        rib,
        to,
        rib,
        to,
        room.outer(),
        from,
        room.outer());
  }

  @Override
  public Point anchor(String piece) {
    if (piece.equals("inner") && innerRing) {
      return new Point(room.middle(), (room.bore() + racewayIn) / 2);
    }
    return new Point(room.middle(), (racewayIn + roller + room.outer()) / 2);
  }

  @Override
  public List<ContactLine> contactLines() {
    return List.of();
  }
}
