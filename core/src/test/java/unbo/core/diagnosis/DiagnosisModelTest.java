package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.vehicle.VehicleTemplate;

/** The tables spelled out for the wheels that a vehicle really has. */
class DiagnosisModelTest {

  private static DiagnosisModel car(String build) {
    return DiagnosisModel.of(new VehicleLayout(VehicleKind.CAR, build, 2, 1500, 2600, 4200))
        .orElseThrow();
  }

  private static DiagnosisModel trailer(int axles) {
    return DiagnosisModel.of(
            new VehicleLayout(VehicleKind.TRAILER, "taper-pair", axles, 1500, 760, 5200))
        .orElseThrow();
  }

  private static List<String> wheels(DiagnosisModel model, String test) {
    return model.test(test).orElseThrow().answers().stream()
        .map(DiagnosisTest.Answer::id)
        .filter(a -> a.startsWith("axle"))
        .toList();
  }

  @Test
  void everyWheelHasItsAnswerAndItsBearing() {
    assertThat(wheels(trailer(1), "t-rock")).containsExactly("axle-1-left", "axle-1-right");
    assertThat(wheels(trailer(2), "t-rock")).hasSize(4);
    assertThat(wheels(car("front-driven"), "rock-12")).hasSize(4);
    for (int axles : new int[] {1, 2, 3}) {
      assertThat(
              trailer(axles).causes().stream()
                  .map(c -> c.place().wheel())
                  .filter(w -> !w.isEmpty())
                  .distinct())
          .hasSize(2 * axles);
    }
  }

  /** Joints sit where the drive is; a car with driven rear wheels has a prop shaft. */
  @Test
  void theDriveDecidesWhatThereIs() {
    assertThat(wheels(car("front-driven"), "boot")).containsExactly("axle-1-left", "axle-1-right");
    assertThat(car("rear-driven").test("boot")).isEmpty();
    assertThat(car("rear-driven").test("prop-joint")).isPresent();
    assertThat(car("front-driven").test("prop-joint")).isEmpty();
    assertThat(wheels(car("all-driven"), "boot")).hasSize(4);
  }

  /** The finding at one wheel speaks for that wheel as its mirror does for the other. */
  @Test
  void leftAndRightAreMirrors() {
    DiagnosisModel model = trailer(2);
    double left = share(Diagnosis.of(model, Map.of("t-spin", "axle-2-left")), "axle-2-left");
    double right = share(Diagnosis.of(model, Map.of("t-spin", "axle-2-right")), "axle-2-right");
    assertThat(left)
        .isGreaterThan(0.5)
        .isCloseTo(right, org.assertj.core.api.Assertions.within(1e-9));
  }

  private static double share(Diagnosis diagnosis, String wheel) {
    return diagnosis.ranked().stream()
        .filter(r -> r.cause().place().wheel().equals(wheel))
        .mapToDouble(Diagnosis.Ranked::probability)
        .sum();
  }

  /** What cannot be done is not asked; what was passed over neither; the rest still is. */
  @Test
  void circumstancesAreKept() {
    Diagnosis open = Diagnosis.of(car("front-driven"), Map.of("sound", "growl"));
    Circumstances here = new Circumstances(Set.of(Occasion.ROAD, Occasion.LIFTED), Set.of("kerb"));
    assertThat(open.nextTests(here))
        .isNotEmpty()
        .noneMatch(n -> n.test().occasion() == Occasion.ROAD || n.test().id().equals("kerb"));
    Circumstances nothing = new Circumstances(Set.of(Occasion.values()), Set.of());
    assertThat(open.nextTest(nothing)).isEmpty();
  }

  /** A knock may be a loose wheel: that is asked before anything else, and never on the road. */
  @Test
  void whetherItMayRollComesFirst() {
    Diagnosis knock = Diagnosis.of(car("front-driven"), Map.of("sound", "knock"));
    assertThat(knock.stopShare()).isGreaterThan(Diagnosis.COUNTS_OVER);
    assertThat(knock.nextTest().orElseThrow().test().critical()).isTrue();
    Diagnosis loose =
        Diagnosis.of(car("front-driven"), Map.of("sound", "knock", "nuts", "axle-1-left"));
    assertThat(loose.urgency()).isEqualTo(Urgency.STOP);
    assertThat(loose.nextTests()).noneMatch(n -> n.test().occasion() == Occasion.ROAD);
    assertThat(loose.urgentCause().ifLeft()).isNotBlank();
  }

  /** Play, grit and noise send a pair to be looked at; a warm cap alone does not. */
  @Test
  void whatWasFoundSaysWhetherToLookFirst() {
    DiagnosisModel model = trailer(1);
    assertThat(Diagnosis.of(model, Map.of("t-rock", "axle-1-left")).lookFirst()).hasSize(1);
    assertThat(Diagnosis.of(model, Map.of("t-spin", "axle-1-left")).lookFirst()).hasSize(1);
    assertThat(Diagnosis.of(model, Map.of("t-sound", "growl")).lookFirst()).hasSize(1);
    assertThat(Diagnosis.of(model, Map.of("t-rock", "none", "t-loaded", "yes")).lookFirst())
        .isEmpty();
  }

  @Test
  void everyKindHasItsTables() {
    assertThat(DiagnosisModel.kinds()).containsExactlyInAnyOrder(VehicleKind.values());
    long causes =
        java.util.stream.Stream.of(VehicleKind.MOTORCYCLE, VehicleKind.SIDECAR, VehicleKind.BICYCLE)
            .flatMap(k -> DiagnosisModel.some(k).orElseThrow().causes().stream())
            .map(Cause::what)
            .distinct()
            .count();
    assertThat(causes).isGreaterThanOrEqualTo(40);
  }

  /** No answer is ungraded by oversight: what says little is written down as saying little. */
  @Test
  void everyCauseIsGradedForEveryTest() {
    List<String> blank = new java.util.ArrayList<>();
    for (VehicleTemplate template : VehicleTemplate.all()) {
      DiagnosisModel model = DiagnosisModel.of(template.layout()).orElseThrow();
      for (DiagnosisTest test : model.tests()) {
        int t = model.indexOfTest(test.id());
        for (int c = 0; c < model.causes().size(); c++) {
          int cause = c;
          if (java.util.stream.IntStream.range(0, test.answers().size())
              .allMatch(a -> model.reason(t, cause, a).isEmpty())) {
            blank.add(test.id() + " " + model.causes().get(c).id());
          }
        }
      }
    }
    assertThat(blank).isEmpty();
  }
}
