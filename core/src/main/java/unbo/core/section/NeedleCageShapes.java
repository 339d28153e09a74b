package unbo.core.section;

import java.util.List;
import unbo.core.section.Section.ContactLine;

/**
 * Needles in a cage without rings: what they run on belongs to other parts. Radial ones lie along
 * the axis, axial ones across it. Estimate: needles 0.7 of the cage's length, the rest its bars.
 */
final class NeedleCageShapes implements BearingShapes {

  private static final double NEEDLE_SHARE = 0.7;

  private final Envelope room;
  private final boolean axial;

  NeedleCageShapes(Envelope room, boolean axial) {
    this.room = room;
    this.axial = axial;
  }

  @Override
  public List<Shape> shapes(String piece) {
    double bar = (1 - NEEDLE_SHARE) / 2;
    return List.of(
        share(Shape.Look.UNCUT, bar, 1 - bar, 0),
        share(Shape.Look.CUT_SHEET, 0, bar, 0.15),
        share(Shape.Look.CUT_SHEET, 1 - bar, 1, 0.15));
  }

  /** A rectangle over a share of the cage's length, thinner than the needles by a share a side. */
  private Shape share(Shape.Look look, double from, double to, double thinner) {
    double length = axial ? room.section() : room.width();
    double height = axial ? room.width() : room.section();
    double along = axial ? room.bore() : room.from();
    double across = axial ? room.from() : room.bore();
    double a0 = along + from * length;
    double a1 = along + to * length;
    double b0 = across + thinner * height;
    double b1 = across + height - thinner * height;
    return axial ? Shape.rectangle(look, b0, b1, a0, a1) : Shape.rectangle(look, a0, a1, b0, b1);
  }

  @Override
  public Point anchor(String piece) {
    return new Point(room.middle(), room.pitch());
  }

  @Override
  public List<ContactLine> contactLines() {
    return List.of();
  }
}
