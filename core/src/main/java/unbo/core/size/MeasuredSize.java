package unbo.core.size;

import unbo.core.measure.Instrument;

/**
 * One dimension as measured.
 *
 * @param millimetres what was read, over 0 to 1000
 * @param instrument with what; its uncertainty U at k = 2 is that of one reading
 */
public record MeasuredSize(double millimetres, Instrument instrument) {

  /** The greatest size that is looked for. */
  public static final double MOST_MM = 1000;

  public MeasuredSize {
    if (!(millimetres > 0 && millimetres <= MOST_MM)) {
      throw new IllegalArgumentException("No bearing measures " + millimetres + " mm");
    }
  }

  /** Standard deviation of the reading in micrometres: half of U. */
  double sigmaUm() {
    return instrument.uncertaintyAt(millimetres) / 2 * 1000;
  }
}
