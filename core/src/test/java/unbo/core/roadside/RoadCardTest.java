package unbo.core.roadside;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import unbo.core.roadside.RoadCard.Event;
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

  /** Domain: darting, heat and clunks come in now; hunting and a late roll may finish the stint. */
  @Test
  void atAnEventTheWorstSignCounts() {
    for (String sign : new String[] {"dart", "clunk-late", "hot", "smoke", "crack", "play"}) {
      assertThat(RoadCard.event(Set.of(sign, "late-roll")).verdict()).isEqualTo(Event.NOW);
    }
    assertThat(RoadCard.event(Set.of("hunt")).verdict()).isEqualTo(Event.STINT);
    assertThat(RoadCard.event(Set.of("hunt", "late-roll")).verdict()).isEqualTo(Event.NOW);
    assertThat(RoadCard.event(Set.of("click")).verdict()).isEqualTo(Event.AFTER);
    assertThat(RoadCard.event(Set.of()).verdict()).isEqualTo(Event.NONE);
  }

  /** Law: what stops on the road never goes on at an event, and one more sign never helps. */
  @Test
  void anEventIsNoLicence() {
    for (Sign one : RoadCard.signs()) {
      if (one.verdict() == Verdict.STOP || one.verdict() == Verdict.CRAWL) {
        assertThat(one.event()).as(one.id()).isEqualTo(Event.NOW);
      }
      for (Sign other : RoadCard.signs()) {
        Event alone = RoadCard.event(Set.of(one.id())).verdict();
        Event both = one == other ? alone : RoadCard.event(Set.of(one.id(), other.id())).verdict();
        assertThat(both.ordinal()).as(one.id() + other.id()).isLessThanOrEqualTo(alone.ordinal());
      }
    }
  }
}
