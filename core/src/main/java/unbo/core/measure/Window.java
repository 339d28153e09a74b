package unbo.core.measure;

/**
 * The range in which a result is wanted, ends included, in the unit of the result.
 *
 * @param from lower end
 * @param to upper end, above {@code from}
 */
public record Window(double from, double to) {

  public Window {
    if (!(from < to)) {
      throw new IllegalArgumentException(
          "A window runs from a smaller to a greater value: " + from + " to " + to);
    }
  }

  /**
   * Judges a measured value: {@code YES} when its whole 95 % interval lies inside, {@code NO} when
   * all of it lies outside, else {@code CANNOT_TELL}.
   */
  public Verdict judge(Measured measured) {
    if (measured.least() >= from && measured.most() <= to) {
      return Verdict.YES;
    }
    return measured.most() < from || measured.least() > to ? Verdict.NO : Verdict.CANNOT_TELL;
  }

  public boolean contains(double value) {
    return value >= from && value <= to;
  }

  public double middle() {
    return (from + to) / 2;
  }
}
