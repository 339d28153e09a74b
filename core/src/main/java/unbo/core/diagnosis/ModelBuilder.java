package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import unbo.core.diagnosis.DiagnosisTables.CauseRow;
import unbo.core.diagnosis.DiagnosisTables.LikelihoodRow;
import unbo.core.diagnosis.DiagnosisTables.TestRow;
import unbo.core.evidence.Grades;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** Spells the tables out for the wheels of one vehicle, and checks what comes of it. */
final class ModelBuilder {

  private static final double NONE_SHARE = 0.04;

  /** The least difference of natural logarithms that tells two causes apart. */
  private static final double APART = 0.5;

  private final VehicleKind kind;
  private final String build;
  private final List<Wheel> wheels;
  private final List<Cause> causes;
  private final List<DiagnosisTest> tests;
  private final double[][][] likelihood;
  private final String[][][] reasons;

  /** For a layout; an empty build stands for one that is not known. */
  ModelBuilder(VehicleLayout layout, String build) {
    this.kind = layout.kind();
    this.build = build;
    this.wheels = Wheel.of(layout);
    this.causes = causes();
    this.tests =
        DiagnosisTables.TESTS.stream()
            .filter(t -> t.scope().has(kind.id(), build))
            .map(this::test)
            .toList();
    this.likelihood = new double[tests.size()][causes.size()][];
    this.reasons = new String[tests.size()][causes.size()][];
  }

  DiagnosisModel model() {
    neutral();
    for (LikelihoodRow row : DiagnosisTables.LIKELIHOODS) {
      for (int t = 0; t < tests.size(); t++) {
        if (tests.get(t).id().equals(row.test())) {
          apply(row, t);
        }
      }
    }
    Grades.normalise(likelihood);
    check();
    return new DiagnosisModel(kind, causes, tests, likelihood, reasons);
  }

  private List<Cause> causes() {
    Map<String, Cause> all = new LinkedHashMap<>();
    for (CauseRow row : DiagnosisTables.CAUSES) {
      if (row.scope().has(kind.id(), build)) {
        placed(row).forEach(c -> all.putIfAbsent(c.id(), c));
      }
    }
    double sum = all.values().stream().mapToDouble(Cause::prior).sum();
    Cause none = Cause.noneOfThese(sum * NONE_SHARE);
    all.put(none.id(), none);
    return List.copyOf(all.values());
  }

  private List<Cause> placed(CauseRow row) {
    if (!row.where().startsWith("@")) {
      return List.of(cause(row, row.id(), row.label(), Set.of(), spot(row)));
    }
    return Wheel.named(row.where(), wheels, build).stream()
        .map(
            w ->
                cause(
                    row,
                    row.id() + "-" + w.code(),
                    row.label().replace("{wheel}", w.adjective()),
                    w.groups(),
                    new Cause.Place(w.code(), w.code(), 0, 0, false, row.rolling())))
        .toList();
  }

  private static Cause.Place spot(CauseRow row) {
    String[] parts = row.where().split(" ");
    String position = parts.length > 1 ? parts[1] : "";
    if (!parts[0].contains("/")) {
      return new Cause.Place(parts[0], "", 0, 0, false, row.rolling());
    }
    String[] shares = parts[0].split("/");
    return new Cause.Place(
        position,
        "",
        Double.parseDouble(shares[0]),
        Double.parseDouble(shares[1]),
        true,
        row.rolling());
  }

  private static Cause cause(
      CauseRow row, String id, String label, Set<String> more, Cause.Place place) {
    Set<String> groups = new HashSet<>(row.groups());
    groups.addAll(more);
    groups.add(id);
    groups.add(row.id());
    return new Cause(
        id,
        row.id(),
        label,
        Set.copyOf(groups),
        row.prior(),
        row.urgency(),
        row.action(),
        row.ifLeft(),
        place);
  }

  private DiagnosisTest test(TestRow row) {
    List<DiagnosisTest.Answer> answers = new ArrayList<>();
    for (String answer : row.answers()) {
      if (answer.startsWith("@")) {
        Wheel.named(answer, wheels, build)
            .forEach(w -> answers.add(new DiagnosisTest.Answer(w.code(), w.label())));
      } else {
        String[] parts = answer.split(":", 2);
        answers.add(new DiagnosisTest.Answer(parts[0], parts[1]));
      }
    }
    DiagnosisTest asked = row.asked();
    return new DiagnosisTest(
        asked.id(),
        asked.question(),
        answers,
        spelledOut(row.accuses()),
        spelledOut(row.look()),
        asked.minutes(),
        asked.occasion(),
        asked.critical(),
        asked.tools(),
        asked.steps(),
        asked.caution(),
        asked.group(),
        asked.drawing(),
        asked.measure());
  }

