package unbo.core.section;

import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.catalogue.TaperGeometry;
import unbo.core.section.BearingShapes.Envelope;

/**
 * What lies inside a bearing, estimated from its envelope: nobody's data, and said so wherever it
 * is shown. Element sizes are the shares of the ring section that the drawings use. Counts: a deep
 * groove ball bearing is filled by displacing the rings, balls over an arc of about 186° (Harris,
 * Rolling Bearing Analysis, on Conrad assembly); other caged ball rows fill 0.83 of the pitch
 * circle, caged rollers 0.87, a full complement all of it.
 *
 * @param elementMm ball or mean roller diameter Dw
 * @param lengthMm roller length, empty for balls
 * @param perRow elements in a row, Z
 * @param rows rows
 * @param pitchMm pitch diameter dm
 * @param contactAngleDeg contact angle where it is known or tabled, empty where it is not
 */
public record InternalGeometry(
    double elementMm,
    OptionalDouble lengthMm,
    int perRow,
    int rows,
    double pitchMm,
    OptionalDouble contactAngleDeg) {

  private static final double CONRAD_DEG = 186;
  private static final double BALL_FILLING = 0.83;
  private static final double ROLLER_FILLING = 0.87;

  /**
   * Estimates; empty for plain bearings, which have no elements.
   *
   * @param fullComplement whether it has no cage
   * @param angle the contact angle that was read, if any
   */
  public static Optional<InternalGeometry> estimate(
      Bearing bearing, boolean fullComplement, OptionalDouble angle) {
    if (bearing.family() == Family.SPHERICAL_PLAIN) {
      return Optional.empty();
    }
    if (bearing.isTaper()) {
      TaperGeometry g = TaperGeometry.estimate(bearing);
      int count = rollers(g.pitchDiameterMm(), g.rollerMm(), fullComplement);
      return Optional.of(
          new InternalGeometry(
              g.rollerMm(),
              OptionalDouble.of(g.rollerLengthMm()),
              count,
              1,
              g.pitchDiameterMm(),
              bearing.taper().orElseThrow().contactAngleDeg()));
    }
    return Optional.of(of(bearing, room(bearing), fullComplement, angle));
  }

  static Envelope room(Bearing bearing) {
    return new Envelope(0, bearing.widthMm(), bearing.boreMm() / 2, bearing.outerMm() / 2);
  }

  private static InternalGeometry of(
      Bearing bearing, Envelope room, boolean full, OptionalDouble angle) {
    return switch (bearing.family()) {
      case CYLINDRICAL_ROLLER -> {
        RibbedRollerShapes shapes = new RibbedRollerShapes(room);
        yield roller(shapes.rollerMm(), shapes.lengthMm(), 2 * room.pitch(), full);
      }
      case DRAWN_CUP_NEEDLE -> needle(RollerShapes.drawnCup(room), room, full);
      case NEEDLE_CAGE ->
          roller(room.section(), 0.8 * room.width(), room.bore() + room.outer(), full);
      case NEEDLE_ROLLER ->
          needle(RollerShapes.machined(room, !bearing.isWithoutInnerRing()), room, full);
      case SELF_ALIGNING_BALL ->
          balls(
              new SelfAligningShapes(room).ballMm(), room, 2, BALL_FILLING, OptionalDouble.empty());
      case TWO_ROW_ANGULAR_BALL, WHEEL_UNIT ->
          balls(BallShapes.doubleRow(room).ballMm(), room, 2, BALL_FILLING, angle);
      case ANGULAR_CONTACT_BALL, HEADSET ->
          balls(BallShapes.angular(room, true).ballMm(), room, 1, BALL_FILLING, angle);
      case THRUST_BALL ->
          balls(
              Math.min(0.5 * room.width(), 0.8 * room.section()),
              room,
              1,
              BALL_FILLING,
              OptionalDouble.of(90));
      default -> deepGroove(room, full);
    };
  }

  private static InternalGeometry deepGroove(Envelope room, boolean full) {
    BallShapes shapes = full ? BallShapes.fullComplement(room) : BallShapes.deepGroove(room);
    double step = 2 * Math.toDegrees(Math.asin(shapes.ballMm() / (2 * room.pitch())));
    int count = full ? (int) (360 / step) : 1 + (int) (CONRAD_DEG / step);
    return new InternalGeometry(
        shapes.ballMm(), OptionalDouble.empty(), count, 1, 2 * room.pitch(), OptionalDouble.of(0));
  }

  private static InternalGeometry balls(
      double ball, Envelope room, int rows, double filling, OptionalDouble angle) {
    int count = (int) (filling * Math.PI / Math.asin(ball / (2 * room.pitch())));
    return new InternalGeometry(
        ball, OptionalDouble.empty(), Math.max(3, count), rows, 2 * room.pitch(), angle);
  }

  private static InternalGeometry needle(RollerShapes shapes, Envelope room, boolean full) {
    double pitch = 2 * (shapes.racewayInMm() + shapes.rollerMm() / 2);
    return roller(shapes.rollerMm(), shapes.lengthMm(), pitch, full);
  }

  private static InternalGeometry roller(
      double diameter, double length, double pitch, boolean full) {
    return new InternalGeometry(
        diameter,
        OptionalDouble.of(length),
        rollers(pitch, diameter, full),
        1,
        pitch,
        OptionalDouble.of(0));
  }

  private static int rollers(double pitch, double diameter, boolean full) {
    return (int) ((full ? 1 : ROLLER_FILLING) * Math.PI / Math.asin(diameter / pitch));
  }
}
