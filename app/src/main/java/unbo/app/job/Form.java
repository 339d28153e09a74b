package unbo.app.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.util.LinkedMultiValueMap;
import org.springframework.util.MultiValueMap;
import unbo.app.web.FieldProblems;

/**
 * A station's form as it came: every field as typed, and which button was pressed.
 *
 * @param fields as typed, unchecked
 * @param typed whether anybody typed it; else the sheet shows the record
 * @param action the named action behind the station's address, empty for saving
 * @param what what the action is about, empty when it needs nothing
 * @param problems found at a press beyond those that reading the fields finds
 * @param target which element of the page a preview will replace; empty when all of it is shown
 */
public record Form(
    MultiValueMap<String, String> fields,
    boolean typed,
    String action,
    String what,
    FieldProblems problems,
    String target) {

  /** Nothing typed: the record is shown. */
  public static Form none() {
    return new Form(new LinkedMultiValueMap<>(), false, "", "", new FieldProblems(), "");
  }

  public static Form typed(MultiValueMap<String, String> fields) {
    return new Form(fields, true, "", "", new FieldProblems(), "");
  }

  Form pressed(String name, String about) {
    return new Form(fields, typed, name, about, problems, target);
  }

  /** The same with what a press found wrong. */
  public Form with(FieldProblems found) {
    return new Form(fields, typed, action, what, found, target);
  }

  /** The same for a preview that replaces this element of the page alone. */
  public Form into(String element) {
    return new Form(fields, typed, action, what, problems, element);
  }

  /** Whether this element alone is replaced: what stands in others need not be worked out. */
  public boolean isOnlyFor(String element) {
    return target.equals(element);
  }

  /** The first value of a field, empty when it is missing. */
  public String get(String field) {
    String value = fields.getFirst(field);
    return value == null ? "" : value;
  }

  /** All values of a field, empty when it is missing. */
  public List<String> all(String field) {
    return fields.getOrDefault(field, List.of());
  }

  public boolean has(String field) {
    return fields.containsKey(field);
  }

  /** The first value of every field; may be changed. */
  public Map<String, String> single() {
    return new LinkedHashMap<>(fields.toSingleValueMap());
  }
}
