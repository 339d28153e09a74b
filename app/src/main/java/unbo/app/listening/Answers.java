package unbo.app.listening;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The lines of a search, read: of several answers to one test the latest that is not struck out
 * counts, and an earlier one that says something else is a conflict to be shown.
 *
 * @param lines every line, in the order given
 * @param current the line that counts, by test, in the order of the tests' first line
 * @param skipped tests that were passed over and not answered since
 */
record Answers(List<GivenAnswer> lines, Map<String, GivenAnswer> current, Set<String> skipped) {

  static Answers of(List<GivenAnswer> lines) {
    Map<String, GivenAnswer> current = new LinkedHashMap<>();
    Set<String> skipped = new LinkedHashSet<>();
    for (GivenAnswer line : lines) {
      if (!line.isStruck() && line.isSkip()) {
        skipped.add(line.getTest());
      } else if (!line.isStruck()) {
        current.put(line.getTest(), line);
      }
    }
    skipped.removeAll(current.keySet());
    return new Answers(List.copyOf(lines), current, skipped);
  }

  /** The answers that count, by test. */
  Map<String, String> byTest() {
    Map<String, String> answers = new LinkedHashMap<>();
    current.forEach((test, line) -> answers.put(test, line.getAnswer()));
    return answers;
  }

  /** Earlier lines of a test, not struck out, that say something else than the one that counts. */
  List<GivenAnswer> against(GivenAnswer line) {
    return lines.stream()
        .filter(l -> l.getTest().equals(line.getTest()) && !l.isStruck() && !l.isSkip())
        .filter(l -> !l.getAnswer().equals(line.getAnswer()))
        .toList();
  }

  /** Lines that were struck out, the latest first, for as long as nothing else counts there. */
  List<GivenAnswer> struck() {
    return lines.stream()
        .filter(l -> l.isStruck() && !l.isSkip())
        .collect(
            Collectors.collectingAndThen(
                Collectors.toList(),
                all -> {
                  java.util.Collections.reverse(all);
                  return List.copyOf(all);
                }));
  }

  /** The last line that is not struck out: what taking back takes back. */
  java.util.Optional<GivenAnswer> last() {
    return lines.stream().filter(l -> !l.isStruck()).reduce((a, b) -> b);
  }
}
