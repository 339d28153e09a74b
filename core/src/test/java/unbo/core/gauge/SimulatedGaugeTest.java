package unbo.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class SimulatedGaugeTest {

  private static double middle(GaugeKind kind) {
    return kind == GaugeKind.DIAL ? 0.3 : (kind.least() + kind.most()) / 2;
  }

  /** Law: readings scatter about the truth with σ = U/2 and stand on the scale's steps. */
  @ParameterizedTest
  @EnumSource(GaugeKind.class)
  void readingsScatterAsTheyShould(GaugeKind kind) {
    SimulatedGauge gauge = new SimulatedGauge(kind, 20261125);
    double truth = middle(kind);
    double sum = 0;
    double squares = 0;
    int n = 4000;
    for (int i = 0; i < n; i++) {
      double reading = gauge.read(truth, 0);
      sum += reading - truth;
      squares += (reading - truth) * (reading - truth);
      double steps = reading / kind.step();
      assertThat(steps).isCloseTo(Math.rint(steps), within(1e-6));
    }
    double sigma = Math.sqrt(squares / n);
    double expected = Math.hypot(kind.uncertainty() / 2, kind.step() / Math.sqrt(12));
    assertThat(sum / n).isCloseTo(0, within(4 * expected / Math.sqrt(n)));
    assertThat(sigma).isCloseTo(expected, within(0.06 * expected));
  }

  @ParameterizedTest
  @EnumSource(GaugeKind.class)
  void itDriftsAndStaysInItsRange(GaugeKind kind) {
    double mean = 0;
    SimulatedGauge gauge = new SimulatedGauge(kind, 20261125);
    for (int i = 0; i < 400; i++) {
      mean += gauge.read(middle(kind), 600) / 400;
    }
    assertThat(mean - middle(kind))
        .isCloseTo(10 * kind.driftPerMinute(), within(0.3 * kind.uncertainty()));
    assertThat(new SimulatedGauge(kind, 1).read(1e9, 0)).isLessThanOrEqualTo(kind.most() + 1e-9);
  }

  @Test
  void theSameSeedReadsTheSame() {
    SimulatedGauge one = new SimulatedGauge(GaugeKind.DIAL, 7);
    SimulatedGauge other = new SimulatedGauge(GaugeKind.DIAL, 7);
    assertThat(one.hidden()).isEqualTo(other.hidden()).isBetween(0.0, 1.0);
    assertThat(one.read(0.3, 1)).isEqualTo(other.read(0.3, 1));
    assertThat(GaugeKind.DIAL.shown(0.31)).isEqualTo("0.310");
    assertThatThrownBy(() -> one.read(Double.NaN, 0)).isInstanceOf(IllegalArgumentException.class);
  }
}
