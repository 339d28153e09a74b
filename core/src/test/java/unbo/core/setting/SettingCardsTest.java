package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Adjustment.By;
import unbo.core.arrangement.Arrangements;

class SettingCardsTest {

  /** Whatever any arrangement is set by has its card. */
  @Test
  void everyWayOfSettingHasItsCard() {
    for (var arrangement : Arrangements.standard().all()) {
      for (Adjustment each : arrangement.adjustments()) {
        if (each.by() != By.NUT_POSITION) {
          assertThat(SettingCards.of(each.by())).as(arrangement.id()).hasSizeGreaterThan(1);
        }
      }
    }
  }

  /** What cannot be taken back is said where it is done. */
  @Test
  void theOneWayRoadIsSaid() {
    assertThat(String.join(" ", SettingCards.of(By.CRUSH_SLEEVE)))
        .contains("never back the nut off", "No impact tool");
    assertThat(String.join(" ", SettingCards.of(By.CLAMP))).contains("Never weight on the wheel");
  }
}
