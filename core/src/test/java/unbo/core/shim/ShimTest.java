package unbo.core.shim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import unbo.core.shim.ShimStack.Shims;
import unbo.core.shim.ShimSum.Depth;

/** Shims summed and found. */
class ShimTest {

  /**
   * Case 40.00, bearings 18.85 and 20.60 out of it: 0.55 left; 0.05 of play wanted, shim closes.
   */
  @Test
  void aShaftBetweenTwoBearings() {
    List<Depth> depths =
        List.of(
            new Depth("case", 40.00, 0.02, 1),
            new Depth("left", 18.85, 0.02, -1),
            new Depth("right", 20.60, 0.02, -1));
    ShimSum sum = ShimSum.of(depths, 1, -0.05);
    assertThat(sum.needed().result().value()).isCloseTo(0.50, within(1e-9));
    assertThat(sum.needed().result().uncertainty()).isCloseTo(0.02 * Math.sqrt(3), within(1e-6));
    assertThat(sum.says()).isEqualTo(ShimSum.Says.YES);
    assertThat(ShimSum.of(depths, -1, 0.05).needed().result().value())
        .as("under a cover a thicker shim opens")
        .isCloseTo(0.50, within(1e-9));
    assertThat(ShimSum.of(depths, 1, -0.56).says()).isEqualTo(ShimSum.Says.CANNOT_TELL);
    assertThat(ShimSum.of(depths, 1, -0.70).says()).isEqualTo(ShimSum.Says.NO);
  }

  @Test
  void aSignIsOneOrMinusOne() {
    assertThatThrownBy(() -> new Depth("x", 1, 0.1, 0))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> ShimSum.of(List.of(), 1, 0))
        .isInstanceOf(IllegalArgumentException.class);
  }

  private static final List<Shims> STOCK =
      List.of(
          new Shims(0.10, 4),
          new Shims(0.15, 2),
          new Shims(0.20, 2),
          new Shims(0.25, 1),
          new Shims(0.50, 1),
          new Shims(1.00, 1));

  @Test
  void theFewestShimsThenTheLeastError() {
    ShimStack best = ShimStack.search(0.75, 0.01, 6, STOCK).best().orElseThrow();
    assertThat(best.shims()).containsExactly(new Shims(0.50, 1), new Shims(0.25, 1));
    assertThat(best.errorMm(0.75)).isCloseTo(0, within(1e-9));
    assertThat(ShimStack.search(0.85, 0.01, 6, STOCK).best().orElseThrow().count()).isEqualTo(3);
    assertThat(ShimStack.search(0, 0.01, 6, STOCK).best().orElseThrow().count()).isZero();
  }

  @Test
  void theNearestIsNamedWhereNoneFits() {
    ShimStack.Found found = ShimStack.search(0.78, 0.005, 6, STOCK);
    assertThat(found.best()).isEmpty();
    assertThat(found.nearest().totalMm()).isCloseTo(0.80, within(1e-9));
    assertThat(ShimStack.search(99, 0.01, 3, STOCK).nearest().totalMm())
        .isCloseTo(1.75, within(1e-9));
  }

  /** Against every stack there is. */
  @Property(tries = 60)
  void noBetterStackIsOverlooked(@ForAll @IntRange(min = 0, max = 100_000) int seed) {
    Random random = new Random(seed);
    List<Shims> stock = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      stock.add(new Shims((5 + random.nextInt(60)) / 100.0, random.nextInt(3)));
    }
    double target = random.nextInt(200) / 100.0;
    ShimStack.Found found = ShimStack.search(target, 0.02, 5, stock);
    int fewest = Integer.MAX_VALUE;
    double least = Double.MAX_VALUE;
    double nearest = Double.MAX_VALUE;
    for (int code = 0; code < 81; code++) {
      double sum = 0;
      int count = 0;
      boolean there = true;
      for (int i = 0, c = code; i < 4; i++, c /= 3) {
        there &= c % 3 <= stock.get(i).count();
        sum += c % 3 * stock.get(i).thicknessMm();
        count += c % 3;
      }
      if (!there || count > 5) {
        continue;
      }
      double error = Math.abs(Math.round(1000 * (sum - target)) / 1000.0);
      nearest = Math.min(nearest, error);
      if (error <= 0.02 && (count < fewest || count == fewest && error < least)) {
        fewest = count;
        least = error;
      }
    }
    if (fewest == Integer.MAX_VALUE) {
      assertThat(found.best()).isEmpty();
      assertThat(Math.abs(found.nearest().errorMm(target))).isCloseTo(nearest, within(1e-9));
    } else {
      assertThat(found.best().orElseThrow().count()).isEqualTo(fewest);
      assertThat(Math.abs(found.best().orElseThrow().errorMm(target)))
          .isCloseTo(least, within(1e-9));
    }
  }
}
