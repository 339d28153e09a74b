package unbo.core.speed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.SingularValueDecomposition;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * What helped, over several test runs: the rise over the air against speed, level and oil, by
 * ordinary least squares (a library's; Student's t for the 95 %). Source: any textbook of
 * regression. Limits: effects add, and are straight over what was run; runs that were still warming
 * are left out; what did not change cannot be told.
 *
 * @param coefficients what each change does; empty when the fit is refused
 * @param refused why there is no fit; empty when there is one
 * @param says what was left out, and what cannot be told, sentences
 * @param runs how many the fit is of
 * @param residualC standard deviation of what it leaves, °C
 */
public record RunFit(
    List<Coefficient> coefficients, String refused, List<String> says, int runs, double residualC) {

  /** So many runs more than coefficients are wanted. */
  public static final int SPARE = 5;

  private static final double THOUSAND = 1000;
  private static final double MOST_CONDITION = 1e6;
  private static final double TWO_SIDED = 0.975;

  /**
   * An effect.
   *
   * @param title what changes, such as {@code 1000 rpm more}
   * @param effect on the rise, °C
   */
  public record Coefficient(String title, Working effect) {

    /** Whether its sign is certain. */
    public boolean isTold() {
      return Math.abs(effect.result().value()) > effect.result().uncertainty();
    }
  }

  /** Something that may explain a rise. */
  private record Column(String title, ToDoubleFunction<TestRun> of) {}

  /** Fits the runs. */
  public static RunFit of(List<TestRun> all) {
    List<TestRun> runs = all.stream().filter(TestRun::isSteady).toList();
    List<String> says = new ArrayList<>();
    int warming = all.size() - runs.size();
    if (warming > 0) {
      says.add(
          warming
              + (warming == 1 ? " run was" : " runs were")
              + " still warming at the end and left out: run longer.");
    }
    List<Column> columns = columns(runs, says);
    int coefficients = columns.size() + 1;
    if (columns.isEmpty()) {
      return refused("Nothing was changed between the runs: change speed, level or oil.", says);
    }
    int wanted = coefficients + SPARE;
    if (runs.size() < wanted) {
      return refused(
          String.format(
              Locale.ROOT,
              "%d steady %s, %d wanted to tell %d things apart: %d more.",
              runs.size(),
              runs.size() == 1 ? "run" : "runs",
              wanted,
              columns.size(),
              wanted - runs.size()),
          says);
    }
    double[][] x = matrix(runs, columns);
    if (isTogether(x)) {
      return refused(
          "What was changed was always changed together: change one thing alone in some runs.",
          says);
    }
    return fit(runs, columns, x, says);
  }

  private static RunFit refused(String why, List<String> says) {
    return new RunFit(List.of(), why, List.copyOf(says), 0, 0);
  }

  private static List<Column> columns(List<TestRun> runs, List<String> says) {
    List<Column> columns = new ArrayList<>();
    if (changes(runs, TestRun::rpm)) {
      columns.add(new Column("1000 rpm more", r -> r.rpm() / THOUSAND));
    } else {
      says.add("The speed was the same in all runs: cannot tell what it does.");
    }
    if (changes(runs, TestRun::levelMm)) {
      columns.add(new Column("1 mm more oil", TestRun::levelMm));
    } else {
      says.add("The level was the same in all runs: cannot tell what it does.");
    }
    List<String> oils = oils(runs);
    if (oils.size() < 2) {
      says.add("One oil in all runs: cannot tell what another does.");
    }
    oils.stream()
        .skip(1)
        .forEach(
            o ->
                columns.add(
                    new Column(
                        "“" + o + "” for “" + oils.get(0) + "”", r -> r.oil().equals(o) ? 1 : 0)));
    return columns;
  }

  private static boolean changes(List<TestRun> runs, ToDoubleFunction<TestRun> of) {
    return runs.stream().mapToDouble(of).distinct().count() > 1;
  }

  /** The oil of most runs first: the others are held against it. */
  private static List<String> oils(List<TestRun> runs) {
    Map<String, Long> counts =
        runs.stream().collect(Collectors.groupingBy(TestRun::oil, Collectors.counting()));
    return counts.entrySet().stream()
        .sorted(
            Map.Entry.<String, Long>comparingByValue(Comparator.reverseOrder())
                .thenComparing(Map.Entry.comparingByKey()))
        .map(Map.Entry::getKey)
        .toList();
  }

  private static double[][] matrix(List<TestRun> runs, List<Column> columns) {
    return runs.stream()
        .map(r -> columns.stream().mapToDouble(c -> c.of.applyAsDouble(r)).toArray())
        .toArray(double[][]::new);
  }

  /** Whether a column says nothing that the others do not say already; each is brought to scale. */
  private static boolean isTogether(double[][] x) {
    int columns = x[0].length;
    double[][] scaled = new double[x.length][columns + 1];
    for (int j = 0; j < columns; j++) {
      int column = j;
      double mean = java.util.Arrays.stream(x).mapToDouble(r -> r[column]).average().orElse(0);
      double span =
          java.util.Arrays.stream(x).mapToDouble(r -> Math.abs(r[column] - mean)).max().orElse(1);
      for (int i = 0; i < x.length; i++) {
        scaled[i][j] = (x[i][j] - mean) / span;
      }
    }
    for (double[] row : scaled) {
      row[columns] = 1;
    }
    return new SingularValueDecomposition(MatrixUtils.createRealMatrix(scaled)).getConditionNumber()
        > MOST_CONDITION;
  }

  private static RunFit fit(
      List<TestRun> runs, List<Column> columns, double[][] x, List<String> says) {
    OLSMultipleLinearRegression ols = new OLSMultipleLinearRegression();
    ols.newSampleData(runs.stream().mapToDouble(TestRun::rise).toArray(), x);
    double[] values = ols.estimateRegressionParameters();
    double[] errors = ols.estimateRegressionParametersStandardErrors();
    int spare = runs.size() - values.length;
    double t = new TDistribution(spare).inverseCumulativeProbability(TWO_SIDED);
    List<Coefficient> all = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      String title = columns.get(i).title;
      all.add(
          new Coefficient(title, working(title, values[i + 1], t * errors[i + 1], runs.size())));
    }
    return new RunFit(
        List.copyOf(all),
        "",
        List.copyOf(says),
        runs.size(),
        ols.estimateRegressionStandardError());
  }

  private static Working working(String title, double value, double u95, int runs) {
    return Working.of(
        Formula.of(
            title,
            "°C",
            "b = (XᵀX)⁻¹·Xᵀ·(T − Tₐ)",
            v -> v.get("b"),
            "Ordinary least squares; 95 % by Student’s t.",
            "Effects add and are straight over what was run."),
        List.of(
            Input.of(
                "b",
                "coefficient",
                value,
                u95,
                "°C",
                Origin.computed(runs + " steady runs of this workshop"))));
  }
}
