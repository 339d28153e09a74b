package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Scale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;

class NutSettingTest {

  private static final Window WINDOW = NutSetting.DEFAULT_WINDOW_MM;

  @ParameterizedTest
  @CsvSource({
    "M24x1.5,6,1,0.25",
    "M24x1.5,6,2,0.125",
    "1-14,6,1,0.302",
    "1-14,6,2,0.151",
    "'M18 × 1,5',8,2,0.1875"
  })
  void oneHoleIsPitchOverPositions(String thread, int slots, int lines, double step) {
    SpindleThread read = SpindleThread.parse(thread).value().orElseThrow();
    NutLock lock = NutLock.castle(slots, lines);
    assertThat(read.pitchMm() / lock.positionsPerTurn()).isCloseTo(step, within(5e-4));
  }

  /** Positions counted one by one: distinct hole angle − k/s modulo a turn, in exact integers. */
  @Property
  void positionsPerTurnAreTheDistinctMeetingsOfSlotsAndHoles(
      @ForAll @IntRange(min = 2, max = 12) int halfSlots,
      @ForAll @IntRange(min = 1, max = 4) int lines) {
    int slots = 2 * halfSlots;
    int turn = slots * 2 * lines;
    Set<Integer> meetings = new HashSet<>();
    for (int end = 0; end < 2 * lines; end++) {
      for (int slot = 0; slot < slots; slot++) {
        meetings.add(Math.floorMod(end * slots - slot * 2 * lines, turn));
      }
    }
    NutLock lock = NutLock.castle(slots, lines);
    assertThat(lock.positionsPerTurn()).isEqualTo(meetings.size());
    for (int n = -lock.positionsPerTurn(); n <= lock.positionsPerTurn(); n++) {
      assertThat(lock.lineAfter(n)).isBetween(0, lines - 1);
    }
    assertThat(lock.lineAfter(0)).isZero();
  }

  @Test
  void sixSlotsAndTwoLinesTakeTheLinesInTurn() {
    NutLock lock = NutLock.castle(6, 2);
    assertThat(lock.positionsPerTurn()).isEqualTo(12);
    assertThat(lock.lineAfter(1)).isEqualTo(1);
    assertThat(lock.lineAfter(2)).isZero();
    assertThat(NutLock.castle(8, 2).positionsPerTurn()).isEqualTo(8);
  }

