package unbo.core.verification;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleTemplate;

class AccusingTestTest {

  static List<Arrangement> arrangements() {
    return Arrangements.standard().all();
  }

  private static Measured one(AccusingTest test, double value) {
    return new Measured(value, test.uncertaintyAt(value));
  }

  private static Verdict better(
      AccusingTest test, double before, double beforeSecond, double now, double nowSecond) {
    return new RepeatedTest(
            test,
            test.compared(one(test, before), beforeSecond),
            Optional.of(test.compared(one(test, now), nowSecond)),
            true)
        .better()
        .orElseThrow();
  }

  /** The same tilt read nearer to the hub is less movement, and no gain. */
  @Property
  void rockIsComparedAsTiltAtAnyRadius(
      @ForAll @DoubleRange(min = 0.2, max = 5) double rim,
      @ForAll @DoubleRange(min = 150, max = 600) double radius,
      @ForAll @DoubleRange(min = 0.4, max = 1) double nearer) {
    assertThat(better(AccusingTest.ROCK, rim, radius, rim * nearer, radius * nearer))
        .isEqualTo(Verdict.CANNOT_TELL);
    assertThat(better(AccusingTest.ROCK, rim, radius, rim * nearer / 2, radius * nearer))
        .isEqualTo(Verdict.YES);
  }

  /**
   * Worked by hand: 1.9 mm at 290 mm is 6.55 mrad; 14 N at 290 mm 4.06 Nm; 10 clicks in 8 turns.
   */
  @Test
  void eachIsComparedOnItsFooting() {
    assertThat(AccusingTest.ROCK.compared(one(AccusingTest.ROCK, 1.9), 290.0).value())
        .isCloseTo(6.55, within(0.005));
    assertThat(AccusingTest.DRAG.compared(one(AccusingTest.DRAG, 14), 290.0).value())
        .isCloseTo(4.06, within(1e-9));
    assertThat(AccusingTest.NOTCH.compared(one(AccusingTest.NOTCH, 9), 5.0).value()).isEqualTo(4);
    Measured clicks = AccusingTest.CLICKS.compared(one(AccusingTest.CLICKS, 10), 8.0);
    assertThat(clicks.value()).isEqualTo(1.25);
    assertThat(clicks.uncertainty()).as("one click more or less").isEqualTo(0.125);
    Measured heat = AccusingTest.HUB_HEAT.compared(one(AccusingTest.HUB_HEAT, 63), 25.0);
    assertThat(heat.uncertainty()).isCloseTo(1.5 * Math.sqrt(2), within(1e-9));
  }

  /** A seal that grips more than before is better; every other test wants less. */
  @ParameterizedTest
  @EnumSource(AccusingTest.class)
  void onlyASealIsBetterWithMore(AccusingTest test) {
    boolean more = better(test, 20, 20, 2, 20) == Verdict.NO;
    if (test.footing() != Footing.APART) {
      assertThat(more).isEqualTo(test == AccusingTest.SEAL_GRIP);
    }
    assertThat(test.second().isEmpty())
        .isEqualTo(Set.of(Footing.AS_READ, Footing.SPAN).contains(test.footing()));
    assertThat(test.caution()).endsWith(".");
  }

  /** What was in order need not become better nor be repeated; getting worse still counts. */
  @Test
  void aReadingInOrderMustOnlyNotBecomeWorse() {
    assertThat(inOrder(4.0)).noneMatch(o -> o.contains("same as before"));
    assertThat(inOrder(null)).noneMatch(o -> o.contains("was not repeated"));
    assertThat(inOrder(9.0)).anyMatch(o -> o.contains("worse than before"));
    assertThat(inOrder(1.0)).as("it proves nothing").anyMatch(o -> o.startsWith("No fault test"));
  }

  private static List<String> inOrder(Double after) {
    RepeatedTest test =
        new RepeatedTest(
            AccusingTest.DRAG,
            new Measured(4, 0.1),
            Optional.ofNullable(after).map(a -> new Measured(a, 0.1)),
            false);
    return Proof.of(List.of(test), List.of(), List.of(), Set.of(), Map.of(), Set.of()).open();
  }

  /** Worked by hand: a step of feel is worth a step, so one step of gain is within two of them. */
  @ParameterizedTest
  @CsvSource({"3, 0, YES", "3, 1, YES", "2, 1, CANNOT_TELL", "1, 1, CANNOT_TELL", "1, 3, NO"})
  void oneStepOfFeelProvesNothing(double before, double now, Verdict verdict) {
    assertThat(better(AccusingTest.FEEL, before, 0, now, 0)).isEqualTo(verdict);
  }

  /** Worked by hand: 60 mm at 300 mm is 200 mrad; by rule and tape it is the same at 90 and 450. */
  @Test
  void barsFallAtAnAngle() {
    assertThat(AccusingTest.DROP.compared(one(AccusingTest.DROP, 60), 300.0).value())
        .isCloseTo(200, within(1e-9));
    assertThat(better(AccusingTest.DROP, 60, 300, 90, 450)).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(better(AccusingTest.DROP, 60, 300, 30, 300)).isEqualTo(Verdict.YES);
  }

  @ParameterizedTest
  @MethodSource("arrangements")
  void everyArrangementHasATestOfItsOwn(Arrangement arrangement) {
    assertThat(TestPlaces.of(arrangement, Optional.empty())).as(arrangement.id()).isNotEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "motorcycle, steering-head, NOTCH SWING_FORCE DROP, ROCK CLICKS FEEL",
    "motorcycle, linkage, LINKAGE_LIFT, SIDE_PLAY ROCK",
    "motorcycle, swing-arm, SIDE_PLAY LINKAGE_LIFT, ROCK",
    "bicycle, bottom-bracket, CLICKS RADIAL_PLAY, ROCK HUB_HEAT",
    "bicycle-old, pedal-left, CLICKS, ROCK NOTCH",
    "bicycle-old, steering-head, NOTCH DROP, ROCK CLICKS",
    "bicycle-old, front-hub, ROCK FEEL, NOTCH CLICKS DROP",
    "car-front, alternator, RADIAL_PLAY DRAG, ROCK HUB_HEAT",
    "trailer-1, axle-1-left, ROCK END_PLAY DRAG HUB_HEAT, CLICKS SIDE_PLAY"
  })
  void whereWhatIsMeasured(String template, String code, String here, String notHere) {
    Position position =
        VehicleTemplate.all().stream()
            .filter(t -> t.id().equals(template))
            .flatMap(t -> t.layout().positions().stream())
            .filter(p -> p.code().equals(code))
            .findFirst()
            .orElseThrow();
    List<String> names =
        TestPlaces.of(Arrangements.of(position.arrangement()), Optional.of(position)).stream()
            .map(AccusingTest::name)
            .toList();
    assertThat(names).contains(here.split(" ")).doesNotContain(notHere.split(" "));
  }
}
