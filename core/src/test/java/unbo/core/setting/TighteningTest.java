package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import unbo.core.measure.Verdict;

/** Steps of torque and angle, and what a wrench may be off (ISO 6789-1). */
class TighteningTest {

  private static Tightening of(String typed) {
    return Tightening.parse(typed).value().orElseThrow();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "40 Nm; 80 Nm; 60°| 40 Nm, 80 Nm, 60°",
        "40 + 90 deg| 40 Nm, 90°",
        "50 then 100 then 90°| 50 Nm, 100 Nm, 90°",
        "100 Nm; 60°; 60°| 100 Nm, 60°, 60°",
        "180| 180 Nm"
      })
  void isReadAsItIsWritten(String typed, String text) {
    assertThat(of(typed).text()).isEqualTo(text);
  }

  /** A foot-pound is 1.3558 Nm. */
  @Test
  void otherUnitsAreConverted() {
    assertThat(of("100 ft-lb; 90°").steps().get(0).value())
        .isCloseTo(135.58, org.assertj.core.data.Offset.offset(0.01));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "60°",
        "80; 40",
        "80 Nm; 60°; 90 Nm",
        "tight",
        "0 Nm",
        "40 Nm; −20",
        "9999 Nm",
        "1;2;3;4;5;6;7;8;9",
        "40 Nm; 900°"
      })
  void whatTurnsNothingIsRefusedWithWhatWould(String typed) {
    var entry = Tightening.parse(typed);
    assertThat(entry.isRefused()).isTrue();
    assertThat(entry.problem().orElseThrow().remedy()).startsWith("Enter ");
    assertThat(entry.typed()).isEqualTo(typed);
  }

  /** 4 % of 80 Nm is 3.2 Nm, 6 % of 8 Nm is 0.48 Nm; an angle may be 5° off. */
  @ParameterizedTest
  @CsvSource({
    "80; 60°, 83; 64°, YES",
    "80; 60°, 84; 60°, NO",
    "80; 60°, 80; 66°, NO",
    "80; 60°, 80, CANNOT_TELL",
    "80, 80; 60°, NO",
    "8, 8.45, YES",
    "8, 8.5, NO",
    "80; 60°, 60; 60°, NO"
  })
  void whatWasDoneIsJudgedStepByStep(String wanted, String done, Verdict verdict) {
    assertThat(of(wanted).judge(of(done))).isEqualTo(verdict);
  }

  @Test
  void theNextStepIsNamed() {
    assertThat(of("40; 80; 60°").next(of("40"))).isEqualTo("80 Nm");
    assertThat(of("40; 80; 60°").next(of("40; 80"))).isEqualTo("60°");
    assertThat(of("40; 80").next(of("40; 80"))).isEmpty();
  }

  /** What is done exactly is always what was wanted. */
  @Property(tries = 100)
  void meetsItself(
      @ForAll @DoubleRange(min = 1, max = 400) double torque,
      @ForAll @DoubleRange(min = 1, max = 300) double angle) {
    Tightening one =
        new Tightening(
            List.of(new Tightening.Step(false, torque), new Tightening.Step(true, angle)));
    assertThat(one.judge(one)).isEqualTo(Verdict.YES);
  }

  /**
   * High strength asks for heat that nothing in a hub stands; the drop after the torque does not.
   */
  @Test
  void aLockerSaysHowItIsUndone() {
    assertThat(ThreadLocker.HIGH.minding(false)).anyMatch(s -> s.contains("250 °C"));
    assertThat(ThreadLocker.MEDIUM.minding(true)).anyMatch(s -> s.contains("before the locker"));
    assertThat(ThreadLocker.MEDIUM.minding(false)).noneMatch(s -> s.contains("before the locker"));
    assertThat(ThreadLocker.WICKING.minding(true)).noneMatch(s -> s.contains("pulls harder"));
    for (ThreadLocker locker : ThreadLocker.values()) {
      assertThat(ThreadLocker.withId(locker.id())).contains(locker);
    }
  }
}
