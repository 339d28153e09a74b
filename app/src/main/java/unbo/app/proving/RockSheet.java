package unbo.app.proving;

import java.util.List;
import java.util.Map;
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

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }
}
