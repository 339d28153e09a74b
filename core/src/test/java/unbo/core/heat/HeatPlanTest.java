package unbo.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.fit.Material;
import unbo.core.heat.HeatPlan.Construction;
import unbo.core.heat.HeatPlan.Heated;
import unbo.core.working.Origin;

/** How warm, for how long, and how it will go. */
class HeatPlanTest {

  private static final Material ALLOY = Material.withId("aluminium").orElseThrow();

  private static HeatPlan plan(
      double um, double roomUm, Heated heated, double chilledC, Construction built, boolean s0) {
    return HeatPlan.of(
        new HeatPlan.Question(
            25,
            62,
            17,
            um / 1000,
            Origin.entered("test"),
            roomUm / 1000,
            heated,
            ALLOY,
            Material.STEEL,
            20,
            chilledC,
            built,
            s0,
            OptionalDouble.empty()));
  }

  private static double partC(HeatPlan plan) {
    return plan.partC().result().value();
  }

  /** 12 µm and 10 to slide on 25 mm: 70.4 K. */
  @Test
  void aRingOnItsShaft() {
    HeatPlan plan = plan(12, 10, Heated.RING, 20, Construction.OPEN, false);
    assertThat(partC(plan)).isCloseTo(90.4, within(0.05));
    assertThat(plan.within()).isEqualTo(HeatPlan.Within.YES);
    assertThat(plan.verdict()).isEqualTo(HeatPlan.Verdict.DROPS_ON);
    assertThat(plan.clearanceMm(partC(plan))).isCloseTo(0.010, within(1e-6));
    double seconds = plan.secondsInAir().orElseThrow();
    assertThat(plan.clearanceMm(plan.afterC(seconds))).isCloseTo(0, within(1e-9));
    assertThat(seconds).isBetween(60.0, 600.0);
  }

  /** A chilled shaft gives its own share: 40 K on 25 mm of steel is 11.7 µm. */
  @Test
  void aChilledPartnerSparesHeat() {
    double warm = partC(plan(12, 10, Heated.RING, 20, Construction.OPEN, false));
    double chilled = partC(plan(12, 10, Heated.RING, -20, Construction.OPEN, false));
    assertThat(warm - chilled).isCloseTo(40 * 11.7 / 12.5, within(1e-6));
  }

  @ParameterizedTest
  @CsvSource({
    "5,10,SEALED,false,YES,DROPS_ON",
    "12,10,SEALED,false,WARN,DROPS_ON",
    "20,10,SEALED,false,NO,TAP_HOME",
    "40,10,SEALED,false,NO,WILL_NOT_GO",
    "20,10,OPEN,false,YES,DROPS_ON",
    "30,10,OPEN,false,NO,TAP_HOME",
    "30,10,OPEN,true,WARN,DROPS_ON",
    "30,10,BARE_RING,false,WARN,DROPS_ON",
    "60,10,BARE_RING,false,NO,WILL_NOT_GO"
  })
  void limitsGoByConstruction(
      double um,
      double room,
      Construction built,
      boolean s0,
      HeatPlan.Within within,
      HeatPlan.Verdict verdict) {
    HeatPlan plan = plan(um, room, Heated.RING, 20, built, s0);
    assertThat(plan.within()).isEqualTo(within);
    assertThat(plan.verdict()).isEqualTo(verdict);
    assertThat(plan.secondsInAir().isPresent()).isEqualTo(verdict != HeatPlan.Verdict.WILL_NOT_GO);
    assertThat(plan.startC()).isLessThanOrEqualTo(plan.limit().refuseC());
  }

  /** A light alloy housing: its own diameter and expansion; no time in the air is given. */
  @Test
  void aHousing() {
    HeatPlan plan = plan(30, 20, Heated.HOUSING, 20, Construction.SEALED, false);
    assertThat(partC(plan)).isCloseTo(20 + 0.050 / (23.2e-6 * 62), within(0.01));
    assertThat(plan.limit().limitC()).isEqualTo(100);
    assertThat(plan.limit().refuseC()).isEqualTo(120);
    assertThat(plan.secondsInAir()).isEmpty();
  }

  /** Slug and ring settle at one temperature. */
  @Property(tries = 100)
  void aSlugGivesWhatTheRingTakes(
      @ForAll @DoubleRange(min = 50, max = 2000) double slugG,
      @ForAll @DoubleRange(min = 20, max = 500) double ringG) {
    double slug = Slug.temperature(slugG, ALLOY, ringG, 20, 100).result().value();
    double settled = (slugG * 900 * slug + ringG * 460 * 20) / (slugG * 900 + ringG * 460);
    assertThat(settled).isCloseTo(100, within(1e-6));
  }

  /** Heating never tightens a ring on its shaft; more interference never asks for less. */
  @Property(tries = 200)
  void heatOnlyOpens(
      @ForAll @DoubleRange(min = 0, max = 60) double um,
      @ForAll @DoubleRange(min = 20, max = 150) double warm) {
    HeatPlan plan = plan(um, 10, Heated.RING, 20, Construction.OPEN, false);
    assertThat(plan.clearanceMm(warm + 1)).isGreaterThan(plan.clearanceMm(warm));
    assertThat(partC(plan(um + 5, 10, Heated.RING, 20, Construction.OPEN, false)))
        .isGreaterThan(partC(plan));
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> plan(-5, 10, Heated.RING, 20, Construction.OPEN, false))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> plan(5, 0, Heated.RING, 20, Construction.OPEN, false))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> plan(5, 10, Heated.RING, 60, Construction.OPEN, false))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
