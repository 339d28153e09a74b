package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleKind;
import unbo.app.vehicle.WheelPosition;

class YardPlanTest {

  @Test
  void wheelsStandAtTrackAndAxleAndInsideThePlan() {
    Vehicle tandem = new Vehicle("T", VehicleKind.TRAILER, "", "").withPlan(2, 1500, 760, 5200);
    YardPlan plan = YardPlan.of(tandem);
    assertThat(plan.wheels())
        .hasSize(4)
        .allSatisfy(
            w -> {
              assertThat(w.x()).isBetween(0.0, plan.width() - w.width());
              assertThat(w.y()).isBetween(0.0, plan.height() - w.height());
              assertThat(w.markX()).isBetween(9.0, plan.width() - 9);
            });
    assertThat(plan.wheels().get(2).y() - plan.wheels().get(0).y()).isEqualTo(760 * 0.05);
  }

  @Test
  void aCarsTaperPairsStandOnItsFirstAxleOnly() {
    Vehicle car = new Vehicle("C", VehicleKind.CAR, "", "").withPlan(2, 1380, 2450, 4100);
    assertThat(car.positions())
        .filteredOn(WheelPosition::taperPair)
        .extracting(WheelPosition::title)
        .containsExactly("front left", "front right");
    assertThat(car.position("axle-2-left").orElseThrow().title()).isEqualTo("rear left");
    assertThat(car.position("axle-9-left")).isEmpty();
  }
}
