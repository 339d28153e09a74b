package unbo.core.setting;

import java.util.Optional;
import unbo.core.units.Problem;

/**
 * What locks the nut and how many places a turn it can be locked at.
 *
 * <p>A castle nut with s slots on a spindle with L hole lines drilled right through, evenly spaced,
 * locks wherever a slot meets a hole: N = number of distinct (hole angle − k/s) modulo one turn =
 * lcm(s, 2·L). An odd slot count has no slot opposite another, so a straight pin cannot pass:
 * refused. A stamped retainer has its own count.
 *
 * @param slots slots of the castle nut, 0 for a retainer
 * @param holeLines hole lines through the spindle, 0 for a retainer
 * @param positionsPerTurn places a turn
 */
public record NutLock(int slots, int holeLines, int positionsPerTurn) {

  private static final int MOST_SLOTS = 24;
  private static final int MOST_LINES = 4;
  private static final int MOST_POSITIONS = 120;

  public NutLock {
    if (positionsPerTurn < 1 || positionsPerTurn > MOST_POSITIONS) {
      throw new IllegalArgumentException("Positions per turn out of range: " + positionsPerTurn);
    }
  }

  /**
   * A castle nut and a split pin. Call {@link #problemWithSlots} and {@link #problemWithLines}
   * first.
   *
   * @throws IllegalArgumentException for counts that those refuse
   */
  public static NutLock castle(int slots, int holeLines) {
    problemWithSlots(slots)
        .or(() -> problemWithLines(holeLines))
        .ifPresent(
            p -> {
              throw new IllegalArgumentException(p.sentence());
            });
    return new NutLock(slots, holeLines, lcm(slots, 2 * holeLines));
  }

  /** A stamped retainer or another lock with its own number of places a turn, 1 to 120. */
  public static NutLock retainer(int positionsPerTurn) {
    return new NutLock(0, 0, positionsPerTurn);
  }

  public static Optional<Problem> problemWithSlots(double slots) {
    String found = String.valueOf((long) slots);
    if (slots < 4 || slots > MOST_SLOTS) {
      return Optional.of(
          new Problem(
              found,
              "A castle nut has 4 to 24 slots.",
              "Count the slots once more: 6 is the commonest, then 8 and 10."));
    }
    if (slots % 2 != 0) {
      return Optional.of(
          new Problem(
              found,
              "With an odd number of slots none is opposite another, so a straight pin cannot pass through both sides.",
              "Count once more; for a stamped retainer enter its positions per turn instead."));
    }
    return Optional.empty();
  }

  public static Optional<Problem> problemWithLines(double lines) {
    if (lines < 1 || lines > MOST_LINES) {
      return Optional.of(
          new Problem(
              String.valueOf((long) lines),
              "A spindle has 1 to 4 pin holes drilled through it.",
              "One hole right through counts as one; two crossing at right angles count as two."));
    }
    return Optional.empty();
  }

  public static Optional<Problem> problemWithPositions(double positions) {
    if (positions < 1 || positions > MOST_POSITIONS) {
      return Optional.of(
          new Problem(
              String.valueOf((long) positions),
              "A retainer gives 1 to 120 positions per turn.",
              "Count in how many positions per turn the lock can be put on."));
    }
    return Optional.empty();
  }

  public boolean isCastle() {
    return slots > 0;
  }

  /**
   * Which hole line meets a slot after turning by a number of positions from a place where line 0
   * met one; 0 for a retainer.
   */
  public int lineAfter(int steps) {
    if (!isCastle()) {
      return 0;
    }
    int ends = 2 * holeLines;
    for (int end = 0; end < ends; end++) {
      // Slot angles are steps/N + k/s; hole ends are end/(2L). Compare in units of 1/N.
      int hole = end * positionsPerTurn / ends;
      if (Math.floorMod(hole - steps, positionsPerTurn / slots) == 0) {
        return end % holeLines;
      }
    }
    throw new IllegalStateException(
        "No hole line meets a slot after " + steps + " steps of " + this);
  }

  private static int lcm(int a, int b) {
    return a / gcd(a, b) * b;
  }

  private static int gcd(int a, int b) {
    return b == 0 ? a : gcd(b, a % b);
  }
}
