package unbo.core.section;

import java.util.List;
import unbo.core.section.BearingPortrait.Piece;
import unbo.core.section.BearingShapes.Envelope;

/**
 * A track roller on needles about the head of its stud, which stands out behind it and is not drawn
 * there; the inside is for the drawing alone.
 */
final class TrackRollerShapes {

  private static final double NEEDLE_SHARE = 0.22;

  private TrackRollerShapes() {}

  static List<Piece> pieces(Envelope room) {
    double from = room.middle() - room.width() / 2;
    double to = room.middle() + room.width() / 2;
    double head = room.bore() + 0.2 * room.section();
    double needles = head + NEEDLE_SHARE * room.section();
    return List.of(
        new Piece("stud", List.of(Shape.rectangle(Shape.Look.UNCUT, from, to, 0, head))),
        new Piece(
            "needles",
            List.of(
                Shape.rectangle(
                    Shape.Look.UNCUT,
                    from + 0.08 * room.width(),
                    to - 0.08 * room.width(),
                    head,
                    needles))),
        new Piece(
            "roller",
            List.of(Shape.rectangle(Shape.Look.CUT_RING, from, to, needles, room.outer()))));
  }
}
