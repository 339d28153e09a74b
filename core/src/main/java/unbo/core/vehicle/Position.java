package unbo.core.vehicle;

/**
 * One bearing position of a vehicle in plan: front at 0, right positive as the driver sits.
 *
 * @param code the word in addresses and records, such as {@code axle-1-left}
 * @param title what a mechanic calls it
 * @param arrangement the arrangement's id, such as {@code a1}
 * @param backMm behind the vehicle's front, in millimetres
 * @param rightMm right of the middle, in millimetres
 * @param wheel whether a wheel stands there, which is drawn
 * @param wheelOut whether a wheel comes out for work there: its own, or one that is in the way
 */
public record Position(
    String code,
    String title,
    String arrangement,
    double backMm,
    double rightMm,
    boolean wheel,
    boolean wheelOut) {

  /** Whether the same stands on the other side, as far out and as far back. */
  boolean mirrors(Position other) {
    return rightMm != 0
        && rightMm == -other.rightMm
        && backMm == other.backMm
        && arrangement.equals(other.arrangement);
  }
}
