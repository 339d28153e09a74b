package unbo.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;

class VehicleLayoutTest {

  static List<VehicleTemplate> templates() {
    return VehicleTemplate.all();
  }

  @ParameterizedTest
  @MethodSource("templates")
  void everyPositionLiesOnTheVehicleAndHasAnArrangement(VehicleTemplate template) {
    VehicleLayout layout = template.layout();
    Set<String> codes = new HashSet<>();
    assertThat(layout.positions()).hasSizeGreaterThanOrEqualTo(2);
    for (Position position : layout.positions()) {
      assertThat(codes.add(position.code())).as(position.code() + " once").isTrue();
      assertThat(position.backMm()).as(position.code()).isBetween(0.0, layout.lengthMm());
      assertThat(Math.abs(position.rightMm())).isLessThanOrEqualTo(layout.trackMm() / 2 + 1e-9);
      Arrangement arrangement = Arrangements.of(position.arrangement());
      assertThat(arrangement.kinds())
          .as(position.code() + " on " + arrangement.id())
          .contains(layout.kind().id());
    }
    assertThat(layout.positions()).anyMatch(Position::wheel);
  }

  @Test
  void everyKindAndBuildHasATemplate() {
    for (VehicleKind kind : VehicleKind.values()) {
      for (String build : kind.builds()) {
        assertThat(VehicleTemplate.all())
            .anyMatch(t -> t.layout().kind() == kind && t.layout().build().equals(build));
      }
    }
  }

  /** What no usual vehicle is drawn with, a mechanic adds to his own as a position of its own. */
  private static final Set<String> ADDED_BY_HAND =
      Set.of(
          "a32", "a33", "a34", "a35", "a36", "a39", "a40", "a41", "a42", "a43", "a44", "a45", "a46",
          "a47");

  @Test
  void everyArrangementStandsSomewhereOrIsAdded() {
    Set<String> used = new HashSet<>();
    VehicleTemplate.all()
        .forEach(t -> t.layout().positions().forEach(p -> used.add(p.arrangement())));
    assertThat(used)
        .containsExactlyInAnyOrderElementsOf(
            Arrangements.standard().all().stream()
                .map(Arrangement::id)
                .filter(id -> !ADDED_BY_HAND.contains(id))
                .toList());
  }

  @Test
  void anOldCarHasTaperPairsInFrontAndAPressedAxleBehind() {
    VehicleLayout car = new VehicleLayout(VehicleKind.CAR, "rear-driven", 2, 1380, 2450, 4100);
    assertThat(arrangement(car, "axle-1-left")).isEqualTo("a1");
    assertThat(arrangement(car, "axle-2-left")).isEqualTo("a20");
  }

  private static String arrangement(VehicleLayout layout, String code) {
    return layout.positions().stream()
        .filter(p -> p.code().equals(code))
        .findFirst()
        .orElseThrow()
        .arrangement();
  }

  @Test
  void theAxlesOfATrailerStandAtTheirDistance() {
    VehicleLayout tandem = new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 2, 1500, 760, 5200);
    List<Position> wheels = tandem.positions();
    assertThat(wheels).hasSize(4);
    assertThat(wheels.get(2).backMm() - wheels.get(0).backMm()).isEqualTo(760);
    assertThat(wheels.get(0).title()).isEqualTo("front left");
  }

  @Test
  void aBuildOfAnotherKindIsRefused() {
    assertThatThrownBy(() -> new VehicleLayout(VehicleKind.BICYCLE, "shaft", 2, 0, 1000, 1700))
        .hasMessageContaining("not built shaft");
    assertThatThrownBy(() -> new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 9, 1, 1, 1))
        .hasMessageContaining("Impossible");
  }

  /** Laws of brothers: each is the other's, nobody is his own, both stand in one line across. */
  @ParameterizedTest
  @MethodSource("templates")
  void brothersMirrorEachOther(VehicleTemplate template) {
    Map<String, String> brothers = template.layout().brothers();
    brothers.forEach(
        (one, other) -> {
          assertThat(other).isNotEqualTo(one);
          assertThat(brothers).containsEntry(other, one);
          Position a = position(template.layout(), one);
          Position b = position(template.layout(), other);
          assertThat(a.backMm()).isEqualTo(b.backMm());
          assertThat(a.rightMm()).isEqualTo(-b.rightMm());
          assertThat(a.arrangement()).isEqualTo(b.arrangement());
        });
  }

  private static Position position(VehicleLayout layout, String code) {
    return layout.positions().stream().filter(p -> p.code().equals(code)).findFirst().orElseThrow();
  }

  /** A trailer's wheels are brothers; the wheel of a sidecar is nobody's, nor is a motorcycle's. */
  @Test
  void onlyWheelsOfOneAxleAreBrothers() {
    VehicleLayout tandem = new VehicleLayout(VehicleKind.TRAILER, "taper-pair", 2, 1500, 760, 5200);
    assertThat(tandem.brothers())
        .containsEntry("axle-1-left", "axle-1-right")
        .containsEntry("axle-2-right", "axle-2-left")
        .hasSize(4);
    for (VehicleTemplate template : VehicleTemplate.all()) {
      if (template.layout().kind() == VehicleKind.SIDECAR
          || template.layout().kind() == VehicleKind.MOTORCYCLE) {
        List<String> wheels =
            template.layout().positions().stream()
                .filter(Position::wheel)
                .map(Position::code)
                .toList();
        assertThat(template.layout().brothers()).doesNotContainKeys(wheels.toArray(String[]::new));
      }
    }
  }
}
