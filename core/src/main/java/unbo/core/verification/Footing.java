package unbo.core.verification;

/** On what footing the same test before and now is compared. */
public enum Footing {
  /** The reading itself. */
  AS_READ(""),
  /** The reading is the difference of two of the gauge: its highest less its lowest. */
  SPAN(""),
  /** Movement in mm over the radius in mm at which it was read, in mrad. */
  TILT("mrad"),
  /** Force in N times the radius in mm at which it was pulled, in Nm. */
  TORQUE("Nm"),
  /** How far two readings are apart, either way. */
  APART(""),
  /** A count over the turns in which it was counted. */
  PER_TURN("per turn");

  private final String unit;

  Footing(String unit) {
    this.unit = unit;
  }

  /** The unit of what is compared; empty when it is that of the reading. */
  String unit() {
    return unit;
  }
}
