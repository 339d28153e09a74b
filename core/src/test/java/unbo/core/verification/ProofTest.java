package unbo.core.verification;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;

class ProofTest {

  private static final Set<HardStop> ALL = EnumSet.allOf(HardStop.class);
  private static final List<HardStop> STOPS = List.of(HardStop.values());
  private static final Waiver WAIVER =
      new Waiver("Ilse", Role.OWNER, "owner tows it home at walking pace");

  private static RepeatedTest rock(double before, Double after) {
    return new RepeatedTest(
        AccusingTest.ROCK,
        measured(before),
        Optional.ofNullable(after).map(ProofTest::measured),
        true);
  }

  private static Measured measured(double value) {
    return new Measured(value, AccusingTest.ROCK.uncertaintyAt(value));
  }

  @Test
  void provedWhenRepeatedBetterAndEveryStopMet() {
    assertThat(
            Proof.of(List.of(rock(1.9, 0.4)), List.of(), STOPS, ALL, Map.of(), Set.of()).isProved())
        .isTrue();
  }

  @Test
  void nothingRepeatedProvesNothing() {
    assertThat(Proof.of(List.of(rock(1.9, null)), List.of(), STOPS, ALL, Map.of(), Set.of()).open())
        .hasSize(1)
        .first()
        .asString()
        .contains("No fault test was repeated");
    assertThat(Proof.of(List.of(), List.of(), STOPS, ALL, Map.of(), Set.of()).isProved()).isFalse();
  }

  @Test
  void worseThanBeforeStaysOpen() {
    assertThat(Proof.of(List.of(rock(0.4, 1.9)), List.of(), STOPS, ALL, Map.of(), Set.of()).open())
        .first()
        .asString()
        .contains("worse");
    assertThat(rock(0.400, 0.398).better()).contains(Verdict.CANNOT_TELL);
  }

  @Test
  void aGainWithinTheUncertaintyIsTheSameAsBefore() {
    assertThat(
            Proof.of(List.of(rock(0.400, 0.398)), List.of(), STOPS, ALL, Map.of(), Set.of()).open())
        .singleElement()
        .asString()
        .contains("the same as before");
    assertThat(rock(0.0, 0.0).isSameAsBefore()).isFalse();
  }

  @ParameterizedTest
  @EnumSource(HardStop.class)
  void everyStopHoldsTheJobUntilMetOrWaived(HardStop stop) {
    Set<HardStop> met = EnumSet.complementOf(EnumSet.of(stop));
    List<RepeatedTest> tests = List.of(rock(1.9, 0.4));
    assertThat(Proof.of(tests, List.of(), STOPS, met, Map.of(), Set.of()).open())
        .hasSize(1)
        .first()
        .asString()
        .contains(stop.title());
    assertThat(Proof.of(tests, List.of(), STOPS, met, Map.of(stop, WAIVER), Set.of()).isProved())
        .isTrue();
  }

  @ParameterizedTest
  @EnumSource(RoadFinding.class)
  void noWaiverLiftsAFindingThatKeepsItOffTheRoad(RoadFinding finding) {
    Map<HardStop, Waiver> everything = Map.of(HardStop.BRAKE, WAIVER, HardStop.SETTING, WAIVER);
    Proof proof =
        Proof.of(List.of(rock(1.9, 0.4)), List.of(), STOPS, ALL, everything, Set.of(finding));
    assertThat(proof.isProved()).isFalse();
    assertThat(proof.blocking()).first().asString().contains(finding.title());
  }

  @Test
  void anApprenticeCannotWaiveAndAReasonIsNeeded() {
    assertThat(Waiver.problemWith(Role.APPRENTICE, "a perfectly good reason")).isPresent();
    assertThat(Waiver.problemWith(Role.MECHANIC, "ok")).isPresent();
    assertThat(Waiver.problemWith(Role.MECHANIC, "x".repeat(501))).isPresent();
    assertThat(Waiver.problemWith(Role.MECHANIC, "maker's figure not to be had on the island"))
        .isEmpty();
  }

  /** A finding without a number is gone, or still there, or said to be past repeating. */
  @Test
  void findingsOfTheBeginningAreLookedForAgain() {
    List<RepeatedTest> tests = List.of(rock(1.9, 0.4));
    for (Repeat.Outcome outcome : Repeat.Outcome.values()) {
      Repeat repeat = new Repeat("What does it sound like? growl", Optional.of(outcome));
      assertThat(Proof.of(tests, List.of(repeat), STOPS, ALL, Map.of(), Set.of()).isProved())
          .as(outcome.title())
          .isEqualTo(outcome != Repeat.Outcome.STILL_THERE);
    }
    Repeat not = new Repeat("What does it sound like? growl", Optional.empty());
    assertThat(Proof.of(tests, List.of(not), STOPS, ALL, Map.of(), Set.of()).open())
        .singleElement()
        .asString()
        .contains("not checked again");
  }
}
