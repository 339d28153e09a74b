package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.measure.Readings;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.working.Origin;

class SettingOutcomeTest {

  private static final Window WINDOW = NutSetting.DEFAULT_WINDOW_MM;

  private static Readings dialled(double... values) {
    List<Double> all = java.util.Arrays.stream(values).boxed().toList();
    return Readings.of(all, Instrument.dial());
  }

  @Test
  void twoReadingsAreNoResult() {
    assertThat(SettingOutcome.ofEndPlay(dialled(0.06, 0.06), WINDOW)).isEmpty();
    assertThat(SettingOutcome.ofEndPlay(dialled(0.06, 0.06, 0.06), WINDOW)).isPresent();
  }

  /** The same mean is inside, or cannot be told, by how steadily it was read. */
  @Test
  void scatterDecidesWhetherTheWindowIsMet() {
    assertThat(SettingOutcome.ofEndPlay(dialled(0.05, 0.05, 0.05), WINDOW).orElseThrow().inWindow())
        .isEqualTo(Verdict.YES);
    SettingOutcome scattered =
        SettingOutcome.ofEndPlay(dialled(0.04, 0.05, 0.06), WINDOW).orElseThrow();
    assertThat(scattered.inWindow()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(scattered.text()).contains("cannot tell").contains("0.050 ± 0.025 mm");
  }

  @ParameterizedTest
  @CsvSource({"0.200,NO,true,over", "0.012,NO,false,under", "0.004,NO,false,preload"})
  void outsideSaysOnWhichSide(double play, Verdict verdict, boolean over, String word) {
    SettingOutcome outcome =
        SettingOutcome.ofEndPlay(dialled(play, play, play), WINDOW).orElseThrow();
    assertThat(outcome.inWindow()).isEqualTo(verdict);
    assertThat(outcome.overLimit()).isEqualTo(over);
    assertThat(outcome.text()).contains(word);
  }

  /** A play that could be over its limit keeps nobody off the road: its least value decides. */
  @Test
  void onlyAPlayThatIsSurelyOverIsOverItsLimit() {
    SettingOutcome perhaps =
        SettingOutcome.ofEndPlay(dialled(0.10, 0.11, 0.12), WINDOW).orElseThrow();
    assertThat(perhaps.text()).contains("0.110 ± 0.025 mm");
    assertThat(perhaps.inWindow()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(perhaps.overLimit()).isFalse();
    SettingOutcome surely =
        SettingOutcome.ofEndPlay(dialled(0.17, 0.18, 0.19), WINDOW).orElseThrow();
    assertThat(surely.overLimit()).isTrue();
  }

  private static final Optional<RunningTorque> LOOSENED =
      Optional.of(RunningTorque.of(new Measured(6, 0.2), 150));

  @Test
  void torqueIsJudgedAgainstTheLimit() {
    RunningTorque torque = RunningTorque.of(new Measured(8, 0.2), 150);
    assertThat(SettingOutcome.ofTorque(torque, LOOSENED, 1.5).inWindow()).isEqualTo(Verdict.YES);
    assertThat(SettingOutcome.ofTorque(torque, LOOSENED, 1.2).inWindow())
        .isEqualTo(Verdict.CANNOT_TELL);
    SettingOutcome over = SettingOutcome.ofTorque(torque, LOOSENED, 0.8);
    assertThat(over.inWindow()).isEqualTo(Verdict.NO);
    assertThat(over.text()).contains("more than slight preload").contains("1.20 ± 0.03 Nm");
    assertThatThrownBy(() -> RunningTorque.of(new Measured(-1, 0), 150))
        .isInstanceOf(IllegalArgumentException.class);
  }

  /** A hub that drags no more than with clear play has no preload that anybody has seen. */
  @ParameterizedTest
  @CsvSource({
    "8.00, YES, within the limit",
    "6.45, YES, within the limit",
    "6.35, CANNOT_TELL, no preload is shown",
    "6.00, CANNOT_TELL, no preload is shown",
    "5.50, NO, less than the loosened"
  })
  void slightPreloadHasALowerBoundToo(double pull, Verdict verdict, String words) {
    RunningTorque torque = RunningTorque.of(new Measured(pull, 0.2), 150);
    SettingOutcome outcome = SettingOutcome.ofTorque(torque, LOOSENED, 2);
    assertThat(outcome.inWindow()).isEqualTo(verdict);
    assertThat(outcome.text()).contains(words);
    double from =
        SettingWorkings.preloadFrom(
                new Measured(6, 0.2), new Measured(pull, 0.2), 150, Origin.measured("here"))
            .result()
            .value();
    assertThat(from).isCloseTo(0.96, within(1e-9));
    assertThat(torque.newtonMetres().value() > from).isEqualTo(verdict == Verdict.YES);
  }

  @Test
  void withoutTheLoosenedPairNoPreloadIsShown() {
    RunningTorque torque = RunningTorque.of(new Measured(8, 0.2), 150);
    SettingOutcome outcome = SettingOutcome.ofTorque(torque, Optional.empty(), 2);
    assertThat(outcome.inWindow()).isEqualTo(Verdict.CANNOT_TELL);
    assertThat(outcome.text()).contains("Loosen to clear play and measure again");
    assertThat(SettingOutcome.ofTorque(torque, Optional.empty(), 1).inWindow())
        .isEqualTo(Verdict.NO);
  }

  @ParameterizedTest
  @EnumSource(SettingOutcome.ComingToRest.class)
  void aJudgementSaysThatItIsOne(SettingOutcome.ComingToRest rest) {
    SettingOutcome outcome = SettingOutcome.ofJudgement(rest, Optional.empty(), LOOSENED);
    assertThat(outcome.text()).startsWith("Judged, not measured").contains(rest.title());
    assertThat(outcome.inWindow() == Verdict.YES)
        .isEqualTo(rest == SettingOutcome.ComingToRest.FREE);
  }

  /** What turns freely to the hand can still be preloaded to the scale. */
  @Test
  void justFreeDragsNoMoreThanTheLoosenedPair() {
    RunningTorque more = RunningTorque.of(new Measured(8, 0.2), 150);
    RunningTorque same = RunningTorque.of(new Measured(6.2, 0.2), 150);
    SettingOutcome.ComingToRest free = SettingOutcome.ComingToRest.FREE;
    SettingOutcome preloaded = SettingOutcome.ofJudgement(free, Optional.of(more), LOOSENED);
    assertThat(preloaded.inWindow()).isEqualTo(Verdict.NO);
    assertThat(preloaded.text()).contains("that is preload");
    assertThat(SettingOutcome.ofJudgement(free, Optional.of(same), LOOSENED).inWindow())
        .isEqualTo(Verdict.YES);
  }

  @ParameterizedTest
  @EnumSource(School.class)
  void everySchoolIsExplained(School school) {
    assertThat(school.title()).isNotBlank();
    assertThat(school.explanation()).hasSizeGreaterThan(80);
  }
}
