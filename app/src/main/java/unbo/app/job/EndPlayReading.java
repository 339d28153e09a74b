package unbo.app.job;

import jakarta.persistence.Embeddable;
import java.time.Instant;

/** One dialled reading: as typed, in millimetres, by whom and when. */
@Embeddable
public class EndPlayReading {

  private String typed;
  private double valueMm;
  private String person;
  private Instant at;

  protected EndPlayReading() {}

  public EndPlayReading(String typed, double valueMm, String person, Instant at) {
    this.typed = typed;
    this.valueMm = valueMm;
    this.person = person;
    this.at = at;
  }

  public String getTyped() {
    return typed;
  }

  public double getValueMm() {
    return valueMm;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
