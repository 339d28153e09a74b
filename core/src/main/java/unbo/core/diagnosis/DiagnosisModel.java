package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import unbo.core.tables.Table;
import unbo.core.vehicle.VehicleKind;

/**
 * Causes and tests of one kind of vehicle with the probability of each answer under each cause.
 * Read from tables at the first use and cross-checked: every test tells at least two causes apart,
 * every two causes are told apart by some test, nothing stands alone; a table that fails stops the
 * start.
 *
 * <p>Grades 1 to 5 stand for 0.02, 0.1, 0.35, 0.7 and 0.93; what is not graded is 3. The row of a
 * cause over the answers of a test is brought to a sum of one. Grades are our own reading of
 * general trade knowledge, each with its reason in the table.
 */
public final class DiagnosisModel {

  private static final double[] GRADES = {0.02, 0.1, 0.35, 0.7, 0.93};
  private static final int NEUTRAL = 3;
  private static final double NONE_SHARE = 0.04;
  private static final String FOLDER = "/unbo/core/diagnosis/";

  private static final Map<VehicleKind, DiagnosisModel> MODELS = load();

  private final VehicleKind kind;
  private final List<Cause> causes;
  private final List<DiagnosisTest> tests;
  private final Map<String, Integer> testIndex = new HashMap<>();
  private final double[][][] likelihood;
  private final String[][][] reasons;
  private final double[] priors;

  private record CauseRow(String kind, Cause cause) {}

  private record TestRow(String kind, DiagnosisTest test) {}

  private record LikelihoodRow(
      String test, String answer, List<String> who, int grade, String reason) {}

  private DiagnosisModel(
      VehicleKind kind, List<Cause> causes, List<DiagnosisTest> tests, List<LikelihoodRow> rows) {
    this.kind = kind;
    this.causes = List.copyOf(causes);
    this.tests = List.copyOf(tests);
    for (int i = 0; i < tests.size(); i++) {
      testIndex.put(tests.get(i).id(), i);
    }
    this.likelihood = new double[tests.size()][causes.size()][];
    this.reasons = new String[tests.size()][causes.size()][];
    fill(rows);
    double sum = causes.stream().mapToDouble(Cause::prior).sum();
    this.priors = causes.stream().mapToDouble(c -> c.prior() / sum).toArray();
    check();
  }

  /** The kinds of vehicle that there is a model for. */
  public static Set<VehicleKind> kinds() {
    return MODELS.keySet();
  }

  /** The model of a kind of vehicle; empty where there is none yet. */
  public static Optional<DiagnosisModel> of(VehicleKind kind) {
    return Optional.ofNullable(MODELS.get(kind));
  }

  private static Map<VehicleKind, DiagnosisModel> load() {
    List<CauseRow> causes = Table.read(DiagnosisModel.class, FOLDER + "causes.csv", r -> cause(r));
    List<TestRow> tests = Table.read(DiagnosisModel.class, FOLDER + "tests.csv", r -> test(r));
    List<LikelihoodRow> rows =
        Table.read(DiagnosisModel.class, FOLDER + "likelihoods.csv", r -> likelihood(r));
    Map<VehicleKind, DiagnosisModel> models = new HashMap<>();
    for (VehicleKind kind : VehicleKind.values()) {
      List<Cause> its = new ArrayList<>();
      causes.stream().filter(c -> c.kind.equals(kind.id())).forEach(c -> its.add(c.cause));
      if (!its.isEmpty()) {
        double sum = its.stream().mapToDouble(Cause::prior).sum();
        its.add(Cause.noneOfThese(sum * NONE_SHARE));
        List<DiagnosisTest> asked =
            tests.stream().filter(t -> t.kind.equals(kind.id())).map(TestRow::test).toList();
        models.put(kind, new DiagnosisModel(kind, its, asked, rows));
      }
    }
    requireUsed(rows, tests, causes);
    return models;
  }

  private static CauseRow cause(Table.Row row) {
    Set<String> groups = new HashSet<>(Arrays.asList(row.text("groups").split(" ")));
    groups.add(row.text("id"));
    return new CauseRow(
        row.text("kind"),
        new Cause(
            row.text("id"),
            row.text("label"),
            Set.copyOf(groups),
            row.number("prior"),
            Urgency.withId(row.text("urgency")),
            row.text("action"),
            row.text("ifLeft"),
            row.text("position")));
  }

