package unbo.app.photograph;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** A photograph of a job, without its picture; one that was deleted keeps who did it and why. */
@Entity
public class Photograph {

  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long jobId;
  private String station;
  private String name;
  private boolean good;
  private int width;
  private int height;
  private String person;
  private Instant at;
  private String deletedBy;
  private Instant deletedAt;
  private String reason;

  protected Photograph() {}

  Photograph(NewPhotograph from, PictureReader.Prepared prepared, String person, Instant at) {
    this.jobId = from.jobId();
    this.station = from.station();
    this.name = from.name();
    this.good = from.good();
    this.width = prepared.width();
    this.height = prepared.height();
    this.person = person;
    this.at = at;
  }

  void delete(String by, Instant when, String why) {
    deletedBy = by;
    deletedAt = when;
    reason = why;
  }

  public Long getId() {
    return id;
  }

  public Long getJobId() {
    return jobId;
  }

  public String getStation() {
    return station;
  }

  public String getName() {
    return name;
  }

  /** Whether it shows a good part, to be compared with. */
  public boolean isGood() {
    return good;
  }

  public int getWidth() {
    return width;
  }

  public int getHeight() {
    return height;
  }

  public String getPerson() {
    return person;
  }

  public Instant getAt() {
    return at;
  }

  public boolean isDeleted() {
    return deletedAt != null;
  }

  public String getDeletedBy() {
    return deletedBy;
  }

  public Instant getDeletedAt() {
    return deletedAt;
  }

  public String getReason() {
    return reason;
  }

  /** Where it is shown, and below which its picture lies. */
  public String address() {
    return "/jobs/" + jobId + "/photographs/" + id;
  }
}
