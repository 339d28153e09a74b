package unbo.core.section;

import java.util.List;
import java.util.stream.IntStream;

/**
 * The groove that a row of balls has in the face of a washer, as points from the inside out.
 *
 * @param ballX where the balls stand along the axis
 * @param pitch radius on which they stand
 * @param ball their diameter
 * @param away from their middle to the face, less than half of the ball
 */
record ThrustGroove(double ballX, double pitch, double ball, double away) {

  private static final int ARC = 8;

  /**
   * The points of the groove.
   *
   * @param side where the washer lies: −1 for left of the balls, 1 for right
   */
  List<Point> points(int side) {
    double half = Math.sqrt(ball * ball / 4 - away * away);
    return IntStream.rangeClosed(0, ARC)
        .mapToDouble(i -> -half + 2 * half * i / ARC)
        .mapToObj(dr -> new Point(ballX + side * onBall(dr), pitch + dr))
        .toList();
  }

  /** The washer's face beside the groove. */
  double flat(int side) {
    return ballX + side * away;
  }

  private double onBall(double dr) {
    return Math.sqrt(Math.max(0, ball * ball / 4 - dr * dr));
  }
}
