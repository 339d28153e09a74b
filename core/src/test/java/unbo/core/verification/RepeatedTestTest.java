package unbo.core.verification;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;

class RepeatedTestTest {

  private static Optional<Verdict> judged(double before, double after, double uncertainty) {
    return new RepeatedTest(
            AccusingTest.DRAG,
            new Measured(before, uncertainty),
            Optional.of(new Measured(after, uncertainty)),
            true)
        .better();
  }

  /** Changing before and after turns better into worse and leaves cannot tell as it is. */
  @Property
  void betterAndWorseAreMirrorImages(
      @ForAll @DoubleRange(min = 0, max = 10) double before,
      @ForAll @DoubleRange(min = 0, max = 10) double after,
      @ForAll @DoubleRange(min = 0, max = 2) double uncertainty) {
    Verdict one = judged(before, after, uncertainty).orElseThrow();
    Verdict other = judged(after, before, uncertainty).orElseThrow();
    assertThat(one == Verdict.YES).isEqualTo(other == Verdict.NO);
    assertThat(one == Verdict.CANNOT_TELL).isEqualTo(other == Verdict.CANNOT_TELL);
  }

  @Test
  void aDifferenceUnderBothUncertaintiesCannotBeTold() {
    assertThat(judged(4.0, 3.0, 0.5)).contains(Verdict.YES);
    assertThat(judged(4.0, 3.4, 0.5)).contains(Verdict.CANNOT_TELL);
    assertThat(judged(3.0, 4.0, 0.5)).contains(Verdict.NO);
    assertThat(
            new RepeatedTest(AccusingTest.ROCK, new Measured(1, 0), Optional.empty(), true)
                .better())
        .isEmpty();
  }

  @ParameterizedTest
  @EnumSource(AccusingTest.class)
  void everyTestHasAnUncertaintyAndAWayToDoIt(AccusingTest test) {
    assertThat(test.uncertaintyAt(10)).isPositive();
    assertThat(test.how()).endsWith(".");
  }

  @Test
  void idsLeadBack() {
    for (HardStop stop : HardStop.values()) {
      assertThat(HardStop.withId(stop.id())).contains(stop);
    }
    for (RoadFinding finding : RoadFinding.values()) {
      assertThat(RoadFinding.withId(finding.id())).contains(finding);
    }
    assertThat(HardStop.withId("")).isEmpty();
    assertThat(RoadFinding.withId("rust")).isEmpty();
  }

  @Test
  void onlyOwnerAndMechanicMayWaive() {
    assertThat(Role.OWNER.mayWaive()).isTrue();
    assertThat(Role.MECHANIC.mayWaive()).isTrue();
    assertThat(Role.APPRENTICE.mayWaive()).isFalse();
  }
}
