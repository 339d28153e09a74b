package unbo.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import unbo.core.catalogue.Catalogue;
import unbo.core.contact.BallThrust;
import unbo.core.fit.FitInput;
import unbo.core.fit.FitInputs;
import unbo.core.fit.Material;
import unbo.core.fit.Recommendation;
import unbo.core.fit.WarmCase;
import unbo.core.setting.ClampedSpacer;
import unbo.core.setting.PairRow;
import unbo.core.setting.SettingDuty;
import unbo.core.setting.SettingLife;
import unbo.core.shim.ShimStack;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/** Spacers, shims, the life of a pair over a duty, and what the working of a bent formula takes. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SettingBenchmark {

  private static final Material ALLOY = Material.withId("aluminium").orElseThrow();
  private static final BallThrust BEARING =
      new BallThrust(7.938, 8, 0.010, BallThrust.USUAL_OSCULATION);
  private static final ClampedSpacer.Clamp CLAMP =
      new ClampedSpacer.Clamp(20_000, 25, 20, Material.STEEL, ALLOY, 40);
  private static final Input LENGTH =
      Input.of("L", "length", 60.03, 0.02, "mm", Origin.entered("bench"));
  private static final Input DISTANCE =
      Input.of("S", "distance", 60.0, 0.02, "mm", Origin.entered("bench"));
  private static final List<ShimStack.Shims> FORTY =
      IntStream.range(0, 40).mapToObj(i -> new ShimStack.Shims(0.05 + 0.025 * i, 2)).toList();
  private static final FitInput IN_ALLOY =
      FitInputs.usual(
              Catalogue.standard().find("6204").orElseThrow(),
              new Recommendation("k5", "N7", List.of()),
              ALLOY)
          .orElseThrow();
  private static final PairRow ROW = new PairRow(17, 7.5, 11, 14, 50);

  private static SettingLife.Hub hub(double radialN, double axialN) {
    return new SettingLife.Hub(
        ROW, ROW, 40, 20, radialN, axialN, SettingLife.Mounting.BACK_TO_BACK, 8);
  }

  private static final SettingDuty DUTY =
      new SettingDuty(
          List.of(
              new SettingDuty.Case("straight", 0.7, hub(4000, 0)),
              new SettingDuty.Case("outside", 0.1, hub(4000, -2000)),
              new SettingDuty.Case("inside", 0.1, hub(4000, 2000)),
              new SettingDuty.Case("rough", 0.1, hub(5200, 0))));

  /** Wanted: under 1 ms. */
  @Benchmark
  public List<Object> spacer() {
    ClampedSpacer spacer = ClampedSpacer.of(LENGTH, DISTANCE, CLAMP, BEARING);
    return List.of(spacer.off().result(), spacer.chance(0.1).result(), spacer.preloadN());
  }

  /** Wanted: under 1 ms for forty kinds. */
  @Benchmark
  public ShimStack.Found shims() {
    return ShimStack.search(0.437, 0.02, 3, FORTY);
  }

  /** Wanted: a curve of 60 points under 50 ms. */
  @Benchmark
  public List<SettingLife.Point> lifeCurve() {
    return SettingDuty.of(hub(4000, 500)).curve(-0.1, 0.4, 60);
  }

  /** The same over four loads. */
  @Benchmark
  public List<SettingLife.Point> lifeOverDuty() {
    return DUTY.curve(-0.1, 0.4, 60);
  }

  /** Interference in a case that warms, 200 points; wanted: under 5 ms. */
  @Benchmark
  public double warmCase() {
    WarmCase warm = WarmCase.of(IN_ALLOY).orElseThrow();
    return IntStream.range(0, 200).mapToDouble(i -> warm.likelyUm(20 + i * 0.65)).sum();
  }

  /** 20,000 draws of a formula that bends; a hundred thousand take five times that. */
  @Benchmark
  public Working drawn() {
    return Working.of(
        Formula.of(
            "Bent",
            "mm",
            "x²/y",
            v -> v.get("x") * v.get("x") / v.get("y"),
            "for measuring",
            "none"),
        List.of(
            Input.of("x", "x", 0.1, 0.2, "mm", Origin.entered("bench")),
            Input.of("y", "y", 1, 0.1, "mm", Origin.entered("bench"))));
  }
}
