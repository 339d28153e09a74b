package unbo.core.working;

import java.util.ArrayList;
import java.util.List;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.units.Digits;

/**
 * Repeated readings as two inputs: their mean, whose uncertainty is their scatter, and the error of
 * the instrument, 0 ± its uncertainty. The sum of the two is the result of {@link Readings}. More
 * readings narrow the scatter, a finer instrument the other.
 */
public final class ReadingInputs {

  private static final int MOST_READINGS = 10;

  private ReadingInputs() {}

  /**
   * Mean {@code symbol} and instrument error {@code δ}.
   *
   * @param name what was read
   * @param unit of the readings
   * @param origin who read it and when
   */
  public static List<Input> of(
      String symbol, String name, Readings readings, String unit, Origin origin) {
    return List.of(
        mean(symbol, name, readings, unit, origin),
        error("δ", readings.instrument(), readings.mean(), unit));
  }

  private static Input mean(
      String symbol, String name, Readings readings, String unit, Origin origin) {
    String many =
        readings.count() == 1 ? "one reading" : "mean of " + readings.count() + " readings";
    List<Finer> more = new ArrayList<>();
    for (int n = readings.count() + 1; n <= MOST_READINGS && readings.repeatabilityKnown(); n++) {
      int extra = n - readings.count();
      more.add(
          new Finer(
              "take "
                  + extra
                  + (extra == 1 ? " more reading" : " more readings")
                  + " that scatter as these do",
              readings.scatterOf(n)));
    }
    return new Input(
        symbol,
        name + ", " + many,
        new Measured(readings.mean(), readings.scatterOf(readings.count())),
        unit,
        origin,
        more);
  }

  /** The error of an instrument at a reading, with the finer instruments that measure the same. */
  public static Input error(String symbol, Instrument instrument, double reading, String unit) {
    List<Finer> finer =
        instrument.finer().stream()
            .map(
                i ->
                    new Finer(
                        "measure with a "
                            + i.name()
                            + " (± "
                            + Digits.exact(i.uncertaintyAt(reading))
                            + " "
                            + unit
                            + ")",
                        i.uncertaintyAt(reading)))
            .toList();
    return new Input(
        symbol,
        "error of the " + instrument.name(),
        new Measured(0, instrument.uncertaintyAt(reading)),
        unit,
        Origin.table("usual for this kind of gauge; a calibration certificate replaces it"),
        finer);
  }
}
