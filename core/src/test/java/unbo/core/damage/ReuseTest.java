package unbo.core.damage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.tolerance.InternalClearances;

/** May it go back? */
class ReuseTest {

  private static Map<String, String> allGood(Reuse.Kind kind) {
    Map<String, String> answers = new HashMap<>();
    Reuse.steps(kind).forEach(s -> answers.put(s.id(), "good"));
    return answers;
  }

  private static Optional<Reuse.Play> play(double mm) {
    // 6204, d = 20 mm, CN: 5 to 20 µm (ISO 5753-1)
    var group = InternalClearances.of("deep-groove-ball", "CN", 20).orElseThrow();
    assertThat(group.minUm()).isEqualTo(5);
    assertThat(group.maxUm()).isEqualTo(20);
    return Optional.of(Reuse.Play.of(mm, group, "CN"));
  }

  @ParameterizedTest
  @EnumSource
  void oneHardFaultEndsItWhateverElseIsGood(Reuse.Kind kind) {
    assertThat(Reuse.steps(kind)).hasSizeGreaterThan(2);
    for (Reuse.Step step : Reuse.steps(kind)) {
      Map<String, String> answers = allGood(kind);
      answers.put(step.id(), "bad");
      Reuse.Verdict verdict = Reuse.judge(kind, answers, play(0.010));
      assertThat(verdict.says()).as(step.id()).isEqualTo(Reuse.Says.SCRAP);
      assertThat(verdict.reasons()).containsExactly(step.hard());
    }
  }

  @ParameterizedTest
  @EnumSource
  void aStepNotDoneLeavesItOpen(Reuse.Kind kind) {
    for (Reuse.Step step : Reuse.steps(kind)) {
      Map<String, String> answers = allGood(kind);
      answers.remove(step.id());
      Reuse.Verdict verdict = Reuse.judge(kind, answers, play(0.010));
      assertThat(verdict.says()).as(step.id()).isEqualTo(Reuse.Says.OPEN);
      assertThat(verdict.reasons()).containsExactly(step.text());
    }
  }

  /** However good it looks, what is left open is said. */
  @ParameterizedTest
  @EnumSource
  void allGoodIsNoProof(Reuse.Kind kind) {
    Reuse.Verdict verdict = Reuse.judge(kind, allGood(kind), play(0.010));
    assertThat(verdict.says()).isEqualTo(Reuse.Says.NOTHING_FOUND);
    assertThat(verdict.doesNotProve()).hasSizeGreaterThan(1);
  }

  @Test
  void radialPlayCountsAgainstItsGroup() {
    Map<String, String> good = allGood(Reuse.Kind.CAGED);
    assertThat(Reuse.judge(Reuse.Kind.CAGED, good, Optional.empty()).says())
        .isEqualTo(Reuse.Says.OPEN);
    assertThat(Reuse.judge(Reuse.Kind.CAGED, good, play(0.024)).says())
        .as("within the dial's own doubt")
        .isEqualTo(Reuse.Says.NOTHING_FOUND);
    Reuse.Verdict worn = Reuse.judge(Reuse.Kind.CAGED, good, play(0.060));
    assertThat(worn.says()).isEqualTo(Reuse.Says.SCRAP);
    assertThat(worn.reasons().get(0)).contains("0.060 mm", "CN", "5 to 20 µm");
    assertThat(Reuse.judge(Reuse.Kind.TAPER, allGood(Reuse.Kind.TAPER), play(0.3)).says())
        .as("a taper's play is set, not its own")
        .isEqualTo(Reuse.Says.NOTHING_FOUND);
  }
}
