package unbo.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

class VehiclePictureTest {

  private static final VehicleLayout TANDEM =
      new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 2, 1500, 760, 5200);
  private static final VehiclePlan PLAN = VehiclePlan.inYard(TANDEM);
  private static final Position FIRST = TANDEM.positions().get(0);
  private static final Position SECOND = TANDEM.positions().get(1);

  private static VehiclePicture picture(String address) {
    return new VehiclePicture(
        PLAN, "Tern", address, Map.of(FIRST.code(), new VehiclePicture.OpenAt(7, "0107", "Set")));
  }

  @Test
  void aPositionLeadsToItsJobOrToOpeningOne() {
    VehiclePicture tern = picture("/vehicles/3");
    assertThat(tern.isOpen(FIRST)).isTrue();
    assertThat(tern.href(FIRST)).isEqualTo("/jobs/7");
    assertThat(tern.label(FIRST)).isEqualTo("Tern, " + FIRST.title() + ": job 0107, next: Set");
    assertThat(tern.isOpen(SECOND)).isFalse();
    assertThat(tern.href(SECOND)).isEqualTo("/vehicles/3/positions/" + SECOND.code() + "/open");
    assertThat(tern.label(SECOND)).isEqualTo("Tern, " + SECOND.title() + ": open a job");
  }

  @Test
  void oneThatIsNotInTheYardLeadsNowhere() {
    VehiclePicture drawn = picture(null);
    assertThat(drawn.isLinked()).isFalse();
    assertThat(drawn.href(SECOND)).isNull();
    assertThat(drawn.label(SECOND)).isNull();
  }

  /**
   * Its markup is kept by what it holds, so it must be a value: equal by content, never changing.
   */
  @Test
  void isAValue() {
    assertThat(picture("/vehicles/3")).isEqualTo(picture("/vehicles/3"));
    assertThat(picture("/vehicles/3")).isNotEqualTo(picture("/vehicles/4"));
    assertThat(new VehiclePicture(VehiclePlan.inYard(TANDEM), "Tern", null, Map.of()))
        .isEqualTo(new VehiclePicture(PLAN, "Tern", null, Map.of()));
    Map<String, VehiclePicture.OpenAt> open = new HashMap<>();
    VehiclePicture before = new VehiclePicture(PLAN, "Tern", null, open);
    open.put(FIRST.code(), new VehiclePicture.OpenAt(7, "0107", "Set"));
    assertThat(before.isOpen(FIRST)).isFalse();
  }
}
