package unbo.bench;

import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import unbo.app.drawing.SectionDrawing;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.ReadingReport;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.measure.Measured;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.setting.NutLock;
import unbo.core.setting.NutSetting;
import unbo.core.vehicle.VehicleKind;

/** A reading, a solved nut and a section: the three sums behind every keystroke. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class CoreBenchmark {

  private static final DiagnosisModel CAR = DiagnosisModel.of(VehicleKind.CAR).orElseThrow();

  private final DesignationReader reader = DesignationReader.standard();
  private final NutLock lock = NutLock.castle(6, 2);
  private final Measured play = new Measured(0.310, 0.025);
  private final Map<String, Bearing> read =
      Map.of(
          "inboard", Catalogue.standard().find("30206").orElseThrow(),
          "outboard", Catalogue.standard().find("30204").orElseThrow());

  @Benchmark
  public ReadingReport readNumber() {
    return reader.read("6205-2RS1 C3");
  }

  @Benchmark
  public NutSetting solveNut() {
    return NutSetting.solve(1.5, lock, play, NutSetting.DEFAULT_WINDOW_MM);
  }

  @Benchmark
  public Section buildSection() {
    return SectionBuilder.of(new Assembly(Arrangements.of("a1"), read, Map.of()));
  }

  /** Templates, sums, outlines, hatches, label places: the whole drawing of the largest section. */
  @Benchmark
  public SectionDrawing drawSection() {
    Section section = SectionBuilder.of(Assembly.assumed(Arrangements.of("a11")), 0.4);
    return SectionDrawing.of(
        section, SectionDrawing.Format.BENCH, null, SectionDrawing.NO_STATES, List.of());
  }

  /** The exact choice of the next test over all tests and causes of the largest model. */
  @Benchmark
  public Object chooseNextTest() {
    return Diagnosis.of(CAR, Map.of("sound", "growl", "speed", "road")).nextTest();
  }
}
