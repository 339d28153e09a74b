package unbo.core.round;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.round.Trend.Change;
import unbo.core.round.Trend.Point;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleTemplate;

class RoundTest {

  private static Trend trend(RoundMeasure measure, double... values) {
    return Trend.of(
        measure,
        IntStream.range(0, values.length).mapToObj(i -> new Point(i * 100, values[i])).toList());
  }

  @Test
  void comparesWithItsUncertainty() {
    assertThat(trend(RoundMeasure.PLAY, 0.1).change()).isEqualTo(Change.FIRST);
    assertThat(trend(RoundMeasure.PLAY, 0.100, 0.120).change()).isEqualTo(Change.SAME);
    assertThat(trend(RoundMeasure.PLAY, 0.10, 0.15).change()).isEqualTo(Change.WORSE);
    assertThat(trend(RoundMeasure.GRIP, 3, 1).change()).as("less grip").isEqualTo(Change.WORSE);
    assertThat(trend(RoundMeasure.HEAT, 60, 40).change()).isEqualTo(Change.BETTER);
    assertThat(trend(RoundMeasure.HEAT, 40, 52).change()).as("a warm day").isEqualTo(Change.SAME);
    assertThat(Trend.isWorseThanBrother(RoundMeasure.HEAT, 49, 40)).isFalse();
    assertThat(Trend.isWorseThanBrother(RoundMeasure.HEAT, 50, 40)).isTrue();
  }

  /** 0.1 mm in 100 days is 0.36525 mm a year. */
  @Test
  void theSlopeIsAYear() {
    assertThat(trend(RoundMeasure.PLAY, 0.1, 0.2, 0.3).perYear().orElseThrow().value())
        .isCloseTo(0.36525, within(1e-9));
    assertThat(trend(RoundMeasure.PLAY, 0.1, 0.2).perYear()).isEmpty();
    assertThat(trend(RoundMeasure.PLAY, 0.10, 0.11, 0.10).perYear()).as("noise").isEmpty();
  }

  /** Law: what is worse one way is better the other way, and within the spread it is neither. */
  @ParameterizedTest
  @EnumSource(RoundMeasure.class)
  void worseTurnedRoundIsBetter(RoundMeasure measure) {
    double spread = measure.uncertaintyBetweenRounds();
    for (double share : new double[] {0.5, 0.9, 1.1, 3}) {
      Change up = trend(measure, 20, 20 + share * spread).change();
      Change down = trend(measure, 20 + share * spread, 20).change();
      if (share < 1) {
        assertThat(List.of(up, down)).containsOnly(Change.SAME);
      } else {
        assertThat(List.of(up, down)).containsExactlyInAnyOrder(Change.WORSE, Change.BETTER);
      }
    }
    assertThat(measure.uncertaintyBetweenBrothers())
        .as("brothers share the day")
        .isLessThanOrEqualTo(spread);
  }

  /**
   * Three readings a year apart, 0.03 mm from one to the next: days' sum of squares 2 a², so the
   * slope's uncertainty is that of one value, 0.0304 mm, over the root of two (JCGM 100, H.3).
   */
  @Test
  void theSlopeHasItsUncertainty() {
    Trend trend =
        Trend.of(
            RoundMeasure.PLAY,
            List.of(new Point(0, 0.10), new Point(365.25, 0.13), new Point(730.5, 0.16)));
    assertThat(trend.perYear().orElseThrow().value()).isCloseTo(0.03, within(1e-9));
    assertThat(trend.perYear().orElseThrow().uncertainty())
        .isCloseTo(Math.hypot(0.005, 0.03) / Math.sqrt(2), within(1e-9));
  }

  /**
   * Law: every position once, never longer than from the same start in the table's own order, no
   * stretch worth turning.
   */
  @Test
  void theWalkIsShortForEveryVehicle() {
    for (VehicleTemplate template : VehicleTemplate.all()) {
      List<Position> all = template.layout().positions();
      List<Position> walk = WalkingOrder.of(all);
      assertThat(walk).containsExactlyInAnyOrderElementsOf(all);
      List<Position> table = new ArrayList<>(List.of(walk.get(0)));
      table.addAll(rest(all, walk.get(0)));
      assertThat(WalkingOrder.length(walk))
          .as(template.title())
          .isLessThanOrEqualTo(WalkingOrder.length(table) + 1e-6);
      if (all.size() <= 8) {
        double best = shortest(new ArrayList<>(List.of(walk.get(0))), rest(all, walk.get(0)));
        assertThat(WalkingOrder.length(walk)).isLessThanOrEqualTo(1.1 * best);
      }
    }
  }

  private static List<Position> rest(List<Position> all, Position without) {
    return all.stream().filter(p -> p != without).toList();
  }

  private static double shortest(List<Position> walked, List<Position> left) {
    if (left.isEmpty()) {
      return WalkingOrder.length(walked);
    }
    double best = Double.MAX_VALUE;
    for (Position next : left) {
      List<Position> further = new ArrayList<>(walked);
      further.add(next);
      best = Math.min(best, shortest(further, rest(left, next)));
    }
    return best;
  }
}
