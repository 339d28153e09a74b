package unbo.app.job;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.Optional;
import unbo.core.verification.Repeat;

/** A finding that a job was opened with, and what its repeat showed. */
@Embeddable
public class OpeningFinding {

  private String test;
  private String question;
  private String answer;
  private String reading;
  private boolean repeated;

  @Enumerated(EnumType.STRING)
  private Repeat.Outcome outcome;

  private String person;
  private Instant at;

  protected OpeningFinding() {}

  /**
   * A finding.
   *
   * @param test the diagnosis test
   * @param question what was asked
   * @param answer what was answered
   * @param reading what was measured, in words; may be empty
   * @param repeated whether Prove asks for it again
   */
  public OpeningFinding(
      String test, String question, String answer, String reading, boolean repeated) {
    this.test = test;
    this.question = question;
    this.answer = answer;
    this.reading = reading;
    this.repeated = repeated;
  }

  /** The same with what its repeat showed; null takes the repeat away. */
  public OpeningFinding with(Repeat.Outcome shown, String by, Instant when) {
    OpeningFinding finding = new OpeningFinding(test, question, answer, reading, repeated);
    finding.outcome = shown;
    finding.person = shown == null ? null : by;
    finding.at = shown == null ? null : when;
    return finding;
  }

  /** As Prove judges it. */
  public Repeat repeat() {
    return new Repeat(question + " " + answer, Optional.ofNullable(outcome));
  }

  public String getQuestion() {
    return question;
  }

  public String getAnswer() {
    return answer;
  }

  public String getReading() {
    return reading;
  }

  /** Whether Prove asks for it again. */
  public boolean isRepeated() {
    return repeated;
  }

  public Repeat.Outcome getOutcome() {
    return outcome;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }
}