  private static TestRow test(Table.Row row) {
    List<DiagnosisTest.Answer> answers =
        Arrays.stream(row.text("answers").split("\\|"))
            .map(a -> a.split(":", 2))
            .map(a -> new DiagnosisTest.Answer(a[0], a[1]))
            .toList();
    return new TestRow(
        row.text("kind"),
        new DiagnosisTest(
            row.text("id"),
            row.text("question"),
            answers,
            row.number("minutes"),
            row.text("tools"),
            row.text("how"),
            row.text("caution"),
            row.text("group")));
  }

  private static LikelihoodRow likelihood(Table.Row row) {
    int grade = row.whole("grade");
    if (grade < 1 || grade > GRADES.length || row.text("reason").isBlank()) {
      throw new IllegalArgumentException("a grade from 1 to 5 and a reason are wanted");
    }
    return new LikelihoodRow(
        row.text("test"),
        row.text("answer"),
        List.of(row.text("causes").split(" ")),
        grade,
        row.text("reason"));
  }

  /** Every row of likelihoods must name a test, an answer and causes that exist. */
  private static void requireUsed(
      List<LikelihoodRow> rows, List<TestRow> tests, List<CauseRow> causes) {
    for (LikelihoodRow row : rows) {
      boolean test =
          tests.stream()
              .anyMatch(t -> t.test.id().equals(row.test) && t.test.indexOf(row.answer) >= 0);
      require(test, "There is no answer " + row.answer + " of a test " + row.test);
      for (String who : row.who) {
        require(
            who.equals(Cause.NONE) || causes.stream().anyMatch(c -> c.cause.belongsTo(who)),
            "No cause belongs to " + who + ", test " + row.test);
      }
    }
  }

  private void fill(List<LikelihoodRow> rows) {
    for (int t = 0; t < tests.size(); t++) {
      for (int c = 0; c < causes.size(); c++) {
        likelihood[t][c] = new double[tests.get(t).answers().size()];
        reasons[t][c] = new String[tests.get(t).answers().size()];
        Arrays.fill(likelihood[t][c], GRADES[NEUTRAL - 1]);
      }
    }
    for (LikelihoodRow row : rows) {
      Integer t = testIndex.get(row.test);
      if (t != null) {
        int a = tests.get(t).indexOf(row.answer);
        apply(row, t, a);
      }
    }
    for (double[][] test : likelihood) {
      for (double[] answers : test) {
        double sum = Arrays.stream(answers).sum();
        Arrays.setAll(answers, a -> answers[a] / sum);
      }
    }
  }

  private void apply(LikelihoodRow row, int t, int a) {
    for (int c = 0; c < causes.size(); c++) {
      Cause cause = causes.get(c);
      if (row.who.stream().anyMatch(cause::belongsTo)) {
        likelihood[t][c][a] = GRADES[row.grade - 1];
        reasons[t][c][a] = row.reason;
      }
    }
  }

  private void check() {
    for (int t = 0; t < tests.size(); t++) {
      require(tellsSomethingApart(t), "Test " + tests.get(t).id() + " tells nothing apart");
    }
    for (int c = 0; c < causes.size(); c++) {
      for (int d = c + 1; d < causes.size(); d++) {
        require(
            apart(c, d),
            causes.get(c).id() + " and " + causes.get(d).id() + " are never told apart");
      }
    }
  }

  private boolean tellsSomethingApart(int t) {
    for (int c = 0; c < causes.size(); c++) {
      for (int d = c + 1; d < causes.size(); d++) {
        if (differ(likelihood[t][c], likelihood[t][d])) {
          return true;
        }
      }
    }
    return false;
  }

  private boolean apart(int c, int d) {
    return Arrays.stream(likelihood).anyMatch(test -> differ(test[c], test[d]));
  }

  private static boolean differ(double[] one, double[] other) {
    for (int a = 0; a < one.length; a++) {
      if (Math.abs(Math.log(one[a] / other[a])) > 0.5) {
        return true;
      }
    }
    return false;
  }

  private static void require(boolean holds, String what) {
    if (!holds) {
      throw new IllegalStateException("Diagnosis tables: " + what);
    }
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

  double prior(int cause) {
    return priors[cause];
  }

  int indexOfTest(String id) {
    return testIndex.get(id);
  }

  /** Probability of each answer of a test under a cause. */
  double[] answers(int test, int cause) {
    return likelihood[test][cause];
  }

  /** Why an answer fits a cause as it does; empty where it says nothing either way. */
  String reason(int test, int cause, int answer) {
    String reason = reasons[test][cause][answer];
    if (reason == null) {
      return "";
    }
    return reason;
  }
}
