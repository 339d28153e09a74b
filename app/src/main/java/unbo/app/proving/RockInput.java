package unbo.app.proving;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import unbo.app.web.FieldProblems;
import unbo.core.verification.AccusingTest;

/**
 * The Rock sheet as understood.
 *
 * @param tests value and second value of each test that was entered
 * @param offered tests whose field the form had; of the others it says nothing
 * @param problems at the fields
 */
record RockInput(
    Map<AccusingTest, Double[]> tests, Set<AccusingTest> offered, FieldProblems problems) {

  /** Reads the fields; a test that was repeated already is not read again. */
  static RockInput of(ProveRecord record, Map<String, String> fields) {
    FieldProblems problems = new FieldProblems();
    Map<AccusingTest, Double[]> tests = new EnumMap<>(AccusingTest.class);
    Set<AccusingTest> offered = EnumSet.noneOf(AccusingTest.class);
    for (AccusingTest test : AccusingTest.values()) {
      TestRecord old = record.tests().get(test);
      if (fields.containsKey("before-" + test.id()) && (old == null || old.afterValue() == null)) {
        offered.add(test);
        ProveInput.pair(test, "before", fields, problems).ifPresent(p -> tests.put(test, p));
      }
    }
    return new RockInput(tests, offered, problems);
  }

  /**
   * A record with these tests; what was emptied is taken away, what was repeated or not offered
   * stays.
   */
  ProveRecord on(ProveRecord record) {
    Map<AccusingTest, TestRecord> all = new EnumMap<>(AccusingTest.class);
    all.putAll(record.tests());
    all.keySet().removeAll(offered);
    tests.forEach((test, pair) -> all.put(test, new TestRecord(pair[0], pair[1])));
    return new ProveRecord(
        all,
        record.stops(),
        record.findings(),
        record.recheckOn(),
        record.recheckKm(),
        record.askedThen());
  }
}
