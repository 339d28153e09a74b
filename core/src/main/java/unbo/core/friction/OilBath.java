package unbo.core.friction;

/**
 * What the level of an oil bath does to the drag without load, against a bath to the middle of the
 * lowest element: half where the elements are only wetted, twice where the bearing stands full or
 * is flushed, straight between. Source: Palmgren’s factors for oil mist, bath and vertical shaft or
 * jet (Harris, Rolling Bearing Analysis), which stand as 1 : 2 : 4; that a level lies straight
 * between them is our own.
 */
public final class OilBath {

  private static final double WETTED = 0.5;
  private static final double FULL = 2;

  private OilBath() {}

  /**
   * The factor.
   *
   * @param level 0 for wetted only, 0.5 for the middle of the lowest element, 1 for full
   * @throws IllegalArgumentException outside 0 to 1
   */
  public static double factor(double level) {
    if (!(level >= 0 && level <= 1)) {
      throw new IllegalArgumentException("Not a level: " + level);
    }
    return level <= 0.5
        ? WETTED + (1 - WETTED) * level / 0.5
        : 1 + (FULL - 1) * (level - 0.5) / 0.5;
  }
}
