package unbo.app.job;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Optional;
import unbo.core.setting.School;

/** The last change of a job and what stood before it. */
@Entity
public class JobUndo {

  @Id private Long jobId;
  private Long eventId;
  private String text;
  private String person;
  private Instant at;
  private String stateBefore;

  @Enumerated(EnumType.STRING)
  private School schoolBefore;

  protected JobUndo() {}

  /**
   * What takes an event back.
   *
   * @param schoolBefore the vehicle's, null where the event was not about it: it holds for the
   *     vehicle's other jobs too
   */
  JobUndo(JobEvent event, String stateBefore, School schoolBefore) {
    this.jobId = event.getJobId();
    this.eventId = event.getId();
    this.text = event.getText();
    this.person = event.getPerson();
    this.at = event.getAt();
    this.stateBefore = stateBefore;
    this.schoolBefore = schoolBefore;
  }

  /** The history line that it takes back; a form that names another one is out of date. */
  public Long getEventId() {
    return eventId;
  }

  public String getText() {
    return text;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }

  /** A line that follows by itself goes back together with this change. */
  void goesWith(JobEvent event) {
    this.eventId = event.getId();
  }

  JobState before() {
    return JobState.of(stateBefore);
  }

  Optional<School> schoolBefore() {
    return Optional.ofNullable(schoolBefore);
  }
}
