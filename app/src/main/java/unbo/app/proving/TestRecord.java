package unbo.app.proving;

import java.time.Instant;

/**
 * A test that was measured before the work, and done again.
 *
 * @param before what was read then
 * @param after what was read when it was repeated; null while it was not
 * @param person who repeated it; null while nobody has
 * @param inOrder whether the reading before was in order, so that it accuses nothing
 */
public record TestRecord(
    TestReading before, TestReading after, String person, Instant at, boolean inOrder) {

  public TestRecord(double beforeValue, Double beforeSecond) {
    this(TestReading.of(beforeValue, beforeSecond), false);
  }

  TestRecord(TestReading before, boolean inOrder) {
    this(before, null, null, null, inOrder);
  }

  /** The same test with a repeat beside it. */
  public TestRecord repeated(double value, Double second, String by, Instant when) {
    return repeated(TestReading.of(value, second), by, when);
  }

  TestRecord repeated(TestReading now, String by, Instant when) {
    return new TestRecord(before, now, by, when, inOrder);
  }

  /** The same without its repeat. */
  TestRecord notRepeated() {
    return new TestRecord(before, inOrder);
  }

  boolean isRepeated() {
    return after != null;
  }
}
