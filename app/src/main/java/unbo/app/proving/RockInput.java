package unbo.app.proving;

import java.util.EnumMap;
import java.util.Map;
import unbo.app.web.FieldProblems;
import unbo.core.verification.AccusingTest;

/**
 * The Rock sheet as understood.
 *
 * @param tests value and second value of each test that was entered
 * @param problems at the fields
 */
record RockInput(Map<AccusingTest, Double[]> tests, FieldProblems problems) {

  /** Reads the fields; a test that was repeated already is not read again. */
  static RockInput of(ProveRecord record, Map<String, String> fields) {
    FieldProblems problems = new FieldProblems();
    Map<AccusingTest, Double[]> tests = new EnumMap<>(AccusingTest.class);
    for (AccusingTest test : AccusingTest.values()) {
      TestRecord old = record.tests().get(test);
      if (old == null || old.afterValue() == null) {
        ProveInput.pair(test, "before", fields, problems).ifPresent(p -> tests.put(test, p));
      }
    }
    return new RockInput(tests, problems);
  }

  /** A record with these tests; what is empty now is taken away, what was repeated stays. */
  ProveRecord on(ProveRecord record) {
    Map<AccusingTest, TestRecord> all = new EnumMap<>(AccusingTest.class);
    record
        .tests()
        .forEach(
            (test, old) -> {
              if (old.afterValue() != null) {
                all.put(test, old);
              }
            });
    tests.forEach((test, pair) -> all.put(test, new TestRecord(pair[0], pair[1])));
    return new ProveRecord(
        all, record.stops(), record.findings(), record.recheckOn(), record.recheckKm());
  }
}
