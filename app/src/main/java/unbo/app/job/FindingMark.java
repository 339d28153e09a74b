package unbo.app.job;

import jakarta.persistence.Embeddable;
import java.time.Instant;

/** Who found something that keeps the vehicle off the road, and when. */
@Embeddable
public class FindingMark {

  private String person;
  private Instant at;

  protected FindingMark() {}

  public FindingMark(String person, Instant at) {
    this.person = person;
    this.at = at;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
