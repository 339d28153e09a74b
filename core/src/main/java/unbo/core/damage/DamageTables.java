package unbo.core.damage;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.evidence.Grades;
import unbo.core.evidence.Likelihoods;
import unbo.core.tables.Table;

/**
 * Classes, questions and grades: {@code classes.csv}, {@code questions.csv}, {@code grades.csv},
 * {@code order.csv}. Every class is graded for every question once, with its reason: a blank stops
 * the start.
 */
public final class DamageTables {

  private static final String FOLDER = "/unbo/core/damage/";
  private static final DamageTables STANDARD = new DamageTables();

  private final List<DamageClass> classes;
  private final List<DamageQuestion> questions;
  private final String[][] reasons;
  private final Likelihoods likelihoods;
  private final List<Before> order;

  /** What comes first of two that are true at once. */
  record Before(String first, String then, String reason) {}

  private DamageTables() {
    classes = Table.read(DamageTables.class, FOLDER + "classes.csv", DamageTables::damageClass);
    questions = readQuestions();
    reasons = new String[questions.size()][classes.size()];
    double[][][] shares = new double[questions.size()][classes.size()][];
    Table.read(DamageTables.class, FOLDER + "grades.csv", row -> grade(row, shares));
    requireAll();
    Grades.normalise(shares);
    likelihoods =
        new Likelihoods(
            classes.stream().mapToDouble(DamageClass::prior).toArray(),
            shares,
            questions.stream().map(DamageQuestion::group).toList(),
            new int[questions.size()]);
    order = Table.read(DamageTables.class, FOLDER + "order.csv", this::before);
  }

  static DamageTables standard() {
    return STANDARD;
  }

  private static DamageClass damageClass(Table.Row row) {
    List<DamageClass.Change> changes =
        Arrays.stream(row.text("change").split("; *"))
            .map(c -> c.split(": *", 2))
            .map(c -> new DamageClass.Change(c[0], c[1]))
            .toList();
    return new DamageClass(
        row.text("id"),
        row.text("label"),
        row.text("clause"),
        row.number("prior"),
        row.text("reuse").equals("inspect"),
        row.text("made"),
        changes,
        row.text("also"),
        row.text("pattern"));
  }

  private static List<DamageQuestion> readQuestions() {
    Map<String, List<DamageQuestion.Answer>> answers = new LinkedHashMap<>();
    Map<String, DamageQuestion> heads = new HashMap<>();
    Table.read(
        DamageTables.class,
        FOLDER + "questions.csv",
        row -> {
          String id = row.text("question");
          answers
              .computeIfAbsent(id, q -> new ArrayList<>())
              .add(new DamageQuestion.Answer(row.text("answer"), row.text("label")));
          return heads.put(
              id,
              new DamageQuestion(
                  id, row.text("text"), row.text("help"), row.text("group"), List.of()));
        });
    return answers.entrySet().stream()
        .map(
            e -> {
              DamageQuestion head = heads.get(e.getKey());
              return new DamageQuestion(
                  head.id(), head.text(), head.help(), head.group(), e.getValue());
            })
        .toList();
  }

  private Integer grade(Table.Row row, double[][][] shares) {
    int q = indexOfQuestion(row.text("question"));
    DamageQuestion question = questions.get(q);
    double[] graded = new double[question.answers().size()];
    Arrays.fill(graded, Grades.share(row.whole("else")));
    for (String one : row.text("grades").split(" +")) {
      String[] parts = one.split("=");
      int a = question.indexOf(parts[0]);
      if (a < 0) {
        throw new IllegalArgumentException("There is no answer " + parts[0]);
      }
      graded[a] = Grades.share(Integer.parseInt(parts[1]));
    }
    for (String id : row.text("classes").split(" +")) {
      int c = indexOfClass(id);
      if (shares[q][c] != null) {
        throw new IllegalArgumentException(id + " is graded twice for " + question.id());
      }
      shares[q][c] = graded.clone();
      reasons[q][c] = row.text("reason");
    }
    return q;
  }

  private void requireAll() {
    for (int q = 0; q < questions.size(); q++) {
      for (int c = 0; c < classes.size(); c++) {
        if (reasons[q][c] == null) {
          throw new IllegalStateException(
              "grades.csv: no grade of " + classes.get(c).id() + " for " + questions.get(q).id());
        }
      }
    }
  }

  private Before before(Table.Row row) {
    indexOfClass(row.text("first"));
    indexOfClass(row.text("then"));
    return new Before(row.text("first"), row.text("then"), row.text("reason"));
  }

  int indexOfQuestion(String id) {
    int q = questions.stream().map(DamageQuestion::id).toList().indexOf(id);
    if (q < 0) {
      throw new IllegalArgumentException("There is no question " + id);
    }
    return q;
  }

  int indexOfClass(String id) {
    int c = classes.stream().map(DamageClass::id).toList().indexOf(id);
    if (c < 0) {
      throw new IllegalArgumentException("There is no class " + id);
    }
    return c;
  }

  /** All questions, in the order of a bench. */
  public static List<DamageQuestion> questions() {
    return STANDARD.questions;
  }

  /** All classes. */
  public static List<DamageClass> classes() {
    return STANDARD.classes;
  }

  Likelihoods likelihoods() {
    return likelihoods;
  }

  String reason(int question, int classNumber) {
    return reasons[question][classNumber];
  }

  /** Why the first of two comes before the other; empty where nothing is known. */
  Optional<String> before(String first, String then) {
    return order.stream()
        .filter(b -> b.first.equals(first) && b.then.equals(then))
        .map(Before::reason)
        .findFirst();
  }
}
