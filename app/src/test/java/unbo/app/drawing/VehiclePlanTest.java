package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.vehicle.VehicleTemplate;

class VehiclePlanTest {

  static List<VehicleTemplate> templates() {
    return VehicleTemplate.all();
  }

  @Test
  void wheelsStandAtTrackAndAxleAndInsideThePlan() {
    VehicleLayout tandem = new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 2, 1500, 760, 5200);
    VehiclePlan plan = VehiclePlan.inYard(tandem);
    assertThat(plan.wheels()).hasSize(4);
    assertThat(plan.wheels().get(2).y() - plan.wheels().get(0).y()).isEqualTo(760 * 0.05);
    double between = plan.wheels().get(1).x() - plan.wheels().get(0).x();
    assertThat(between).isEqualTo(1500 * 0.05);
  }

  @ParameterizedTest
  @MethodSource("templates")
  void everyWheelAndFlagStaysOnTheSheet(VehicleTemplate template) {
    for (VehiclePlan plan :
        List.of(VehiclePlan.inYard(template.layout()), VehiclePlan.alone(template.layout(), 620))) {
      assertThat(plan.wheels())
          .allSatisfy(
              w -> {
                assertThat(w.x()).isBetween(0.0, plan.width() - w.width());
                assertThat(w.y()).isBetween(-1.0, plan.height() - w.height() + 1);
                assertThat(w.markX()).isBetween(9.0, plan.width() - 9);
              });
    }
  }

  /** Small it fills its height, is the same vehicle, and leaves out what would clot. */
  @ParameterizedTest
  @MethodSource("templates")
  void smallItIsTheSameVehicle(VehicleTemplate template) {
    VehiclePlan small = VehiclePlan.small(template.layout(), 92);
    VehiclePlan large = VehiclePlan.inYard(template.layout());
    assertThat(small.height()).isCloseTo(92, within(1e-9));
    assertThat(small.marks()).isEmpty();
    assertThat(small.wheels()).hasSameSizeAs(large.wheels());
    double scale = small.wheels().get(0).height() / large.wheels().get(0).height();
    for (int i = 0; i < small.wheels().size(); i++) {
      VehiclePlan.Wheel wheel = small.wheels().get(i);
      assertThat(wheel.width() / large.wheels().get(i).width()).isCloseTo(scale, within(1e-9));
      assertThat(wheel.x()).isBetween(0.0, small.width() - wheel.width());
      assertThat(wheel.y()).isBetween(-1.0, small.height() - wheel.height() + 1);
    }
  }

  /**
   * Alone, every position has a balloon of its own, apart from the others, no leader over another.
   */
  @ParameterizedTest
  @MethodSource("templates")
  void balloonsKeepOffEachOther(VehicleTemplate template) {
    VehiclePlan plan = VehiclePlan.alone(template.layout(), 620);
    List<VehiclePlan.Mark> marks = plan.marks();
    assertThat(marks).hasSameSizeAs(template.layout().positions());
    for (int a = 0; a < marks.size(); a++) {
      Spot one = marks.get(a).balloon();
      assertThat(one.x()).isBetween(17.0, plan.width() - 17);
      assertThat(one.y()).isBetween(17.0, plan.height() - 17);
      for (int b = a + 1; b < marks.size(); b++) {
        Spot other = marks.get(b).balloon();
        assertThat(one.distance(other)).as(a + " and " + b).isGreaterThanOrEqualTo(44);
        assertThat(Spot.cross(marks.get(a).spot(), one, marks.get(b).spot(), other))
            .as("leaders " + (a + 1) + " and " + (b + 1))
            .isFalse();
      }
    }
  }
}
