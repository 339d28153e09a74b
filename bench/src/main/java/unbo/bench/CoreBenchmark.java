package unbo.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import unbo.app.drawing.PartStates;
import unbo.app.drawing.SectionDrawing;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.Assembly;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.catalogue.Family;
import unbo.core.damage.Damage;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.ReadingReport;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.IsoZone;
import unbo.core.fit.Material;
import unbo.core.fit.Spread;
import unbo.core.measure.Instrument;
import unbo.core.measure.Measured;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.setting.NutLock;
import unbo.core.setting.NutSetting;
import unbo.core.setting.PairRow;
import unbo.core.setting.SettingLife;
import unbo.core.size.MeasuredSize;
import unbo.core.size.SizeAnswer;
import unbo.core.size.SizeDimension;
import unbo.core.size.SizeSearch;
import unbo.core.strip.Circumstances;
import unbo.core.strip.Routes;
import unbo.core.strip.StripOrder;
import unbo.core.strip.StripStep;
import unbo.core.tolerance.InternalClearances;
import unbo.core.unroll.Contrast;
import unbo.core.unroll.Pixels;
import unbo.core.unroll.RingMark;
import unbo.core.unroll.Unrolling;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.vehicle.VehicleTemplate;

/** A reading, a solved nut and a section: the three sums behind every keystroke. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class CoreBenchmark {

  /** Each kind's largest model, with the first answer that riders and drivers give. */
  private static final Map<DiagnosisModel, Map<String, String>> FIRST_ANSWERS =
      Map.of(
          model(VehicleKind.CAR, "all-driven", 2),
          Map.of("sound", "growl", "speed", "road"),
          model(VehicleKind.TRAILER, "taper-pair", 3),
          Map.of("t-sound", "growl"),
          largest(VehicleKind.MOTORCYCLE),
          Map.of("m-sound", "growl"),
          largest(VehicleKind.SIDECAR),
          Map.of("m-sound", "growl"),
          largest(VehicleKind.BICYCLE),
          Map.of("b-sound", "creak"),
          largest(VehicleKind.TRICYCLE),
          Map.of("b-sound", "creak"));

  private static DiagnosisModel model(VehicleKind kind, String build, int axles) {
    return DiagnosisModel.of(new VehicleLayout(kind, build, axles, 1500, 1400, 4300)).orElseThrow();
  }

  private static DiagnosisModel largest(VehicleKind kind) {
    return VehicleTemplate.all().stream()
        .filter(t -> t.layout().kind() == kind)
        .map(t -> DiagnosisModel.of(t.layout()).orElseThrow())
        .max(Comparator.comparingInt(m -> m.causes().size() * m.tests().size()))
        .orElseThrow();
  }

  private static final Instrument CALIPER = Instrument.withId("caliper").orElseThrow();
  private static final Map<SizeDimension, MeasuredSize> BORE =
      Map.of(SizeDimension.BORE, new MeasuredSize(25.01, CALIPER));
  private static final Map<SizeDimension, MeasuredSize> SIZE =
      Map.of(
          SizeDimension.BORE, new MeasuredSize(25.01, CALIPER),
          SizeDimension.OUTER, new MeasuredSize(51.98, CALIPER),
          SizeDimension.WIDTH, new MeasuredSize(14.97, CALIPER));

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

  /** The whole catalogue against three sizes, the best twelve ranked, with advice and traps. */
  @Benchmark
  public SizeAnswer searchSize() {
    return SizeSearch.find(SIZE, Optional.empty());
  }

  /** The same with one size only, which leaves the most candidates. */
  @Benchmark
  public SizeAnswer searchBore() {
    return SizeSearch.find(BORE, Optional.empty());
  }

  @Benchmark
  public ReadingReport readWornNumber() {
    return reader.read("3020?");
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
        section, SectionDrawing.Format.BENCH, null, PartStates.NONE, List.of());
  }

  /** Order and all ways of the arrangement that takes longest. */
  @Benchmark
  public List<Object> takeApart() {
    Assembly assembly = Assembly.assumed(Arrangements.of("a43"));
    StripOrder order = StripOrder.of(assembly);
    List<Object> all = new ArrayList<>(order.steps());
    for (StripStep step : order.steps()) {
      for (StripStep.Grip grip : step.tight()) {
        all.addAll(Routes.of(assembly, order, step, grip.part(), Circumstances.AS_DRAWN));
      }
    }
    return all;
  }

  /** Five answers weighed, with what stands beside, the order of events and the next question. */
  @Benchmark
  public List<Object> readDamage() {
    Damage damage =
        Damage.of(
            Map.of(
                "mark", "flakes", "nail", "deep", "story", "water", "grease", "milky", "seal",
                "failed"));
    return List.of(damage.ranked(), damage.besides(), damage.order(), damage.next());
  }

  private static final FitInput FIT = fitInput();

  private static FitInput fitInput() {
    Spread shaft = Spread.within(IsoZone.parse("k5").orElseThrow().at(25).orElseThrow());
    Spread housing = Spread.within(IsoZone.parse("N7").orElseThrow().at(52).orElseThrow());
    FitInput.Seat onShaft =
        new FitInput.Seat(shaft, Material.STEEL, 0, FitInput.Surface.GROUND, 60, "zone");
    FitInput.Seat inHousing =
        new FitInput.Seat(housing, Material.STEEL, 80, FitInput.Surface.GROUND, 50, "zone");
    return new FitInput(
        Family.DEEP_GROOVE_BALL,
        25,
        52,
        15,
        30.9,
        46.1,
        true,
        Optional.of(
            new FitInput.Group(
                "CN", InternalClearances.of("deep-groove-ball", "CN", 25).orElseThrow())),
        0,
        new Spread(-10, -5, 0, 1.7),
        new Spread(-13, -6.5, 0, 2.2),
        onShaft,
        inHousing,
        20,
        0.12);
  }

  /** Both rings, the ladder with its verdict, the right group and what is said. */
  @Benchmark
  public List<Object> fit() {
    Fit fit = Fit.of(FIT);
    return List.of(fit, fit.rightGroup(), fit.reasons("inner"));
  }

  private static final PairRow ROW = new PairRow(17, 7.5, 11, 14, 50);

  /** Life and tilt stiffness of a pair at 51 settings. */
  @Benchmark
  public List<SettingLife.Point> settingCurve() {
    return SettingLife.curve(
        new SettingLife.Hub(ROW, ROW, 40, 20, 4000, 500, SettingLife.Mounting.BACK_TO_BACK, 8),
        -0.1,
        0.4,
        51);
  }

  private static final Pixels PHOTOGRAPH = new Pixels(4000, 3000, new int[12_000_000]);

  /** A ring on twelve million pixels laid out, its contrast raised. */
  @Benchmark
  public Pixels unrollRing() {
    RingMark mark = new RingMark(2000, 1500, 3400, 1500, 0.6, 0, false);
    return Contrast.raised(Unrolling.strip(PHOTOGRAPH, mark).pixels());
  }

  /** The exact choice of the next test over all tests and causes, of all six kinds together. */
  @Benchmark
  public List<Object> chooseNextTest() {
    List<Object> chosen = new ArrayList<>();
    FIRST_ANSWERS.forEach((model, answers) -> chosen.add(Diagnosis.of(model, answers).nextTest()));
    return chosen;
  }
}
