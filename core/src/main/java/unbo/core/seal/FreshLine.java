package unbo.core.seal;

import java.util.ArrayList;
import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * Whether a lip can run beside the groove that the old one wore, by seating the seal deeper or less
 * deep. All lengths run from the face of the housing inwards, in millimetres. Deeper it may go
 * until {@value #GAP_MM} mm are left to ring and cage; outwards until it is flush. The lip moves
 * with the seal, and has to leave the groove by half the groove's width and half its own.
 *
 * <p>Limits: a seal of the same section as the old one, so that its lip stands where the old one
 * stood; the shaft has to be ground and without a chamfer where the lip goes, which nobody but the
 * eye can tell. Source: geometry; the gap is general workshop practice.
 *
 * @param inwards how much deeper it may go, millimetres
 * @param outwards how much less deep, millimetres
 * @param needed how far the lip has to move, millimetres
 * @param says what follows
 * @param reasons why, in words
 */
public record FreshLine(
    Working inwards, Working outwards, Working needed, Says says, List<String> reasons) {

  /** Left free to the ring and its cage. */
  public static final double GAP_MM = 0.5;

  /** Width of a lip's contact, assumed. */
  static final double LIP_MM = 0.5;

  /** What to do about the groove. */
  public enum Says {
    DEEPER("Seat it deeper: the lip runs on a fresh line."),
    OUTWARD("Seat it less deep: the lip runs on a fresh line."),
    NO_ROOM("No room for a fresh line: a repair sleeve, or another shaft."),
    CANNOT_TELL("Cannot tell: the readings’ doubt is larger than the room that is left.");

    private final String words;

    Says(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * Depths as measured.
   *
   * @param roomMm from the housing's face to ring or cage, over 0
   * @param seatMm from the face to where the seal's seat ends or its shoulder stands, over 0; the
   *     lesser of it and the room rules
   * @param sealMm width of the seal, over 0 and no more than the room
   * @param depthMm how deep the old seal's outer face stood; 0 is flush, not under it
   * @param grooveMm width of the groove, over 0
   * @param u95Mm what each reading is good for
   */
  public record Depths(
      double roomMm, double seatMm, double sealMm, double depthMm, double grooveMm, double u95Mm) {

    /**
     * @throws IllegalArgumentException for what cannot be built
     */
    public Depths {
      boolean built = roomMm > 0 && seatMm > 0 && sealMm > 0 && grooveMm > 0 && depthMm >= 0;
      if (!built || depthMm + sealMm > Math.min(roomMm, seatMm) + 2) {
        throw new IllegalArgumentException("Not a seat that the old seal stood in");
      }
    }
  }

  /** What the depths come to. */
  public static FreshLine of(Depths d, String instrument) {
    Origin read = Origin.measured(instrument);
    Input room = Input.of("h", "face to ring or cage", d.roomMm, d.u95Mm, "mm", read);
    Input seat = Input.of("s", "depth of the seat", d.seatMm, d.u95Mm, "mm", read);
    Input width = Input.of("b", "width of the seal", d.sealMm, d.u95Mm, "mm", read);
    Input depth = Input.of("t", "depth of the old seal", d.depthMm, d.u95Mm, "mm", read);
    Input groove = Input.of("w", "width of the groove", d.grooveMm, d.u95Mm, "mm", read);
    Working inwards = inwards(List.of(room, seat, width, depth));
    Working outwards =
        Working.of(
            Formula.of(
                "Room outwards",
                "mm",
                "a = t",
                v -> v.get("t"),
                "Geometry: until it is flush.",
                "Not proud of the housing."),
            List.of(depth));
    Working needed =
        Working.of(
            Formula.of(
                "Move to a fresh line",
                "mm",
                "m = (w + l)/2",
                v -> (v.get("w") + v.get("l")) / 2,
                "Geometry: half the groove and half the lip.",
                "The lip’s contact is assumed."),
            List.of(
                groove,
                Input.of("l", "contact of a lip", LIP_MM, 0.2, "mm", Origin.assumed("usual lip"))));
    return judged(inwards, outwards, needed);
  }

  private static Working inwards(List<Input> inputs) {
    return Working.of(
        Formula.of(
            "Room inwards",
            "mm",
            "i = min(h − 0.5, s) − b − t",
            v -> Math.min(v.get("h") - GAP_MM, v.get("s")) - v.get("b") - v.get("t"),
            "Geometry; half a millimetre to ring and cage is general workshop practice.",
            "A seat without a shoulder: its end counts as one."),
        inputs);
  }

  private static FreshLine judged(Working inwards, Working outwards, Working needed) {
    List<String> reasons = new ArrayList<>();
    boolean in = surely(inwards, needed);
    boolean out = surely(outwards, needed);
    boolean perhaps = perhaps(inwards, needed) || perhaps(outwards, needed);
    if (in || out) {
      reasons.add("Look that the shaft is ground there, without chamfer, rust or an older groove.");
    }
    if (in) {
      reasons.add("Deeper keeps the fresh line away from the dirt outside.");
    }
    if (!in && !out && perhaps) {
      reasons.add("Measure the depths with a depth gauge instead of a rule.");
    }
    Says says = in ? Says.DEEPER : out ? Says.OUTWARD : perhaps ? Says.CANNOT_TELL : Says.NO_ROOM;
    return new FreshLine(inwards, outwards, needed, says, List.copyOf(reasons));
  }

  private static double doubt(Working a, Working b) {
    return Math.hypot(a.result().uncertainty(), b.result().uncertainty());
  }

  private static boolean surely(Working room, Working needed) {
    return room.result().value() - needed.result().value() > doubt(room, needed);
  }

  private static boolean perhaps(Working room, Working needed) {
    return room.result().value() - needed.result().value() > -doubt(room, needed);
  }
}
