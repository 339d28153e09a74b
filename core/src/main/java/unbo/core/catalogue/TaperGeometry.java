package unbo.core.catalogue;

/**
 * What lies inside the envelope of a tapered roller bearing, estimated so that a section can be
 * drawn and effective centres found. All raceway cones and the roller share one apex on the axis;
 * that is the rolling condition and fixes the cone raceway angle once roller size and contact angle
 * are chosen.
 *
 * <p>Estimates, not maker's data: mean roller diameter 0.46 of the ring section (D − d)/2, pitch
 * diameter (d + D)/2, roller length 0.64 of the cone width, roller middle half way between the
 * middle of the cone and the middle of the cup. The effective centre then agrees with trade
 * listings of the series here to about 0.5 mm. Where the table has no contact angle, 14° is used.
 *
 * @param contactAngleDeg angle α of the cup raceway against the axis
 * @param coneAngleDeg angle of the cone raceway against the axis
 * @param pitchDiameterMm pitch diameter at the roller's middle
 * @param rollerMm mean roller diameter
 * @param rollerLengthMm roller length
 * @param middleMm distance of the roller's middle from the cone back face
 */
public record TaperGeometry(
    double contactAngleDeg,
    double coneAngleDeg,
    double pitchDiameterMm,
    double rollerMm,
    double rollerLengthMm,
    double middleMm) {

  /** The contact angle used where the table has none: the middle of the light series. */
  public static final double ASSUMED_CONTACT_ANGLE_DEG = 14;

  private static final double ROLLER_SHARE_OF_SECTION = 0.46;
  private static final double LENGTH_SHARE_OF_CONE = 0.64;

  /**
   * Estimates the inside of a taper.
   *
   * @throws IllegalArgumentException when the bearing is no taper
   */
  public static TaperGeometry estimate(Bearing bearing) {
    Bearing.TaperWidths widths =
        bearing
            .taper()
            .orElseThrow(
                () -> new IllegalArgumentException(bearing.designation() + " is no taper"));
    double alpha = Math.toRadians(widths.contactAngleDeg().orElse(ASSUMED_CONTACT_ANGLE_DEG));
    double pitch = (bearing.boreMm() + bearing.outerMm()) / 2;
    double roller = ROLLER_SHARE_OF_SECTION * (bearing.outerMm() - bearing.boreMm()) / 2;
    double half = rollerHalfAngle(alpha, roller / pitch);
    return new TaperGeometry(
        Math.toDegrees(alpha),
        Math.toDegrees(alpha - 2 * half),
        pitch,
        roller,
        LENGTH_SHARE_OF_CONE * widths.coneMm(),
        (widths.coneMm() / 2 + bearing.widthMm() - widths.cupMm() / 2) / 2);
  }

  /**
   * Where the contact normals meet the axis, from the cone back face towards its small end, in
   * millimetres; negative when it lies outside the bearing. Trade listings give a = T less this,
   * measured from the cup back face.
   */
  public double effectiveCentreMm() {
    return middleMm - pitchDiameterMm / 2 * Math.tan(Math.toRadians(contactAngleDeg));
  }

  /** Angle of the roller's axis against the bearing's axis. */
  public double rollerAxisAngleDeg() {
    return (contactAngleDeg + coneAngleDeg) / 2;
  }

  /** From Dw/dm = sin ν / sin(α − ν), the common apex, for the roller's half angle ν. */
  private static double rollerHalfAngle(double alpha, double ratio) {
    return Math.atan(ratio * Math.sin(alpha) / (1 + ratio * Math.cos(alpha)));
  }
}
