package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.measure.Instrument;
import unbo.core.measure.RunOut;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** Marks in plan stand apart, carry their number, and are tinted by it; traces point as read. */
class CausePlanTest {

  private static CausePlan plan(VehicleLayout layout, int more) {
    Random random = new Random(more);
    List<CausePlan.Place> places = new ArrayList<>();
    layout.positions().stream()
        .filter(p -> p.wheel())
        .forEach(
            p -> {
              places.add(place(p.code(), true, random.nextDouble(), p.backMm(), p.rightMm()));
              places.add(place(p.code() + "-b", false, 0, p.backMm(), p.rightMm() * 0.62));
            });
    for (int i = 0; i < more; i++) {
      places.add(place("x" + i, false, random.nextDouble(), random.nextInt(3000), 0));
    }
    return CausePlan.of(layout, places, 520);
  }

  private static CausePlan.Place place(
      String key, boolean rolling, double share, double back, double right) {
    return new CausePlan.Place(key, key, rolling, share, back, right);
  }

  @ParameterizedTest
  @CsvSource({"CAR,14", "CAR,0", "TRAILER,3"})
  void marksStandApartWithinTheDrawing(VehicleKind kind, int more) {
    CausePlan drawn = plan(DiagnosisModel.someLayout(kind).orElseThrow(), more);
    List<CausePlan.Mark> marks = drawn.marks();
    for (CausePlan.Mark one : marks) {
      assertThat(one.at().x()).isBetween(17.0, drawn.plan().width() - 17);
      assertThat(one.at().y()).isBetween(17.0, drawn.plan().height() - 17);
      for (CausePlan.Mark other : marks) {
        if (one != other) {
          assertThat(one.at().distance(other.at()))
              .as(one.place().key() + " and " + other.place().key())
              .isGreaterThan(36);
        }
      }
    }
  }

  @Test
  void theTintFollowsTheShare() {
    VehicleLayout layout = DiagnosisModel.someLayout(VehicleKind.CAR).orElseThrow();
    double[] shares = {0, 0.004, 0.02, 0.1, 0.2, 0.5, 0.97};
    List<CausePlan.Place> places = new ArrayList<>();
    for (double share : shares) {
      places.add(place("p" + share, true, share, 1000, 0));
    }
    List<CausePlan.Mark> marks = CausePlan.of(layout, places, 520).marks();
    assertThat(marks).extracting(CausePlan.Mark::shade).containsExactly(0, 0, 1, 2, 3, 4, 5);
    assertThat(marks)
        .extracting(CausePlan.Mark::number)
        .containsExactly("–", "–", "2", "10", "20", "50", "97");
  }

  /** High at 90° is to the right of the middle: the mark at the top, angles clockwise. */
  @Test
  void aTraceTurnsClockwiseFromTheMark() {
    List<Double> readings = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      readings.add(0.05 * Math.sin(2 * Math.PI * i / 8));
    }
    PolarTrace trace = PolarTrace.of(RunOut.of(readings, Instrument.dial()));
    assertThat(trace.high().x()).isGreaterThan(PolarTrace.SIZE / 2 + PolarTrace.MEAN);
    assertThat(trace.high().y()).isCloseTo(PolarTrace.SIZE / 2, within(0.1));
    assertThat(trace.trace()).startsWith("M").endsWith("Z");
  }

  /** However small or large the run-out, the trace stays within its square. */
  @Test
  void anyTraceStaysInItsSquare() {
    for (double size : new double[] {0, 1e-6, 0.003, 0.2, 9}) {
      List<Double> readings = new ArrayList<>(Collections.nCopies(9, 0.0));
      readings.set(4, size);
      PolarTrace trace = PolarTrace.of(RunOut.of(readings, Instrument.dial()));
      for (String pair : trace.trace().replaceAll("[MLZ]", "").trim().split("\\s+")) {
        assertThat(Double.parseDouble(pair)).isBetween(0.0, PolarTrace.SIZE);
      }
    }
  }
}
