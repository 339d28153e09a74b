package unbo.core.diagnosis;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import unbo.core.tables.Table;

/**
 * What a seasoned mechanic knows of the order of asking, beside what a test is worth: fastenings
 * before all else after a knock ({@code first.csv}), and no test before the one that gives it a
 * meaning ({@code parents.csv}).
 */
final class TestOrder {

  private record First(AnswerPattern after, List<String> ask) {}

  private record Child(String test, AnswerPattern parent) {}

  private static final List<First> FIRST =
      Table.read(
          TestOrder.class,
          "/unbo/core/diagnosis/first.csv",
          row ->
              new First(
                  AnswerPattern.of(row.text("findings")),
                  Arrays.asList(row.text("ask").split(" "))));

  private static final Map<String, List<Child>> CHILDREN =
      Table.read(
              TestOrder.class,
              "/unbo/core/diagnosis/parents.csv",
              row -> new Child(row.text("test"), AnswerPattern.of(row.text("parent"))))
          .stream()
          .collect(Collectors.groupingBy(Child::test));

  private TestOrder() {}

  /** The tests to ask before all others, in order; answered ones among them. */
  static List<String> first(DiagnosisModel model, Map<String, String> answers) {
    List<String> tests = new ArrayList<>();
    for (First first : FIRST) {
      if (first.after.isGiven(model, answers)) {
        first.ask.stream().filter(t -> !tests.contains(t)).forEach(tests::add);
      }
    }
    return tests;
  }

  /** Whether a test means something yet: its parent was answered so, or cannot be asked. */
  static boolean isReady(DiagnosisModel model, String test, Map<String, String> answers) {
    return CHILDREN.getOrDefault(test, List.of()).stream()
        .filter(c -> model.test(c.parent.test()).isPresent())
        .allMatch(c -> c.parent.isGiven(model, answers));
  }

  /** Every test that the two tables name: each must exist for some vehicle. */
  static List<String> tests() {
    List<String> all = new ArrayList<>();
    FIRST.forEach(
        f -> {
          all.add(f.after.test());
          all.addAll(f.ask);
        });
    CHILDREN.values().stream()
        .flatMap(List::stream)
        .forEach(
            c -> {
              all.add(c.test);
              all.add(c.parent.test());
            });
    return all.stream().distinct().toList();
  }
}
