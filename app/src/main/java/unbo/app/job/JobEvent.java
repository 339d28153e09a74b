package unbo.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** One line of a job's history. Lines are only added; a correction names the old value. */
@Entity
public class JobEvent {

  private static final int LONGEST = 1000;

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  @Column(name = "job_id")
  private Long jobId;

  private Instant at;
  private String person;

  @Enumerated(EnumType.STRING)
  private Station station;

  private String text;

  protected JobEvent() {}

  JobEvent(Long jobId, Instant at, String person, Station station, String text) {
    this.jobId = jobId;
    this.at = at;
    this.person = person;
    this.station = station;
    this.text = text.length() > LONGEST ? text.substring(0, LONGEST - 1) + "…" : text;
  }

  public Instant getAt() {
    return at;
  }

  public String getPerson() {
    return person;
  }

  public Station getStation() {
    return station;
  }

  Long getId() {
    return id;
  }

  Long getJobId() {
    return jobId;
  }

  public String getText() {
    return text;
  }
}
