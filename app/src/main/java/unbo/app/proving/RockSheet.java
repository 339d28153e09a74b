package unbo.app.proving;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import unbo.app.web.FieldProblems;
import unbo.app.working.WorkingView;

/**
 * What the Rock sheet shows.
 *
 * @param tests that can be measured here, with what they came to
 * @param fields as typed
 * @param problems at the fields
 * @param workings of the figures
 */
public record RockSheet(
    List<ProveSheet.TestRow> tests,
    Map<String, String> fields,
    FieldProblems problems,
    List<WorkingView> workings) {

  /** What a preview replaces beside the answer: the section, and what each test came to. */
  public String places() {
    return tests.stream()
        .map(t -> ",#came-to-" + t.test().id() + ",#note-before-" + t.test().id())
        .collect(Collectors.joining("", "#section,#rock-sight", ""));
  }

  /** How many tests have a reading. */
  public long measured() {
    return tests.stream().filter(t -> t.before() != null).count();
  }

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }
}
