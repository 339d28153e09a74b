package unbo.core.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;

/** What goes together is what came apart, backwards. */
class BuildUpTest {

  static Stream<Arrangement> all() {
    return Arrangements.standard().all().stream();
  }

  private static List<BuildUp.Stage> build(String arrangement, String... without) {
    Assembly assembly = Assembly.assumed(Arrangements.of(arrangement));
    return BuildUp.of(assembly, Set.of(without)).stages();
  }

  /** Every part goes on once, each after what stands still there; the whole only grows. */
  @ParameterizedTest
  @MethodSource("all")
  void everyPartGoesOnOnce(Arrangement arrangement) {
    Assembly assembly = Assembly.assumed(arrangement);
    List<StripStep> off = StripOrder.of(assembly).steps();
    List<BuildUp.Stage> on = BuildUp.of(assembly, Set.of()).stages();
    assertThat(on).hasSameSizeAs(off);
    for (int i = 0; i < on.size(); i++) {
      assertThat(on.get(i).step().parts()).isEqualTo(off.get(off.size() - 1 - i).parts());
      assertThat(on.get(i).addedMm()).isGreaterThanOrEqualTo(0 - shrink(on, i));
      assertThat(on.get(i).unset()).isEmpty();
    }
  }

  /** A group made up on the bench is shorter than the whole that it joins, and starts anew. */
  private static double shrink(List<BuildUp.Stage> on, int i) {
    boolean sameGroup =
        i == 0 || on.get(i).step().among().containsAll(on.get(i - 1).step().among());
    return sameGroup ? 1e-9 : Double.POSITIVE_INFINITY;
  }

  /** A spacer that was forgotten: what stands against it has no place, and is said by name. */
  @Test
  void whatIsLeftOutSetsNoPlace() {
    assertThat(build("a4", "spacer").stream().flatMap(s -> s.unset().stream()))
        .isNotEmpty()
        .allMatch(u -> u.missing().equals("spacer"));
    assertThat(build("a4", "spacer"))
        .noneMatch(s -> s.step().among().contains("spacer"))
        .hasSize(build("a4").size() - 1);
  }

  /** The stub axle's splines are in the flange only once both are on. */
  @Test
  void splinesReachIntoEachOtherOnceBothAreOn() {
    List<BuildUp.Stage> on = build("a2");
    List<BuildUp.Stage> with = on.stream().filter(s -> !s.splines().isEmpty()).toList();
    assertThat(with).hasSize(1);
    BuildUp.Spline spline = with.get(0).splines().get(0);
    assertThat(List.of(spline.part(), spline.other())).contains("stub-axle", "wheel-flange");
    assertThat(spline.engagedMm().orElseThrow()).isPositive();
    assertThat(with.get(0).step().among()).contains("stub-axle", "wheel-flange");
    assertThat(build("a2", "wheel-flange").stream().flatMap(s -> s.splines().stream())).isEmpty();
  }

  /** The last length of a taper pair is that of its drawing, spindle to cap. */
  @Test
  void theLengthsAddUp() {
    List<BuildUp.Stage> on = build("a1");
    BuildUp.Stage last = on.get(on.size() - 1);
    BuildUp.Stage before = on.get(on.size() - 2);
    assertThat(last.lengthMm()).isCloseTo(before.lengthMm() + last.addedMm(), within(1e-9));
    assertThat(last.free().gaps()).isNotEmpty();
    assertThat(on.get(0).free().gaps()).isEmpty();
  }
}