  private Set<String> spelledOut(Set<String> words) {
    Set<String> all = new HashSet<>();
    for (String word : words) {
      all.addAll(word.startsWith("@") ? Wheel.answers(word, "", wheels) : Set.of(word));
    }
    return all;
  }

  private void neutral() {
    for (int t = 0; t < tests.size(); t++) {
      for (int c = 0; c < causes.size(); c++) {
        likelihood[t][c] = new double[tests.get(t).answers().size()];
        reasons[t][c] = new String[tests.get(t).answers().size()];
        Arrays.fill(likelihood[t][c], Grades.share(Grades.NEUTRAL));
        Arrays.fill(reasons[t][c], "");
      }
    }
  }

  private void apply(LikelihoodRow row, int t) {
    for (int c = 0; c < causes.size(); c++) {
      Cause cause = causes.get(c);
      if (row.causes().stream().anyMatch(cause::belongsTo)) {
        for (String word : row.answers()) {
          for (String answer : answers(word, cause)) {
            int a = tests.get(t).indexOf(answer);
            if (a >= 0) {
              likelihood[t][c][a] = Grades.share(row.grade());
              reasons[t][c][a] = row.reason();
            }
          }
        }
      }
    }
  }

  private Set<String> answers(String word, Cause cause) {
    return word.startsWith("@") ? Wheel.answers(word, cause.place().wheel(), wheels) : Set.of(word);
  }

  private void check() {
    String whose = kind.id() + " " + build + ": ";
    for (int t = 0; t < tests.size(); t++) {
      double[][] rows = likelihood[t];
      require(
          VoidRules.isAsked(tests.get(t).id())
              || Arrays.stream(rows).anyMatch(r -> Arrays.stream(rows).anyMatch(q -> differ(q, r))),
          whose + "test " + tests.get(t).id() + " tells nothing apart");
    }
    for (int c = 0; c < causes.size(); c++) {
      for (int d = c + 1; d < causes.size(); d++) {
        require(
            apart(c, d),
            whose + causes.get(c).id() + " and " + causes.get(d).id() + " are never told apart");
      }
    }
  }

  private boolean apart(int c, int d) {
    return Arrays.stream(likelihood).anyMatch(test -> differ(test[c], test[d]));
  }

  private static boolean differ(double[] one, double[] other) {
    for (int a = 0; a < one.length; a++) {
      if (Math.abs(Math.log(one[a] / other[a])) > APART) {
        return true;
      }
    }
    return false;
  }

  /** Every row of the tables must be of use to some kind of vehicle. */
  static void requireUsed(Iterable<DiagnosisModel> everything) {
    for (LikelihoodRow row : DiagnosisTables.LIKELIHOODS) {
      boolean test = false;
      Set<String> unknown = new HashSet<>(row.causes());
      for (DiagnosisModel model : everything) {
        var asked = model.test(row.test());
        test |= asked.map(t -> hasAnswers(t, row.answers())).orElse(false);
        if (asked.isPresent()) {
          unknown.removeIf(who -> model.causes().stream().anyMatch(c -> c.belongsTo(who)));
        }
      }
      require(test, "There is no answer " + row.answers() + " of a test " + row.test());
      require(unknown.isEmpty(), "No cause belongs to " + unknown + ", test " + row.test());
    }
  }

  /** Every test that another table names must exist for some kind of vehicle. */
  static void requireTests(List<DiagnosisModel> everything, List<String> tests) {
    for (String test : tests) {
      require(
          everything.stream().anyMatch(m -> m.test(test).isPresent()), "There is no test " + test);
    }
  }

  private static boolean hasAnswers(DiagnosisTest test, List<String> answers) {
    return answers.stream().allMatch(a -> a.startsWith("@") || test.indexOf(a) >= 0);
  }

  private static void require(boolean holds, String what) {
    if (!holds) {
      throw new IllegalStateException("Diagnosis tables: " + what);
    }
  }
}
