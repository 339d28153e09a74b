package unbo.core.speed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import unbo.core.friction.Friction;
import unbo.core.lubricant.Oil;
import unbo.core.section.InternalGeometry;
import unbo.core.tolerance.Limits;

class HighSpeedTest {

  private static InternalGeometry balls(double ball, double pitch, int count) {
    return new InternalGeometry(
        true, ball, OptionalDouble.empty(), count, 1, pitch, OptionalDouble.empty(), 0);
  }

  private static HighSpeed.Work work(double rpm, double load, InternalGeometry in, double bath) {
    return new HighSpeed.Work(
        new Friction.Question(
            "deep-groove-ball",
            60,
            90,
            OptionalDouble.of(11),
            rpm,
            load,
            0,
            1,
            0.3,
            false,
            bath != 1,
            Friction.Seal.OPEN,
            2,
            OptionalDouble.empty(),
            false,
            OptionalDouble.empty(),
            0,
            1,
            20),
        in,
        new Oil(68, 8.6),
        bath,
        true,
        OptionalDouble.of(500_000),
        Optional.of(new Limits(8, 28, "ISO 5753-1")),
        10,
        5);
  }

  private static HighSpeed.Row row(HighSpeed speed, String title) {
    return speed.rows().stream().filter(r -> r.title().equals(title)).findFirst().orElseThrow();
  }

  /**
   * dₘ 75, 5200 rpm, by hand: balls of 6 mm spin 5200/2·(12.5 − 0.08) = 32,292, of 12 mm 2600·(6.25
   * − 0.16) = 15,834 rpm, about two apart; n·dₘ is 390,000.
   */
  @Test
  void smallBallsSpinFasterAndPullLess() {
    HighSpeed small = HighSpeed.of(work(5200, 500, balls(6, 75, 20), 1));
    HighSpeed large = HighSpeed.of(work(5200, 500, balls(12, 75, 13), 1));
    assertThat(small.elementRpm().result().value()).isCloseTo(32_292, within(0.5));
    assertThat(large.elementRpm().result().value()).isCloseTo(15_834, within(0.5));
    assertThat(row(small, "Speed number").value().result().value()).isCloseTo(390_000, within(1.0));
    assertThat(row(small, "Speed number").share()).isCloseTo(0.78, within(1e-9));
    assertThat(row(small, "Pull on an element").value().result().value())
        .isLessThan(row(large, "Pull on an element").value().result().value() / 4);
  }

  /** 18 µm less 10·60/69 less 0.0117·75·5: 18 − 8.70 − 4.39 = 4.92 µm. */
  @Test
  void clearanceGoesToFitAndHeat() {
    HighSpeed speed = HighSpeed.of(work(3000, 500, balls(6, 75, 20), 1));
    assertThat(row(speed, "Clearance left, running").value().result().value())
        .isCloseTo(18 - 10 * 60 / 69.0 - 0.0117 * 75 * 5, within(1e-9));
  }

  /** Law: faster, and more oil, is never cooler; what governs has the greatest share. */
  @Test
  void fasterAndFullerIsNeverCooler() {
    double before = 0;
    for (double rpm = 500; rpm <= 8000; rpm += 500) {
      HighSpeed speed = HighSpeed.of(work(rpm, 500, balls(8, 75, 15), 1));
      assertThat(speed.celsius().result().value()).isGreaterThan(before);
      before = speed.celsius().result().value();
      double most = speed.rows().stream().mapToDouble(HighSpeed.Row::share).max().orElseThrow();
      assertThat(speed.governing().orElseThrow().share()).isEqualTo(most);
    }
    HighSpeed wet = HighSpeed.of(work(5000, 500, balls(8, 75, 15), 0.5));
    HighSpeed full = HighSpeed.of(work(5000, 500, balls(8, 75, 15), 2));
    assertThat(full.celsius().result().value()).isGreaterThan(wet.celsius().result().value());
    assertThat(full.watts().result().value()).isGreaterThan(wet.watts().result().value());
  }

  /** Without a load there is nothing to hold the pull against; without a limit none is invented. */
  @Test
  void whatHasNoLimitIsNotHeldAgainstOne() {
    HighSpeed.Work w = work(3000, 0, balls(8, 75, 15), 1);
    HighSpeed speed =
        HighSpeed.of(
            new HighSpeed.Work(
                w.drag(),
                w.inside(),
                w.oil(),
                1,
                true,
                OptionalDouble.empty(),
                Optional.empty(),
                0,
                5));
    assertThat(speed.rows())
        .extracting(HighSpeed.Row::title)
        .containsExactlyInAnyOrder("Temperature by its own drag", "Film, κ");
  }
}
