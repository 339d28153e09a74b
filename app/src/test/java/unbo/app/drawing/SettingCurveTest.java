package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import unbo.core.measure.Window;
import unbo.core.setting.PairRow;
import unbo.core.setting.SettingDuty;
import unbo.core.setting.SettingLife;
import unbo.core.setting.SettingLife.Hub;

class SettingCurveTest {

  private static final List<SettingLife.Point> CURVE = curve();

  private static List<SettingLife.Point> curve() {
    PairRow row = new PairRow(17, 7.5, 11, 14, 46);
    Hub hub = new Hub(row, row, 40, 20, 4000, 0, SettingLife.Mounting.BACK_TO_BACK, 8);
    return SettingDuty.of(hub).curve(-0.1, 0.4, 11);
  }

  private static SettingCurve drawn(OptionalDouble warmer) {
    return SettingCurve.of(CURVE, new Window(0.03, 0.13), List.of(0.08, 0.1, 0.12), 0.1, warmer);
  }

  /** Half a millimetre lies between the ends of the axis: 0.05 mm of heat is a tenth of it. */
  @Test
  void heatMovesTheSettingToScale() {
    SettingCurve warm = drawn(OptionalDouble.of(0.05));
    double axis = 340 - 34 - 44;
    assertThat(warm.hotX() - warm.measured().get(1)).isCloseTo(axis * 0.05 / 0.5, within(1e-9));
    assertThat(warm.marks()).extracting(SettingCurve.Mark::text).contains("hot", "cold");
    SettingCurve cooler = drawn(OptionalDouble.of(-0.03));
    assertThat(cooler.hotX()).isLessThan(cooler.measured().get(1));
  }

  @Test
  void withoutHeatThereIsNoHotPlace() {
    assertThat(drawn(OptionalDouble.empty()).hotX()).isNull();
    assertThat(drawn(OptionalDouble.empty()).marks())
        .extracting(SettingCurve.Mark::text)
        .doesNotContain("hot");
    assertThat(drawn(OptionalDouble.of(3)).hotX()).isEqualTo(340.0 - 44);
  }
}
