package unbo.core.section;

import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.catalogue.TaperGeometry;
import unbo.core.section.BearingShapes.Envelope;

/**
 * What lies inside a bearing: balls as {@link ListedInside listed} where they were counted, else
 * estimated from the envelope, which is nobody's data and said so wherever it is shown. Element
 * sizes are the shares of the ring section that the drawings use. Counts: a deep groove ball
 * bearing is filled by displacing the rings, which leaves room for 0.56 to 0.61 of a full circle of
 * balls (the listed sizes; Harris, Rolling Bearing Analysis, on Conrad assembly): 0.6 is taken.
 * Other caged ball rows fill 0.83 of the pitch circle, caged rollers 0.87, a full complement all of
 * it. An estimated count may be one off, an estimated diameter 12 %.
 *
 * @param listed whether elements were counted and measured, not estimated
 * @param elementMm ball or mean roller diameter Dw
 * @param lengthMm roller length, empty for balls
 * @param perRow elements in a row, Z
 * @param rows rows
 * @param pitchMm pitch diameter dm
 * @param contactAngleDeg contact angle where it is known or tabled, empty where it is not
 * @param filling the share of a full circle that the estimated count is from; 0 for a listed one
 */
public record InternalGeometry(
    boolean listed,
    double elementMm,
    OptionalDouble lengthMm,
    int perRow,
    int rows,
    double pitchMm,
    OptionalDouble contactAngleDeg,
    double filling) {

  private static final double CONRAD_FILLING = 0.6;
  private static final double BALL_FILLING = 0.83;
  private static final double ROLLER_FILLING = 0.87;
  private static final double RIBBED_FILLING = 0.81;

  /**
   * Estimates; empty for plain bearings, which have no elements, and for axial needles, which lie
   * across.
   *
   * @param fullComplement whether it has no cage
   * @param angle the contact angle that was read, if any
   */
  public static Optional<InternalGeometry> estimate(
      Bearing bearing, boolean fullComplement, OptionalDouble angle) {
    boolean bare =
        bearing.family() == Family.SPHERICAL_PLAIN || bearing.family() == Family.THRUST_NEEDLE;
    if (bare || bearing.family().isEnvelopeOnly()) {
      return Optional.empty();
    }
    if (bearing.isTaper()) {
      TaperGeometry g = TaperGeometry.estimate(bearing);
      int count = rollers(g.pitchDiameterMm(), g.rollerMm(), filling(fullComplement));
      return Optional.of(
          new InternalGeometry(
              false,
              g.rollerMm(),
              OptionalDouble.of(g.rollerLengthMm()),
              count,
              1,
              g.pitchDiameterMm(),
              bearing.taper().orElseThrow().contactAngleDeg(),
              filling(fullComplement)));
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
        yield roller(
            shapes.rollerMm(), shapes.lengthMm(), 2 * room.pitch(), full ? 1 : RIBBED_FILLING);
      }
      case DRAWN_CUP_NEEDLE -> needle(RollerShapes.drawnCup(room), room, full);
      case NEEDLE_CAGE ->
          roller(room.section(), 0.8 * room.width(), room.bore() + room.outer(), filling(full));
      case NEEDLE_ROLLER ->
          needle(RollerShapes.machined(room, !bearing.isWithoutInnerRing()), room, full);
      case SPHERICAL_ROLLER -> {
        SphericalRollerShapes shapes = new SphericalRollerShapes(room);
        InternalGeometry row =
            roller(shapes.rollerMm(), shapes.lengthMm(), 2 * room.pitch(), RIBBED_FILLING);
        yield row.withRows(2);
      }
      case SELF_ALIGNING_BALL ->
          balls(
              new SelfAligningShapes(room).ballMm(), room, 2, BALL_FILLING, OptionalDouble.empty());
      case TWO_ROW_ANGULAR_BALL, TWO_ROW_BALL, WHEEL_UNIT ->
          balls(BallShapes.doubleRow(room).ballMm(), room, 2, BALL_FILLING, angle);
      case FOUR_POINT_BALL ->
          balls(BallShapes.deepGroove(room).ballMm(), room, 1, BALL_FILLING, angle);
      case ANGULAR_CONTACT_BALL, HEADSET ->
          balls(BallShapes.angular(room, true).ballMm(), room, 1, BALL_FILLING, angle);
      case THRUST_BALL ->
          balls(
              Math.min(0.5 * room.width(), 0.8 * room.section()),
              room,
              1,
              BALL_FILLING,
              OptionalDouble.of(90));
      case TWO_WAY_THRUST_BALL -> {
        TwoWayThrustShapes shapes = new TwoWayThrustShapes(room);
        yield balls(shapes.ballMm(), shapes.rows(), 2, BALL_FILLING, OptionalDouble.of(90));
      }
      default -> deepGroove(room, full);
    };
  }

  private static InternalGeometry deepGroove(Envelope room, boolean full) {
    BallShapes shapes = full ? BallShapes.fullComplement(room) : BallShapes.deepGroove(room);
    double around = Math.PI / Math.asin(shapes.ballMm() / (2 * room.pitch()));
    Optional<ListedInside> listed = full ? Optional.empty() : ListedInside.ballsIn(room);
    int count =
        full
            ? (int) around
            : listed
                .map(i -> i.balls().orElseThrow())
                .orElse((int) Math.round(CONRAD_FILLING * around));
    return new InternalGeometry(
        listed.isPresent(),
        shapes.ballMm(),
        OptionalDouble.empty(),
        count,
        1,
        2 * room.pitch(),
        OptionalDouble.of(0),
        full ? 1 : listed.isPresent() ? 0 : CONRAD_FILLING);
  }

  private static InternalGeometry balls(
      double ball, Envelope room, int rows, double filling, OptionalDouble angle) {
    int count = (int) (filling * Math.PI / Math.asin(ball / (2 * room.pitch())));
    return new InternalGeometry(
        false,
        ball,
        OptionalDouble.empty(),
        Math.max(3, count),
        rows,
        2 * room.pitch(),
        angle,
        filling);
  }

  private static InternalGeometry needle(RollerShapes shapes, Envelope room, boolean full) {
    double pitch = 2 * (shapes.racewayInMm() + shapes.rollerMm() / 2);
    return roller(shapes.rollerMm(), shapes.lengthMm(), pitch, filling(full));
  }

  private static InternalGeometry roller(
      double diameter, double length, double pitch, double filling) {
    return new InternalGeometry(
        false,
        diameter,
        OptionalDouble.of(length),
        rollers(pitch, diameter, filling),
        1,
        pitch,
        OptionalDouble.of(0),
        filling);
  }

  private InternalGeometry withRows(int number) {
    return new InternalGeometry(
        listed, elementMm, lengthMm, perRow, number, pitchMm, OptionalDouble.empty(), filling);
  }

  private static double filling(boolean full) {
    return full ? 1 : ROLLER_FILLING;
  }

  private static int rollers(double pitch, double diameter, double filling) {
    return (int) (filling * Math.PI / Math.asin(diameter / pitch));
  }
}
