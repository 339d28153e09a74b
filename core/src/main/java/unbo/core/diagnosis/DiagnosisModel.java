package unbo.core.diagnosis;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import unbo.core.evidence.Likelihoods;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;
import unbo.core.vehicle.VehicleTemplate;

/**
 * Causes and tests of one vehicle with the probability of each answer under each cause. Spelled out
 * from tables for the wheels and the build of that vehicle, and cross-checked: every test tells at
 * least two causes apart, every two causes are told apart by some test, nothing stands alone; a
 * table that fails for any kind and build stops the start.
 *
 * <p>Grades 1 to 5 stand for 0.02, 0.1, 0.35, 0.7 and 0.93; what is not graded is 3. The row of a
 * cause over the answers of a test is brought to a sum of one. Grades are our own reading of
 * general trade knowledge, each with its reason in the table.
 */
public final class DiagnosisModel {

  private static final double ELSEWHERE = 0.2;

  private static final Map<Key, DiagnosisModel> MODELS = new ConcurrentHashMap<>();
  private static final Map<VehicleKind, VehicleLayout> SOME = some();

  private final VehicleKind kind;
  private final List<Cause> causes;
  private final List<DiagnosisTest> tests;
  private final Map<String, Integer> testIndex = new HashMap<>();
  private final Likelihoods likelihoods;
  private final String[][][] reasons;
  private final Set<String> wheels;

  /** What decides which causes and answers a vehicle has. */
  private record Key(VehicleKind kind, String build, int axles) {}

  static {
    List<DiagnosisModel> every = SOME.keySet().stream().map(k -> some(k).orElseThrow()).toList();
    ModelBuilder.requireUsed(every);
    ModelBuilder.requireTests(every, StopRules.tests());
    ModelBuilder.requireTests(every, TestOrder.tests());
    ModelBuilder.requireTests(every, VoidRules.tests());
    for (VehicleTemplate template : VehicleTemplate.all()) {
      of(template.layout());
    }
  }

  DiagnosisModel(
      VehicleKind kind,
      List<Cause> causes,
      List<DiagnosisTest> tests,
      double[][][] likelihood,
      String[][][] reasons) {
    this.kind = kind;
    this.causes = causes;
    this.tests = tests;
    this.reasons = reasons;
    this.likelihoods =
        new Likelihoods(
            causes.stream().mapToDouble(Cause::prior).toArray(),
            likelihood,
            tests.stream().map(DiagnosisTest::group).toList(),
            tests.stream().mapToInt(t -> t.occasion().distance()).toArray());
    for (int t = 0; t < tests.size(); t++) {
      testIndex.put(tests.get(t).id(), t);
    }
    this.wheels =
        causes.stream()
            .map(c -> c.place().wheel())
            .filter(w -> !w.isEmpty())
            .collect(Collectors.toSet());
  }

  /** The same with its priors moved. */
  private DiagnosisModel(DiagnosisModel other, double[] priors) {
    this.kind = other.kind;
    this.causes = other.causes;
    this.tests = other.tests;
    this.testIndex.putAll(other.testIndex);
    this.likelihoods = other.likelihoods.with(priors);
    this.reasons = other.reasons;
    this.wheels = other.wheels;
  }

  /** The model with the priors that a vehicle's own history gives it. */
  public DiagnosisModel moved(Map<String, VehicleHistory.Shift> shifts) {
    if (shifts.isEmpty()) {
      return this;
    }
    double[] moved = likelihoods.priors();
    for (int c = 0; c < moved.length; c++) {
      VehicleHistory.Shift shift = shifts.get(causes.get(c).id());
      moved[c] *= shift == null ? 1 : shift.factor();
    }
    return new DiagnosisModel(this, moved);
  }

  /**
   * The model when a complaint names a wheel: causes at other wheels count a fifth, since a noise
   * is heard at the wrong corner now and then; our own grading.
   */
  public DiagnosisModel accusing(String wheel) {
    double[] moved = likelihoods.priors();
    for (int c = 0; c < moved.length; c++) {
      String at = causes.get(c).place().wheel();
      moved[c] *= at.isEmpty() || at.equals(wheel) ? 1 : ELSEWHERE;
    }
    return new DiagnosisModel(this, moved);
  }

  /** For each kind that has tables, the layout that stands for some vehicle of it. */
  private static Map<VehicleKind, VehicleLayout> some() {
    Map<VehicleKind, VehicleLayout> layouts = new HashMap<>();
    for (VehicleTemplate template : VehicleTemplate.all()) {
      VehicleLayout layout = template.layout();
      if (hasTables(layout.kind())) {
        layouts.merge(layout.kind(), layout, DiagnosisModel::fuller);
      }
    }
    return Map.copyOf(layouts);
  }

  private static boolean hasTables(VehicleKind kind) {
    return DiagnosisTables.CAUSES.stream().anyMatch(c -> c.scope().kinds().contains(kind.id()));
  }

  /** A trailer is taken with the fewest axles, everything else with the most positions. */
  private static VehicleLayout fuller(VehicleLayout one, VehicleLayout other) {
    int more = other.positions().size() - one.positions().size();
    return (one.kind() == VehicleKind.TRAILER ? -more : more) > 0 ? other : one;
  }

  /** The kinds of vehicle that there are tables for. */
  public static Set<VehicleKind> kinds() {
    return new TreeSet<>(SOME.keySet());
  }

  /** The layout that stands for some vehicle of a kind. */
  public static Optional<VehicleLayout> someLayout(VehicleKind kind) {
    return Optional.ofNullable(SOME.get(kind));
  }

  /** The model of some vehicle of a kind whose build is not known; empty where there is none. */
  public static Optional<DiagnosisModel> some(VehicleKind kind) {
    return someLayout(kind).map(l -> MODELS.computeIfAbsent(key(l, ""), k -> build(l, "")));
  }

  /** The model of a vehicle; empty where its kind has no tables yet. */
  public static Optional<DiagnosisModel> of(VehicleLayout layout) {
    if (!SOME.containsKey(layout.kind())) {
      return Optional.empty();
    }
    return Optional.of(
        MODELS.computeIfAbsent(key(layout, layout.build()), k -> build(layout, layout.build())));
  }

  private static Key key(VehicleLayout layout, String build) {
    return new Key(layout.kind(), build, layout.axles());
  }

  private static DiagnosisModel build(VehicleLayout layout, String build) {
    return new ModelBuilder(layout.with(List.of()), build).model();
  }

  public VehicleKind kind() {
    return kind;
  }

  public List<Cause> causes() {
    return causes;
  }

  public List<DiagnosisTest> tests() {
    return tests;
  }

  public Optional<DiagnosisTest> test(String id) {
    return Optional.ofNullable(testIndex.get(id)).map(tests::get);
  }

  /** Whether an answer names a wheel. */
  boolean isWheel(String answer) {
    return wheels.contains(answer);
  }

  /** An answer that was given, with its test. */
  Diagnosis.Finding finding(String test, String answer) {
    return new Diagnosis.Finding(tests.get(indexOfTest(test)), answer);
  }

  double prior(int cause) {
    return likelihoods.prior(cause);
  }

  int indexOfTest(String id) {
    return testIndex.get(id);
  }

  /** Probability of each answer of a test under a cause. */
  double[] answers(int test, int cause) {
    return likelihoods.answers(test, cause);
  }

  /** Causes are its hypotheses and tests its questions, by the same numbers. */
  Likelihoods likelihoods() {
    return likelihoods;
  }

  /** Why an answer fits a cause as it does; empty where it says nothing either way. */
  String reason(int test, int cause, int answer) {
    return reasons[test][cause][answer];
  }
}
