package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;

class SpacerPictureTest {

  private static SpacerPicture picture(String id, double off) {
    Arrangement arrangement = Arrangements.of(id);
    Adjustment set = arrangement.adjustmentAt("spacer").orElseThrow();
    return SpacerPicture.of(Assembly.assumed(arrangement), set, off).orElseThrow();
  }

  /** Clamped, both inner rings go the same way about: in by a short spacer, out by a long one. */
  @ParameterizedTest
  @CsvSource({"a4, -0.2, short", "a4, 0, meets", "a4, 0.2, long", "a30, -0.1, short"})
  void theClampMovesTheInnerRingsAndNotTheOuterOnes(String id, double off, String says) {
    SpacerPicture.Home driven = picture(id, off).homes().get(0);
    Map<String, Double> moved = driven.moved();
    assertThat(moved.get("right-bearing/inner") - moved.get("left-bearing/inner"))
        .satisfies(way -> assertThat(Math.signum(way)).isEqualTo(Math.signum(off)));
    assertThat(moved).doesNotContainKeys("right-bearing/outer", "hub", "body");
    assertThat(moved.get("right-bearing/elements"))
        .isCloseTo(moved.get("right-bearing/inner") / 2, within(1e-9));
    assertThat(driven.arrows()).hasSize(off == 0 ? 0 : 2);
    assertThat(driven.caption()).contains(says);
  }

  /** Seated to a long spacer the second bearing moves whole, and the collar with it. */
  @Test
  void theSecondStandsWhereTheSpacerEnds() {
    SpacerPicture.Home seated = picture("a4", 0.2).homes().get(1);
    double way = seated.moved().get("right-bearing/outer");
    assertThat(way).isPositive();
    assertThat(seated.moved())
        .containsEntry("right-bearing/inner", way)
        .containsEntry("right-collar", way)
        .doesNotContainKey("left-bearing/inner");
    assertThat(seated.caption()).contains("0.20 mm before its shoulder");
  }

  /** A short spacer never gets there: the shoulder stops the ring before. */
  @Test
  void theShoulderStopsItTooEarly() {
    SpacerPicture.Home seated = picture("a4", -0.2).homes().get(1);
    assertThat(seated.moved().values()).allMatch(way -> way == 0);
    assertThat(seated.caption()).contains("too early");
  }

  /** However much it is off, it is drawn as wide. */
  @ParameterizedTest
  @ValueSource(doubles = {0.01, 0.3, 0.9})
  void theDifferenceIsDrawnAlike(double off) {
    assertThat(picture("a4", off).homes())
        .extracting(SpacerPicture.Home::moved)
        .isEqualTo(picture("a4", 0.05).homes().stream().map(SpacerPicture.Home::moved).toList());
  }
}