  @Test
  void oddAndMissingSlotsAreRefusedWithTheReason() {
    assertThat(NutLock.problemWithSlots(7).orElseThrow().wrong()).contains("opposite");
    assertThat(NutLock.problemWithSlots(0).orElseThrow().remedy()).contains("Count");
    assertThat(NutLock.problemWithSlots(6)).isEmpty();
    assertThat(NutLock.problemWithLines(0)).isPresent();
    assertThat(NutLock.problemWithPositions(0)).isPresent();
    assertThatThrownBy(() -> NutLock.castle(7, 1)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void twoHolesTighterIsInside() {
    NutSetting setting =
        NutSetting.solve(1.5, NutLock.castle(6, 2), new Measured(0.310, 0.0253), WINDOW);
    NutPosition best = setting.recommended().orElseThrow();
    assertThat(best.steps()).isEqualTo(2);
    assertThat(best.endPlayMm().value()).isCloseTo(0.060, within(1e-9));
    assertThat(best.inWindow()).isEqualTo(Verdict.YES);
    assertThat(NutAdvice.of(setting, NutLock.castle(6, 2)).headline())
        .startsWith("Two holes tighter: 0.060 mm");
    assertThat(setting.reachable().get(setting.reachable().size() - 1).squeezes()).isTrue();
  }

  /** A step of 0.25 jumps over the window; the washer that would help is named. */
  @Test
  void whenNoHoleIsInsideItSaysWhatWouldDo() {
    NutLock lock = NutLock.castle(6, 1);
    NutSetting setting = NutSetting.solve(1.5, lock, new Measured(0.45, 0.01), WINDOW);
    assertThat(setting.recommended()).isEmpty();
    NutAdvice advice = NutAdvice.of(setting, lock);
    assertThat(advice.headline()).contains("No hole gives");
    assertThat(advice.remedies())
        .anyMatch(r -> r.contains("second pin hole") && r.contains("0.125"));
    assertThat(advice.remedies())
        .anyMatch(r -> r.contains("0.12 mm thicker") && r.contains("0.200"));
    assertThat(advice.remedies())
        .anyMatch(r -> r.contains("0.13 mm thinner") && r.contains("-0.050"));
  }

  @ParameterizedTest
  @CsvSource({"0,0.005", "0.004,0.005", "0.02,0.025", "-0.01,0.005", "3.5,0.01"})
  void aPlayThatCannotBeToldFromPreloadIsRefused(double play, double uncertainty) {
    Measured measured = new Measured(play, uncertainty);
    assertThat(NutSetting.problemWith(measured)).isPresent();
    assertThatThrownBy(() -> NutSetting.solve(1.5, NutLock.castle(6, 1), measured, WINDOW))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Property
  void theRecommendedHoleIsFreeForCertainAndNoOtherSureHoleIsNearerTheMiddle(
      @ForAll @DoubleRange(min = 0.03, max = 2.5) double play,
      @ForAll @Scale(3) @DoubleRange(min = 0.005, max = 0.029) double uncertainty,
      @ForAll @DoubleRange(min = 0.5, max = 3) double pitch,
      @ForAll @IntRange(min = 2, max = 6) int halfSlots,
      @ForAll @IntRange(min = 1, max = 2) int lines) {
    NutLock lock = NutLock.castle(2 * halfSlots, lines);
    NutSetting setting = NutSetting.solve(pitch, lock, new Measured(play, uncertainty), WINDOW);
    setting
        .recommended()
        .ifPresent(
            best -> {
              assertThat(best.endPlayMm().least()).isPositive();
              assertThat(WINDOW.contains(best.endPlayMm().value())).isTrue();
              assertThat(setting.reachable())
                  .filteredOn(p -> p.inWindow() == Verdict.YES)
                  .allSatisfy(
                      other ->
                          assertThat(Math.abs(other.endPlayMm().value() - 0.08))
                              .isGreaterThanOrEqualTo(
                                  Math.abs(best.endPlayMm().value() - 0.08) - 1e-12));
            });
    if (setting.stepMm() < 0.1 - 2 * uncertainty && play >= 0.03 + uncertainty) {
      assertThat(setting.recommended()).as("a fine step always reaches the window").isPresent();
    }
  }

  @Test
  void neighboursDifferByOneStepAndOneTurnByThePitch() {
    NutLock lock = NutLock.retainer(18);
    NutSetting setting = NutSetting.solve(1.5, lock, new Measured(1.6, 0.01), WINDOW);
    var places = setting.reachable();
    for (int i = 1; i < places.size(); i++) {
      assertThat(places.get(i - 1).endPlayMm().value() - places.get(i).endPlayMm().value())
          .isCloseTo(1.5 / 18, within(1e-9));
    }
    assertThat(places.get(0).endPlayMm().value() - places.get(18).endPlayMm().value())
        .isCloseTo(1.5, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({"M24", "M24x9", "nonsense", "M400x2", "0-14", "1-0"})
  void threadsThatCannotBeReadSayWhatWouldDo(String typed) {
    assertThat(SpindleThread.parse(typed).problem().orElseThrow().remedy()).contains("x1.5");
  }

  @Test
  void fractionalInchThreads() {
    SpindleThread thread = SpindleThread.parse("3/4-16").value().orElseThrow();
    assertThat(thread.diameterMm()).isCloseTo(19.05, within(1e-9));
    assertThat(thread.pitchMm()).isCloseTo(1.5875, within(1e-9));
  }

  /** ISO 1234: over 14 to 20 mm takes 4 mm, 20 itself belongs to it. */
  @Test
  void splitPinRangesIncludeTheirUpperEnd() {
    assertThat(SplitPin.forThread(20).orElseThrow().pinHoleMm()).isEqualTo(4);
    assertThat(SplitPin.forThread(20.01).orElseThrow().pinHoleMm()).isEqualTo(5);
    assertThat(SplitPin.forThread(200)).isEmpty();
  }

  @Test
  void theCardCarriesTheNumbersOfThisNut() {
    SpindleThread thread = SpindleThread.parse("M18x1.5").value().orElseThrow();
    NutLock lock = NutLock.castle(6, 2);
    NutSetting setting = NutSetting.solve(1.5, lock, new Measured(0.310, 0.0253), WINDOW);
    String card =
        String.join(
            "\n",
            ProcedureCard.of(thread, lock, Optional.of(setting)).steps().stream()
                .map(s -> s.text() + s.caution())
                .toList());
    assertThat(card).contains("0.125 mm", "0.060 mm", "4 mm split pin", "0.055 to 0.105");
    assertThat(ProcedureCard.of(thread, NutLock.retainer(12), Optional.empty()).steps())
        .noneMatch(s -> s.text().contains("split pin"));
  }

  @Test
  void runningTorqueIsForceTimesRadius() {
    RunningTorque torque = RunningTorque.of(new Measured(6, 0.12), 150);
    assertThat(torque.newtonMetres().value()).isCloseTo(0.9, within(1e-9));
    assertThat(torque.within(1.0)).isEqualTo(Verdict.YES);
    assertThat(torque.within(0.9)).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(torque.within(0.5)).isEqualTo(Verdict.NO);
  }
}
