package unbo.core.friction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.lubricant.Oil;
import unbo.core.lubricant.OilGrade;

class HeatBalanceTest {

  private static final Oil OIL = new Oil(100, 11.1);

  /** 5 W whatever the oil, 0.1 W for a degree: 50 °C over the air. */
  @Test
  void constantDragIsAQuotient() {
    var celsius = HeatBalance.celsius(OIL, 20, 0.1, v -> 5).orElseThrow().result();
    assertThat(celsius.value()).isCloseTo(70, within(1e-4));
    assertThat(celsius.uncertainty()).isBetween(15.0, 30.0);
  }

  /** Law: at the answer it loses what it makes, and it is the only one. */
  @ParameterizedTest
  @ValueSource(doubles = {0.02, 0.05, 0.1, 0.3})
  void heatMadeIsHeatLost(double perDegree) {
    double t =
        HeatBalance.celsius(OIL, 20, perDegree, HeatBalanceTest::watts)
            .orElseThrow()
            .result()
            .value();
    assertThat(watts(OIL.at(t))).isCloseTo(perDegree * (t - 20), within(1e-4));
    int changes = 0;
    for (double at = 20; at < 149; at += 0.5) {
      boolean before = watts(OIL.at(at)) > perDegree * (at - 20);
      boolean after = watts(OIL.at(at + 0.5)) > perDegree * (at + 0.5 - 20);
      changes += before == after ? 0 : 1;
    }
    assertThat(changes).isEqualTo(1);
  }

  private static double watts(double viscosity) {
    return 0.5 + 0.1 * Math.pow(viscosity, 2.0 / 3);
  }

  /** Law: thicker oil is never cooler. */
  @Test
  void thickerIsNeverCooler() {
    double before = 0;
    for (OilGrade grade : OilGrade.all()) {
      double now =
          HeatBalance.celsius(grade.oil(), 20, 0.1, HeatBalanceTest::watts)
              .orElseThrow()
              .result()
              .value();
      assertThat(now).isGreaterThan(before);
      before = now;
    }
  }

  @Test
  void outsideTheLawOfTheOilThereIsNoAnswer() {
    assertThat(HeatBalance.celsius(OIL, 20, 0.01, v -> 5)).isEmpty();
  }

  /** Mist, bath and jet stand as 1 : 2 : 4 (Harris). */
  @Test
  void theLevelGoesFromMistToJet() {
    assertThat(OilBath.factor(0)).isEqualTo(0.5);
    assertThat(OilBath.factor(0.5)).isEqualTo(1);
    assertThat(OilBath.factor(1)).isEqualTo(2);
    for (double level = 0; level < 1; level += 0.05) {
      assertThat(OilBath.factor(Math.min(1, level + 0.05))).isGreaterThan(OilBath.factor(level));
    }
    assertThatThrownBy(() -> OilBath.factor(1.2)).isInstanceOf(IllegalArgumentException.class);
  }
}
