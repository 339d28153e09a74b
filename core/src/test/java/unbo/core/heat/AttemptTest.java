package unbo.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import unbo.core.fit.Material;
import unbo.core.heat.Attempt.Outcome;
import unbo.core.working.Origin;

class AttemptTest {

  private static HeatPlan plan() {
    return HeatPlan.of(
        new HeatPlan.Question(
            40,
            80,
            18,
            0.03,
            Origin.entered("test"),
            0.01,
            HeatPlan.Heated.RING,
            Material.STEEL,
            Material.STEEL,
            20,
            20,
            HeatPlan.Construction.OPEN,
            false,
            OptionalDouble.empty()));
  }

  @Test
  void theNextAttemptStartsFromTheLast() {
    HeatPlan plan = plan();
    assertThat(new Attempt(85, Outcome.HALF_WAY).nextC(plan)).isBetween(104.9, 115.0);
    assertThat(new Attempt(85, Outcome.HALF_WAY).next(plan))
        .contains("gripped half way", "start at");
    assertThat(new Attempt(70, Outcome.DROPPED_ON).next(plan)).contains("70 °C was enough");
    assertThat(new Attempt(90, Outcome.ASKEW).next(plan)).contains("warmth was not the trouble");
  }

  /** The construction's limit rules over what the last attempt asks. */
  @Test
  void itIsNeverPlannedOverTheLimit() {
    HeatPlan plan = plan();
    double limit = plan.limit().refuseC();
    for (Outcome outcome : Outcome.values()) {
      assertThat(new Attempt(limit + 40, outcome).nextC(plan)).isLessThanOrEqualTo(limit);
    }
    assertThat(new Attempt(limit - 5, Outcome.WOULD_NOT_GO).next(plan)).contains("chill the other");
  }
}
