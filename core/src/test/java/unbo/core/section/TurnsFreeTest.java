package unbo.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.section.Shape.Look;

class TurnsFreeTest {

  private static Shape box(double x0, double x1, double r0, double r1) {
    return Shape.rectangle(Look.UNCUT, x0, x1, r0, r1);
  }

  @Test
  void theNearestCornersCount() {
    assertThat(TurnsFree.distance(List.of(box(0, 10, 5, 10)), List.of(box(12, 20, 5, 10))))
        .isCloseTo(2, within(1e-9));
    assertThat(TurnsFree.distance(List.of(box(0, 10, 5, 10)), List.of(box(13, 20, 14, 20))))
        .isCloseTo(5, within(1e-9));
    assertThat(TurnsFree.distance(List.of(box(0, 10, 5, 10)), List.of(box(4, 6, 6, 7)))).isZero();
  }

  /** As drawn, every section turns: nothing still lies in what turns. */
  @Test
  void everySectionTurnsAsDrawn() {
    for (Arrangement each : Arrangements.standard().all()) {
      for (TurnsFree.Gap gap : TurnsFree.of(Assembly.assumed(each)).gaps()) {
        assertThat(gap.mm())
            .as(each.id() + ": " + gap.standing().id() + " and " + gap.turning().id())
            .isPositive();
      }
    }
  }

  /** A trailer hub has pairs to mind, the nearest first. */
  @Test
  void theNearestPairStandsFirst() {
    Arrangement a1 = Arrangements.of("a1");
    List<TurnsFree.Gap> gaps = TurnsFree.of(Assembly.assumed(a1)).gaps();
    assertThat(gaps).isNotEmpty();
    assertThat(gaps.get(0).mm()).isLessThanOrEqualTo(gaps.get(gaps.size() - 1).mm());
  }
}
