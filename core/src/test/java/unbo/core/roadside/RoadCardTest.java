package unbo.core.roadside;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import unbo.core.roadside.RoadCard.Sign;
import unbo.core.roadside.RoadCard.Verdict;

class RoadCardTest {

  @Test
  void heatSmokeAndPlayAreAlwaysStop() {
    for (String sign : new String[] {"smoke", "hot", "play"}) {
      assertThat(RoadCard.of(Set.of(sign, "growl-faint")).verdict()).isEqualTo(Verdict.STOP);
    }
    assertThat(RoadCard.of(Set.of("knock")).verdict()).isEqualTo(Verdict.CRAWL);
    assertThat(RoadCard.of(Set.of("knock", "growl-loud")).verdict()).isEqualTo(Verdict.STOP);
    assertThat(RoadCard.of(Set.of("growl-faint")).verdict()).isEqualTo(Verdict.FINISH);
    assertThat(RoadCard.of(Set.of("nonsense")).verdict()).isEqualTo(Verdict.NONE);
  }

  /** Law: one more sign never makes it better. */
  @Test
  void anotherSignNeverMakesItBetter() {
    for (Sign one : RoadCard.signs()) {
      for (Sign other : RoadCard.signs()) {
        Verdict alone = RoadCard.of(Set.of(one.id())).verdict();
        Verdict both = one == other ? alone : RoadCard.of(Set.of(one.id(), other.id())).verdict();
        assertThat(both.ordinal()).as(one.id() + other.id()).isLessThanOrEqualTo(alone.ordinal());
      }
    }
  }

  @Test
  void itPromisesNothing() {
    for (Verdict verdict : Verdict.values()) {
      assertThat(verdict.words() + verdict.how())
          .doesNotContainIgnoringCase("safe")
          .doesNotContainPattern("\\d+ ?km");
    }
  }
}
