package unbo.core.section;

import java.util.ArrayList;
import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.section.BearingPortrait.Piece;
import unbo.core.section.BearingShapes.Envelope;

/**
 * An insert bearing: a long inner ring, balls, and an outer ring with a spherical outside. Shares
 * of the section are our own; the inside is for the drawing alone.
 */
final class InsertShapes {

  private static final double INNER_SHARE = 0.34;
  private static final double OUTER_SHARE = 0.26;
  private static final double BALL_SHARE = 0.28;
  private static final int ARC = 10;

  private InsertShapes() {}

  static List<Piece> pieces(Envelope room, Bearing bearing) {
    double half = bearing.otherWidthMm().orElse(0.55 * room.width()) / 2;
    double lip = room.outer() - OUTER_SHARE * room.section();
    List<Point> outer = new ArrayList<>();
    for (int i = 0; i <= ARC; i++) {
      double x = -half + 2 * half * i / ARC;
      double r = Math.sqrt(room.outer() * room.outer() - x * x);
      outer.add(new Point(room.middle() + x, r));
    }
    outer.add(new Point(room.middle() + half, lip));
    outer.add(new Point(room.middle() - half, lip));
    return List.of(
        new Piece(
            "inner ring",
            List.of(
                Shape.rectangle(
                    Shape.Look.CUT_RING,
                    room.middle() - room.width() / 2,
                    room.middle() + room.width() / 2,
                    room.bore(),
                    room.bore() + INNER_SHARE * room.section()))),
        new Piece(
            "balls",
            List.of(
                Shape.circle(
                    Shape.Look.UNCUT,
                    room.middle(),
                    room.bore() + (INNER_SHARE + 1 - OUTER_SHARE) / 2 * room.section(),
                    BALL_SHARE * room.section()))),
        new Piece("outer ring", List.of(new Shape(outer, Shape.Look.CUT_RING))));
  }
}
