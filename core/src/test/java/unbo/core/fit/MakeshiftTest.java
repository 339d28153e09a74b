package unbo.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

class MakeshiftTest {

  /** A speed that nobody recorded is not slow. */
  @Test
  void onlyASlowVehicleMayCarryOne() {
    assertThat(Makeshift.DOTS.isAllowed(OptionalDouble.of(40))).isTrue();
    assertThat(Makeshift.DOTS.isAllowed(OptionalDouble.of(40.1))).isFalse();
    assertThat(Makeshift.STAKED.isAllowed(OptionalDouble.empty())).isFalse();
    assertThat(Makeshift.STAKED_BY_DESIGN.isAllowed(OptionalDouble.of(180))).isTrue();
    assertThat(Makeshift.STAKED_BY_DESIGN.blocks()).isFalse();
  }

  /** What an arrangement says of its housings is a material of the table. */
  @Test
  void everyUsualHousingIsKnown() {
    for (Arrangement each : Arrangements.standard().all()) {
      String said = each.fact("housing-material");
      assertThat(said.isEmpty() || Material.withId(said).isPresent()).as(each.id()).isTrue();
    }
  }
}
