package unbo.core.measure;

/**
 * A click counted against the crank: how often it comes in a crank turn, and whether that is the
 * crank's beat, twice the crank's, or the wheel's. A count is uncertain by one click at either end,
 * U = 1 over the turns; two beats that lie closer than that cannot be told apart, which the answer
 * says (counting, JCGM 100:2008, 4.3.7: a rectangular error of one count).
 *
 * @param perTurn clicks in a crank turn, with its uncertainty
 * @param wheelTurns wheel turns in a crank turn: chainring over sprocket teeth
 */
public record ClickCount(Measured perTurn, double wheelTurns) {

  /** What the clicks follow. */
  public enum Beat {
    ONCE,
    TWICE,
    WHEEL,
    /** More than one of them fits. */
    CANNOT_TELL,
    /** None of them fits. */
    NONE
  }

  public static final int LEAST_TURNS = 5;

  /**
   * Counts.
   *
   * @param clicks how many were counted, 0 to 1000
   * @param turns over how many crank turns, 5 to 200
   * @param chainring teeth of the chainring, 15 to 70
   * @param sprocket teeth of the sprocket, 9 to 60
   * @throws IllegalArgumentException when one of them is out of its range
   */
  public static ClickCount of(int clicks, int turns, int chainring, int sprocket) {
    boolean possible =
        clicks >= 0
            && clicks <= 1000
            && turns >= LEAST_TURNS
            && turns <= 200
            && chainring >= 15
            && chainring <= 70
            && sprocket >= 9
            && sprocket <= 60;
    if (!possible) {
      throw new IllegalArgumentException("No such count");
    }
    return new ClickCount(
        new Measured((double) clicks / turns, 1.0 / turns), (double) chainring / sprocket);
  }

  /** Which beat fits. */
  public Beat beat() {
    boolean once = fits(1);
    boolean twice = fits(2);
    boolean wheel = fits(wheelTurns);
    int all = (once ? 1 : 0) + (twice ? 1 : 0) + (wheel ? 1 : 0);
    if (all != 1) {
      return all == 0 ? Beat.NONE : Beat.CANNOT_TELL;
    }
    return once ? Beat.ONCE : twice ? Beat.TWICE : Beat.WHEEL;
  }

  private boolean fits(double beat) {
    return beat >= perTurn.least() - 1e-9 && beat <= perTurn.most() + 1e-9;
  }
}
