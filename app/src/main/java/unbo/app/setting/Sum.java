package unbo.app.setting;

import java.util.List;
import java.util.Map;
import unbo.app.setting.PartSums.Line;
import unbo.app.setting.PartSums.Question;
import unbo.app.web.FieldProblems;
import unbo.app.working.Workings;
import unbo.core.units.Digits;
import unbo.core.working.Working;

/** What every sum of {@link PartSums} is read with. */
abstract class Sum {

  final FieldProblems problems = new FieldProblems();
  final SumFields fields;
  final Workings workings;
  private final Map<String, String> typed;

  /** Of fields as typed; the key keeps its workings apart from other sums'. */
  Sum(Map<String, String> typed, String key) {
    this.typed = typed;
    this.fields = new SumFields(typed, problems);
    this.workings = new Workings(key);
  }

  boolean isEmpty() {
    return typed.isEmpty();
  }

  /** A length with its doubt. */
  Line line(String title, Working sum) {
    return line(title, sum, "mm");
  }

  /** A figure with its doubt. */
  Line line(String title, Working sum, String unit) {
    var result = sum.result();
    String text = Digits.both(result.value(), result.uncertainty()).replace('-', '−') + " " + unit;
    return new Line(title, workings.figure(title, sum, text));
  }

  /** Says nothing yet: a value is missing, or wrong and said so at its field. */
  PartSums nothing(String title, List<Question> questions) {
    return sums(title, questions, List.of(), "", List.of());
  }

  PartSums sums(
      String title, List<Question> questions, List<Line> lines, String verdict, List<String> says) {
    return new PartSums(title, questions, typed, problems, lines, verdict, says, workings.all());
  }
}
