package unbo.core.diagnosis;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import unbo.core.tables.Table;

/** The tables as they are written: causes, tests and how answers fit causes, for every kind. */
final class DiagnosisTables {

  private static final String FOLDER = "/unbo/core/diagnosis/";

  static final List<CauseRow> CAUSES = read("causes.csv", CauseRow::of);
  static final List<TestRow> TESTS = read("tests.csv", TestRow::of);
  static final List<LikelihoodRow> LIKELIHOODS = read("likelihoods.csv", LikelihoodRow::of);

  private DiagnosisTables() {}

  private static <T> List<T> read(String file, java.util.function.Function<Table.Row, T> each) {
    return Table.read(DiagnosisTables.class, FOLDER + file, each);
  }

  /** Which kinds, and which builds of them, a row belongs to; {@code any} for all builds. */
  record Scope(Set<String> kinds, Set<String> builds) {
    static Scope of(Table.Row row) {
      return new Scope(words(row, "kind"), words(row, "builds"));
    }

    /** Whether it belongs to a build; every row does where the build is not known. */
    boolean has(String ofKind, String build) {
      return kinds.contains(ofKind)
          && (build.isEmpty() || builds.contains("any") || builds.contains(build));
    }
  }

  /** A row of causes.csv. */
  record CauseRow(
      Scope scope,
      String id,
      String label,
      String where,
      boolean rolling,
      Set<String> groups,
      double prior,
      Urgency urgency,
      String action,
      String ifLeft) {

    static CauseRow of(Table.Row row) {
      return new CauseRow(
          Scope.of(row),
          row.text("id"),
          row.text("label"),
          row.text("where"),
          row.text("rolling").equals("yes"),
          words(row, "groups"),
          row.number("prior"),
          Urgency.withId(row.text("urgency")),
          row.text("action"),
          row.text("ifLeft"));
    }
  }

  /** A row of tests.csv; answers and sets of answers are still to be spelled out for the wheels. */
  record TestRow(
      Scope scope,
      List<String> answers,
      Set<String> accuses,
      Set<String> look,
      DiagnosisTest asked) {

    static TestRow of(Table.Row row) {
      return new TestRow(
          Scope.of(row),
          List.of(row.text("answers").split("\\|")),
          words(row, "accuses"),
          words(row, "look"),
          new DiagnosisTest(
              row.text("id"),
              row.text("question"),
              List.of(),
              Set.of(),
              Set.of(),
              row.number("minutes"),
              Occasion.withId(row.text("occasion")),
              row.text("critical").equals("yes"),
              row.text("tools"),
              List.of(row.text("how").split("; ")),
              row.text("caution"),
              row.text("group"),
              row.text("drawing"),
              row.text("measure")));
    }
  }

  /** A row of likelihoods.csv. */
  record LikelihoodRow(
      String test, List<String> answers, List<String> causes, int grade, String reason) {

    static LikelihoodRow of(Table.Row row) {
      int grade = row.whole("grade");
      if (grade < 1 || grade > 5 || row.text("reason").isBlank()) {
        throw new IllegalArgumentException("a grade from 1 to 5 and a reason are wanted");
      }
      return new LikelihoodRow(
          row.text("test"),
          List.of(row.text("answers").split(" ")),
          List.of(row.text("causes").split(" ")),
          grade,
          row.text("reason"));
    }
  }

  private static Set<String> words(Table.Row row, String column) {
    String text = row.text(column);
    return text.isEmpty() ? Set.of() : Set.copyOf(Arrays.asList(text.split(" ")));
  }
}
