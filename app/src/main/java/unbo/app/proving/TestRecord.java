package unbo.app.proving;

import java.time.Instant;

/**
 * A test that accused the bearing, before and after. What first and second mean is the test's: rock
 * mm at radius mm, drag N at radius mm, heat °C of this hub and of the other, end play mm alone.
 *
 * @param beforeSecond null where the test has one number
 * @param afterValue null while it was not repeated
 * @param person who repeated it, null while nobody has
 */
public record TestRecord(
    double beforeValue,
    Double beforeSecond,
    Double afterValue,
    Double afterSecond,
    String person,
    Instant at) {

  public TestRecord(double beforeValue, Double beforeSecond) {
    this(beforeValue, beforeSecond, null, null, null, null);
  }

  /** The same test with a repeat beside it; nulls take the repeat away. */
  public TestRecord repeated(Double value, Double second, String by, Instant when) {
    return new TestRecord(beforeValue, beforeSecond, value, second, by, when);
  }
}
