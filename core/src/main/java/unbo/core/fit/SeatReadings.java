package unbo.core.fit;

import java.util.List;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;

/**
 * Readings of a seat: in two planes, three directions each, or as many as there are. With six the
 * first three are one plane. Form is judged against half the grade of tolerance (usual practice of
 * bearing seats).
 *
 * @param size mean, mm
 * @param ovalityMm greatest difference of directions within a plane; NaN with fewer than two
 * @param taperMm difference of the planes' means; NaN without two planes
 * @param formU95Mm doubt of both: two readings of one instrument
 */
public record SeatReadings(Measured size, double ovalityMm, double taperMm, double formU95Mm) {

  private static final int TWO_PLANES = 6;
  private static final int DIRECTIONS = 3;

  /** Whether a form keeps its half grade. */
  public enum Form {
    YES("yes"),
    NO("no"),
    CANNOT_TELL("cannot tell");

    private final String title;

    Form(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }
  }

  /**
   * From readings in mm.
   *
   * @throws IllegalArgumentException without any
   */
  public static SeatReadings of(List<Double> mm, Instrument instrument) {
    Readings all = Readings.of(mm, instrument);
    double form = Math.sqrt(2) * instrument.uncertaintyAt(all.mean());
    if (mm.size() != TWO_PLANES) {
      double oval = mm.size() < 2 ? Double.NaN : all.spread();
      return new SeatReadings(all.result(), oval, Double.NaN, form);
    }
    Readings one = Readings.of(mm.subList(0, DIRECTIONS), instrument);
    Readings other = Readings.of(mm.subList(DIRECTIONS, TWO_PLANES), instrument);
    return new SeatReadings(
        all.result(),
        Math.max(one.spread(), other.spread()),
        Math.abs(one.mean() - other.mean()),
        form);
  }

  /** What they come to, off a nominal size. */
  public Spread off(double nominalMm) {
    return Spread.measured((size.value() - nominalMm) * 1000, size.uncertainty() * 1000);
  }

  /** Whether a form of some mm keeps half of a tolerance in µm. */
  public Form keeps(double formMm, double toleranceUm) {
    double most = toleranceUm / 2000;
    if (Double.isNaN(formMm)) {
      return Form.CANNOT_TELL;
    }
    if (formMm + formU95Mm <= most) {
      return Form.YES;
    }
    return formMm - formU95Mm > most ? Form.NO : Form.CANNOT_TELL;
  }
}
