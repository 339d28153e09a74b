package unbo.app.listening;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** An answer to a test as somebody gave it. It is never changed, only struck out and put back. */
@Entity
@Table(name = "listening_answer")
public class GivenAnswer {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long listeningId;
  private String test;
  private String answer;
  private String heard;
  private String reading;
  private String person;
  private Instant at;
  private String struckBy;
  private Instant struckAt;

  protected GivenAnswer() {}

  /**
   * An answer.
   *
   * @param answer the answer's word; empty for a test passed over
   * @param heard the words of a complaint that gave it; empty when it was pressed
   * @param reading what was measured, as {@link Gauged} writes it; may be empty
   */
  GivenAnswer(
      long listeningId,
      String test,
      String answer,
      String heard,
      String reading,
      String person,
      Instant at) {
    this.listeningId = listeningId;
    this.test = test;
    this.answer = answer;
    this.heard = heard;
    this.reading = reading;
    this.person = person;
    this.at = at;
  }

  void strike(String by, Instant when) {
    this.struckBy = by;
    this.struckAt = when;
  }

  void putBack() {
    this.struckBy = null;
    this.struckAt = null;
  }

  boolean isSkip() {
    return answer.isEmpty();
  }

  public boolean isStruck() {
    return struckAt != null;
  }

  public Long getId() {
    return id;
  }

  Long getListeningId() {
    return listeningId;
  }

  public String getTest() {
    return test;
  }

  public String getAnswer() {
    return answer;
  }

  public String getHeard() {
    return heard;
  }

  public String getReading() {
    return reading;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }

  public String getStruckBy() {
    return struckBy;
  }
}
