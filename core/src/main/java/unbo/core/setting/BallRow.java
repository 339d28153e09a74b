package unbo.core.setting;

/**
 * How many loose balls lie in a row: neighbours touch when each takes 2·asin(d/D) of the circle of
 * their centres. A row is filled, and one ball is left out where the last would not lie flat or
 * turn. Source: geometry of a full circle of balls. Limits: all of one size, centres on one circle.
 *
 * @param most balls that lie flat
 * @param gapMm along the circle, left over by that many
 */
public record BallRow(int most, double gapMm) {

  /**
   * Counts.
   *
   * @param ballMm diameter of a ball, over 0
   * @param pitchMm diameter of the circle of centres, over the ball's own
   * @throws IllegalArgumentException for what is no row
   */
  public static BallRow of(double ballMm, double pitchMm) {
    if (!(ballMm > 0 && pitchMm > ballMm)) {
      throw new IllegalArgumentException("Not a row of balls");
    }
    double each = 2 * Math.asin(ballMm / pitchMm);
    int most = (int) Math.floor(2 * Math.PI / each + 1e-9);
    return new BallRow(most, (2 * Math.PI - most * each) * pitchMm / 2);
  }

  /** What a count means, a sentence. */
  public String says(int count) {
    if (count > most) {
      return count
          + " do not lie flat: "
          + most
          + " at most. Count and size do not belong to this cup.";
    }
    if (count == most) {
      return "A full row of "
          + most
          + ". Where the last one does not lie flat or the row binds, leave it out.";
    }
    return count >= most - 1
        ? count + " of " + most + ": full but one, as usual."
        : count
            + " of "
            + most
            + ": "
            + (most - count)
            + " are missing, or the balls are too small for this cup.";
  }
}
