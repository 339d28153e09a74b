package unbo.app.job;

import jakarta.persistence.Embeddable;
import java.time.Instant;

/**
 * A test that accused the bearing, before and after. What first and second mean is the test's: rock
 * mm at radius mm, drag N at radius mm, heat °C of this hub and of the other, end play mm alone.
 */
@Embeddable
public class TestRecord {

  private double beforeValue;
  private Double beforeSecond;
  private Double afterValue;
  private Double afterSecond;
  private String person;
  private Instant at;

  protected TestRecord() {}

  public TestRecord(double beforeValue, Double beforeSecond) {
    this.beforeValue = beforeValue;
    this.beforeSecond = beforeSecond;
  }

  /** The same test with a repeat beside it; nulls take the repeat away. */
  public TestRecord repeated(Double value, Double second, String by, Instant when) {
    TestRecord record = new TestRecord(beforeValue, beforeSecond);
    record.afterValue = value;
    record.afterSecond = second;
    record.person = by;
    record.at = when;
    return record;
  }

  public double getBeforeValue() {
    return beforeValue;
  }

  public Double getBeforeSecond() {
    return beforeSecond;
  }

  public Double getAfterValue() {
    return afterValue;
  }

  public Double getAfterSecond() {
    return afterSecond;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
