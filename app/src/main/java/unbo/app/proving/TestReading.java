package unbo.app.proving;

import java.util.List;
import java.util.Objects;
import unbo.app.web.Figures;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.verification.AccusingTest;

/**
 * What was read in a test: one reading or several, and the second number that goes with some tests.
 *
 * @param values the readings, in the test's unit
 * @param second the second number; null where the test has none
 * @param typed the readings as typed; empty when an older program or a gauge wrote them
 * @param secondTyped the second number as typed
 */
public record TestReading(List<Double> values, Double second, String typed, String secondTyped) {

  public TestReading {
    values = List.copyOf(values);
    typed = typed == null ? "" : typed;
    secondTyped = secondTyped == null ? "" : secondTyped;
  }

  static TestReading of(double value, Double second) {
    return new TestReading(List.of(value), second, "", "");
  }

  /** The mean of the readings. */
  double value() {
    return values.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
  }

  /** The mean with its uncertainty: that of the gauge, and the scatter of several readings. */
  Measured measured(AccusingTest test) {
    return test.instrument()
        .filter(i -> values.size() > 1)
        .map(i -> Readings.of(values, i).result())
        .orElseGet(() -> new Measured(value(), test.uncertaintyAt(value())));
  }

  /** The figure by which it is compared with another reading; null when there is none yet. */
  Measured compared(AccusingTest test, TestReading other) {
    return compared(test, measured(test), other);
  }

  /** The same with the uncertainty of a finer instrument. */
  double comparedUncertainty(AccusingTest test, double ofReading, TestReading other) {
    return compared(test, new Measured(value(), ofReading), other).uncertainty();
  }

  private Measured compared(AccusingTest test, Measured read, TestReading other) {
    boolean alike = other != null && Objects.equals(second, other.second);
    return alike ? test.comparedAlike(read, second) : test.compared(read, second);
  }

  /** The readings for their field: as typed, else as rounded. */
  String text(Figures figures) {
    return typed.isEmpty() ? figures.size(value()) : typed;
  }

  String secondText(Figures figures) {
    return second == null ? "" : secondTyped.isEmpty() ? figures.size(second) : secondTyped;
  }
}
