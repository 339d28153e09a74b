package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;

class FeltSettingTest {

  private static final Window LIMITS = NutSetting.DEFAULT_WINDOW_MM;

  /** M24 × 1.5 with 12 positions: one hole is 0.125 mm; two of them under 0.18 mm is −0.07 mm. */
  @Test
  void theFeelBecomesANumber() {
    FeltSetting felt = FeltSetting.of(0.18, 0.01, 2, 1.5, 12);
    assertThat(felt.setting().result().value()).isCloseTo(-0.07, within(1e-9));
    assertThat(felt.setting().result().uncertainty()).isCloseTo(0.01, within(1e-9));
    assertThat(felt.outcome(LIMITS).inWindow()).isEqualTo(Verdict.NO);
    assertThat(felt.outcome(LIMITS).text()).contains("−0.07 ± 0.01 mm", "Loosen");
    assertThat(verdict(0.30)).isEqualTo(Verdict.YES);
    assertThat(verdict(0.242)).isEqualTo(Verdict.CANNOT_TELL);
  }

  /** Feel may leave less play than a dial's window, never more than its upper end. */
  @Test
  void tooMuchPlayIsNoBetterForBeingFelt() {
    SettingOutcome loose = FeltSetting.of(0.45, 0.01, 2, 1.5, 12).outcome(LIMITS);
    assertThat(loose.inWindow()).isEqualTo(Verdict.NO);
    assertThat(loose.overLimit()).isTrue();
    assertThat(loose.text()).contains("more play than 0.13 mm");
    assertThat(verdict(0.38)).isEqualTo(Verdict.CANNOT_TELL);
  }

  /**
   * A torque within its limit does not mend a preload that was dialled, and the other way round.
   */
  @Test
  void theWorseOfTwoOutcomesStands() {
    SettingOutcome good = FeltSetting.of(0.30, 0.01, 2, 1.5, 12).outcome(LIMITS);
    SettingOutcome bad = FeltSetting.of(0.18, 0.01, 2, 1.5, 12).outcome(LIMITS);
    SettingOutcome open = FeltSetting.of(0.242, 0.01, 2, 1.5, 12).outcome(LIMITS);
    assertThat(good.and(bad).inWindow()).isEqualTo(Verdict.NO);
    assertThat(bad.and(open).inWindow()).isEqualTo(Verdict.NO);
    assertThat(open.and(good).inWindow()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(good.and(open).inWindow()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(good.and(good).inWindow()).isEqualTo(Verdict.YES);
  }

  private static Verdict verdict(double playMm) {
    return FeltSetting.of(playMm, 0.01, 2, 1.5, 12).outcome(LIMITS).inWindow();
  }

  /** Without play there is nothing to dial. */
  @Test
  void withoutPlayThereIsNoNumber() {
    assertThatThrownBy(() -> FeltSetting.of(0, 0.01, 2, 1.5, 12))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> FeltSetting.of(0.1, 0.01, 0, 1.5, 12))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
