package unbo.core.verification;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.PartCheck;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleTemplate;

class ReleaseChecksTest {

  static List<Arrangement> arrangements() {
    return Arrangements.standard().all();
  }

  private static List<HardStop> asked(String template, String code) {
    VehicleTemplate found =
        VehicleTemplate.all().stream()
            .filter(t -> t.id().equals(template))
            .findFirst()
            .orElseThrow();
    Position position =
        found.layout().positions().stream()
            .filter(p -> p.code().equals(code))
            .findFirst()
            .orElseThrow();
    return ReleaseChecks.asked(
        Arrangements.of(position.arrangement()), found.layout().kind(), position);
  }

  /** What a workshop asks before it lets each of these go. */
  @ParameterizedTest
  @CsvSource({
    "trailer-1, axle-1-left, 'SPLIT_PIN FACES WHEEL_NUTS BRAKE SETTING PULLED RECHECK'",
    "trailer-light, axle-1-left, 'SLEEVE_LENGTH FACES WHEEL_NUTS BRAKE SETTING PULLED RECHECK'",
    "car-front, axle-1-left, 'ONE_USE CIRCLIP SENSOR FACES WHEEL_NUTS BRAKE SETTING PULLED RECHECK'",
    "truck, axle-2-left, 'LOCK_WASHER FACES WHEEL_NUTS BRAKE SETTING PULLED RECHECK'",
    "motorcycle, rear-wheel, 'SLEEVE_LENGTH WHEEL_AXLE BRAKE SETTING PULLED RECHECK'",
    "motorcycle, steering-head, 'WHEEL_AXLE BRAKE SETTING PULLED RECHECK'",
    "motorcycle, swing-arm, 'SLEEVE_LENGTH WHEEL_AXLE BRAKE SETTING PULLED RECHECK'",
    "motorcycle, sprocket-carrier, 'SLEEVE_LENGTH WHEEL_AXLE BRAKE SETTING PULLED RECHECK'",
    "bicycle, freehub, 'SLEEVE_LENGTH WHEEL_AXLE BRAKE SETTING PULLED RECHECK'",
    "bicycle, bottom-bracket, 'THREAD_HAND SETTING PULLED RECHECK'",
    "bicycle, pedal-left, 'THREAD_HAND PULLED RECHECK'",
    "bicycle-old, pedal-left, 'THREAD_HAND SETTING RECHECK'",
    "bicycle-old, front-hub, 'WHEEL_AXLE BRAKE SETTING RECHECK'",
    "bicycle, jockey-upper, 'PULLED RECHECK'"
  })
  void eachPositionAsksItsOwn(String template, String code, String stops) {
    assertThat(asked(template, code))
        .extracting(HardStop::name)
        .containsExactlyInAnyOrder(stops.split(" "));
  }

  /** A linkage has the swing arm's bearings, but no wheel is in its way. */
  @Test
  void theSameArrangementElsewhereNeedsNoWheelOut() {
    assertThat(asked("motorcycle", "linkage"))
        .doesNotContain(HardStop.WHEEL_AXLE, HardStop.BRAKE)
        .contains(HardStop.SLEEVE_LENGTH);
    assertThat(asked("car-front", "axle-1-left")).doesNotContain(HardStop.SPLIT_PIN);
    assertThat(asked("motorcycle", "front-wheel")).doesNotContain(HardStop.FACES);
  }

  /** What a check line looks at is held in the way that the check is about. */
  @ParameterizedTest
  @MethodSource("arrangements")
  void everyCheckFitsItsParts(Arrangement arrangement) {
    for (PartCheck check : arrangement.checks()) {
      HardStop stop = ReleaseChecks.stop(check);
      for (String part : check.parts()) {
        Set<?> holds =
            arrangement.contacts().stream()
                .filter(c -> c.part().equals(part) || c.other().equals(part))
                .flatMap(c -> c.holds().stream())
                .collect(Collectors.toSet());
        assertThat(stop.holds().isEmpty() || stop.holds().stream().anyMatch(holds::contains))
            .as("%s: %s at %s, held %s", arrangement.id(), stop, part, holds)
            .isTrue();
      }
    }
  }

  /** A nut that a pin holds is never let go without a new pin, and no other asks for one. */
  @ParameterizedTest
  @MethodSource("arrangements")
  void aPinnedNutAsksForItsPin(Arrangement arrangement) {
    boolean locked =
        arrangement.contacts().stream()
            .anyMatch(
                c ->
                    HardStop.SPLIT_PIN.holds().stream().anyMatch(c::isHeldBy)
                        && arrangement.part(c.other()).isPresent()
                        && c.other().equals("pin"));
    boolean asks = arrangement.checks().stream().anyMatch(c -> c.id().equals("split-pin"));
    assertThat(asks).as(arrangement.id()).isEqualTo(locked);
  }

  @ParameterizedTest
  @MethodSource("templates")
  void everyWheelIsFastenedInOneWayAndItsBrakeChecked(VehicleTemplate template) {
    VehicleKind kind = template.layout().kind();
    for (Position position : template.layout().positions()) {
      List<HardStop> stops =
          ReleaseChecks.asked(Arrangements.of(position.arrangement()), kind, position);
      Set<HardStop> fastened = EnumSet.of(HardStop.WHEEL_NUTS, HardStop.WHEEL_AXLE);
      fastened.retainAll(stops);
      assertThat(fastened).as(position.title()).hasSize(position.wheelOut() ? 1 : 0);
      assertThat(stops.contains(HardStop.BRAKE)).isEqualTo(position.wheelOut());
      assertThat(stops).contains(HardStop.RECHECK).doesNotContain(HardStop.LOCKING_NEW);
      assertThat(!position.wheel() || position.wheelOut()).as("a wheel comes off").isTrue();
    }
  }

  static List<VehicleTemplate> templates() {
    return VehicleTemplate.all();
  }
}
