package unbo.app.web;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.units.Entry;
import unbo.core.units.Problem;

/** All problems of one form, each at its field, collected before anything is said. */
public final class FieldProblems {

  private final Map<String, Problem> byField = new LinkedHashMap<>();

  /** The value of an entry; a refusal is noted at the field. */
  public <T> Optional<T> take(String field, Entry<T> entry) {
    entry.problem().ifPresent(p -> add(field, p));
    return entry.value();
  }

  public void add(String field, Problem problem) {
    byField.putIfAbsent(field, problem);
  }

  /** Adds all of these to others; what stands there already stays. */
  public void copyTo(FieldProblems others) {
    byField.forEach(others::add);
  }

  public boolean isEmpty() {
    return byField.isEmpty();
  }

  /** What is wrong at a field, null when nothing: templates ask so. */
  public Problem at(String field) {
    return byField.get(field);
  }

  /** Everything that is wrong, in the order found. */
  public List<Problem> list() {
    return List.copyOf(byField.values());
  }

  public int count() {
    return byField.size();
  }
}
