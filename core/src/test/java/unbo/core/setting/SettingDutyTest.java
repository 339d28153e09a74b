package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import unbo.core.setting.SettingLife.Hub;
import unbo.core.setting.SettingLife.Mounting;

class SettingDutyTest {

  private static final PairRow ROW = new PairRow(16, 7.9, 11, 14, 46);

  private static Hub hub(double radialN, double axialN) {
    return new Hub(ROW, ROW, 60, 30, radialN, axialN, Mounting.BACK_TO_BACK, 20);
  }

  /** One load for the whole distance is that load; half and half lies between, nearer the worse. */
  @Test
  void sharesAddAsWear() {
    double light = SettingDuty.of(hub(3000, 0)).millionTurns(0.05).orElseThrow();
    double heavy = SettingDuty.of(hub(6000, 0)).millionTurns(0.05).orElseThrow();
    SettingDuty both =
        new SettingDuty(
            List.of(
                new SettingDuty.Case("light", 1, hub(3000, 0)),
                new SettingDuty.Case("heavy", 1, hub(6000, 0))));
    assertThat(both.millionTurns(0.05).orElseThrow())
        .isCloseTo(2 / (1 / light + 1 / heavy), within(1e-6));
    // Twice the load at one place of the curve: 2^(10/3) = 10.08 less where the zone stays.
    assertThat(light / heavy).isBetween(7.0, 14.0);
  }

  /** Of one case the curve is the pair's own; of several it is 1 at nothing all the same. */
  @Test
  void theCurveIsOneAtNothing() {
    assertThat(SettingDuty.of(hub(3000, 0)).curve(-0.05, 0.15, 5))
        .isEqualTo(SettingLife.curve(hub(3000, 0), -0.05, 0.15, 5));
    SettingDuty both =
        new SettingDuty(
            List.of(
                new SettingDuty.Case("straight", 0.8, hub(3000, 0)),
                new SettingDuty.Case("bend", 0.2, hub(4000, 1500))));
    assertThat(both.curve(0, 0.2, 3).get(0).relativeLife()).isCloseTo(1, within(1e-6));
    assertThatThrownBy(() -> new SettingDuty(List.of()))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** With nothing else the elements carry the load: sum of Q·cos ψ·cos α over both rows. */
  @Test
  void theElementsCarryTheLoad() {
    List<List<Double>> rows = SettingLife.elements(hub(3000, 0), 0.02);
    assertThat(rows).hasSize(2).allMatch(r -> r.size() == 16);
    double sum = 0;
    for (List<Double> row : rows) {
      for (int i = 0; i < row.size(); i++) {
        sum += row.get(i) * Math.cos(2 * Math.PI * i / 16) * Math.cos(Math.toRadians(14));
      }
    }
    assertThat(sum).isCloseTo(3000, within(60.0));
    assertThat(rows.get(0).get(0)).isGreaterThan(rows.get(0).get(8));
  }
}
