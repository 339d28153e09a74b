package unbo.core.section;

import java.util.List;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingKind;
import unbo.core.arrangement.BearingPlace;
import unbo.core.designation.BearingFacts;

/** The outlines of one bearing, placed in the section, ring by ring. */
interface BearingShapes {

  /**
   * The outlines of a piece.
   *
   * @param piece {@code cone}, {@code cup}, {@code inner}, {@code outer} or {@code all}; the
   *     elements go with the inner ring, with the outer one where there is no inner
   */
  List<Shape> shapes(String piece);

  /** Where a leader to the piece ends: inside the metal of its ring. */
  Point anchor(String piece);

  /** Lines along which a bearing with a contact angle carries; empty for the others. */
  List<Section.ContactLine> contactLines();

  /** The bearing at a place of an assembly. */
  static BearingShapes of(Assembly assembly, BearingPlace place) {
    BearingKind kind = assembly.bearingAt(place.id()).flatMap(place::kindOf).orElse(place.kind());
    if (kind.isTaper()) {
      double from = assembly.valueOf(place.id() + ".from");
      return TaperShapes.placed(assembly.bearing(place.id()), from, place.facingRight());
    }
    Envelope envelope = Envelope.of(assembly, place.id());
    return switch (kind) {
      case FULL_COMPLEMENT_BALL -> BallShapes.fullComplement(envelope);
      case ANGULAR_CONTACT_BALL, HEADSET -> angular(assembly, place, envelope);
      case DOUBLE_ROW_BALL, TWO_ROW_ANGULAR_BALL, TWO_ROW_BALL -> BallShapes.doubleRow(envelope);
      case CYLINDRICAL_ROLLER -> RollerShapes.cylindrical(envelope);
      case BARE_SHAFT_ROLLER -> RollerShapes.onBareShaft(envelope);
      case DRAWN_CUP_NEEDLE -> RollerShapes.drawnCup(envelope);
      case NEEDLE_ROLLER -> RollerShapes.machined(envelope, hasInnerRing(assembly, place));
      case NEEDLE_CAGE -> new NeedleCageShapes(envelope, false);
      case THRUST_NEEDLE -> new NeedleCageShapes(envelope, true);
      case SELF_ALIGNING_BALL -> new SelfAligningShapes(envelope);
      case THRUST_BALL -> new ThrustBallShapes(envelope);
      case SPHERICAL_PLAIN -> new SphericalPlainShapes(envelope);
      default -> BallShapes.deepGroove(envelope);
    };
  }

  private static boolean hasInnerRing(Assembly assembly, BearingPlace place) {
    return !assembly.bearing(place.id()).isWithoutInnerRing();
  }

  /** With the contact angle that its number says, where it says one. */
  private static BearingShapes angular(Assembly assembly, BearingPlace place, Envelope envelope) {
    BearingFacts said = assembly.said().get(place.id());
    return said == null || said.contactAngleDeg() == null
        ? BallShapes.angular(envelope, place.facingRight())
        : BallShapes.angular(envelope, place.facingRight(), said.contactAngleDeg());
  }

  /**
   * The room that a bearing takes, in millimetres.
   *
   * @param from its left face
   * @param to its right face
   * @param bore radius of the bore
   * @param outer radius of the outside
   */
  record Envelope(double from, double to, double bore, double outer) {

    static Envelope of(Assembly assembly, String place) {
      double from = assembly.valueOf(place + ".from");
      double width = assembly.valueOf(place + ".width");
      double bore = assembly.valueOf(place + ".bore") / 2;
      // A bore over the outside is said at the part; the drawing keeps a thin ring.
      double outer = Math.max(bore + 0.5, assembly.valueOf(place + ".outer") / 2);
      return new Envelope(from, from + width, bore, outer);
    }

    double width() {
      return to - from;
    }

    double middle() {
      return (from + to) / 2;
    }

    double section() {
      return outer - bore;
    }

    double pitch() {
      return (outer + bore) / 2;
    }
  }
}
