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
 * @param tests what was read in each test that was entered
 * @param inOrder tests whose reading was in order
 * @param offered tests whose field the form had; of the others it says nothing
 * @param problems at the fields
 */
record RockInput(
    Map<AccusingTest, TestReading> tests,
    Set<AccusingTest> inOrder,
    Set<AccusingTest> offered,
    FieldProblems problems) {

  /** Reads the fields; a test that was repeated already is not read again. */
  static RockInput of(ProveRecord record, Map<String, String> fields) {
    RockInput input =
        new RockInput(
            new EnumMap<>(AccusingTest.class),
            EnumSet.noneOf(AccusingTest.class),
            EnumSet.noneOf(AccusingTest.class),
            new FieldProblems());
    for (AccusingTest test : AccusingTest.values()) {
      TestRecord old = record.tests().get(test);
      if (fields.containsKey("before-" + test.id()) && (old == null || !old.isRepeated())) {
        input.read(test, fields);
      }
    }
    return input;
  }

  private void read(AccusingTest test, Map<String, String> fields) {
    offered.add(test);
    new TestEntry(test, "before", fields, problems).read().ifPresent(r -> tests.put(test, r));
    if (fields.containsKey("in-order-" + test.id())) {
      inOrder.add(test);
    }
  }

  /**
   * A record with these tests; what was emptied is taken away, what was repeated or not offered
   * stays.
   */
  ProveRecord on(ProveRecord record) {
    Map<AccusingTest, TestRecord> all = new EnumMap<>(AccusingTest.class);
    all.putAll(record.tests());
    all.keySet().removeAll(offered);
    tests.forEach((test, read) -> all.put(test, new TestRecord(read, inOrder.contains(test))));
    return new ProveRecord(
        all,
        record.stops(),
        record.findings(),
        record.recheckOn(),
        record.recheckKm(),
        record.askedThen());
  }
}
