package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import unbo.core.measure.Verdict;

class FeltSettingTest {

  /** M24 × 1.5 with 12 positions: one hole is 0.125 mm; two of them under 0.18 mm is −0.07 mm. */
  @Test
  void theFeelBecomesANumber() {
    FeltSetting felt = FeltSetting.of(0.18, 0.01, 2, 1.5, 12);
    assertThat(felt.setting().result().value()).isCloseTo(-0.07, within(1e-9));
    assertThat(felt.setting().result().uncertainty()).isCloseTo(0.01, within(1e-9));
    assertThat(felt.verdict()).isEqualTo(Verdict.NO);
    assertThat(FeltSetting.of(0.30, 0.01, 2, 1.5, 12).verdict()).isEqualTo(Verdict.YES);
    assertThat(FeltSetting.of(0.242, 0.01, 2, 1.5, 12).verdict()).isEqualTo(Verdict.CANNOT_TELL);
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
