package unbo.app.job;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import unbo.core.diagnosis.Cause;
import unbo.core.diagnosis.Urgency;

/**
 * What a diagnosis came to when it opened the job: the likeliest cause, how likely, how urgent, and
 * whether the parts must be looked at before anything is set.
 */
@Embeddable
public class Opening {

  private static final int LONGEST_WHY = 500;

  @Column(name = "opening_cause")
  private String cause;

  @Column(name = "opening_share")
  private Double share;

  @Column(name = "opening_action")
  private String action;

  @Column(name = "opening_if_left")
  private String ifLeft;

  @Column(name = "opening_urgency")
  @Enumerated(EnumType.STRING)
  private Urgency urgency;

  @Column(name = "opening_look_why")
  private String lookWhy;

  private String lookedBy;
  private Instant lookedAt;
  private String lookedNote;
  private Boolean lookedWaived;

  public Opening() {}

  /** The likeliest cause, its share from 0 to 1, and urgency and danger of the whole. */
  public Opening(Cause cause, double share, Urgency urgency, String ifLeft, String lookWhy) {
    this.cause = cause.label();
    this.share = share;
    this.action = cause.action();
    this.ifLeft = ifLeft;
    this.urgency = urgency;
    this.lookWhy = lookWhy.length() > LONGEST_WHY ? lookWhy.substring(0, LONGEST_WHY) : lookWhy;
  }

  /** The same after somebody looked, or waived it by name. */
  Opening looked(String note, boolean waived, String person, Instant at) {
    Opening looked = new Opening();
    looked.cause = cause;
    looked.share = share;
    looked.action = action;
    looked.ifLeft = ifLeft;
    looked.urgency = urgency;
    looked.lookWhy = lookWhy;
    looked.lookedBy = person;
    looked.lookedAt = at;
    looked.lookedNote = note;
    looked.lookedWaived = waived;
    return looked;
  }

  public boolean isKnown() {
    return cause != null;
  }

  /** Whether something that was found calls for a look, and nobody has looked. */
  boolean isLookOwed() {
    return lookWhy != null && !lookWhy.isEmpty() && lookedAt == null;
  }

  /** In a line: the cause, how likely, what is done. */
  public String line() {
    return isKnown()
        ? cause + ", " + Math.round(share * 100) + " % likely by these tests; " + action
        : "";
  }

  public boolean isStop() {
    return urgency == Urgency.STOP;
  }

  public Urgency getUrgency() {
    return urgency;
  }

  public String getCause() {
    return cause;
  }

  public String getIfLeft() {
    return ifLeft;
  }

  public String getLookWhy() {
    return lookWhy;
  }

  public String getLookedBy() {
    return lookedBy;
  }

  public Instant getLookedAt() {
    return lookedAt;
  }

  public String getLookedNote() {
    return lookedNote;
  }

  public boolean isLookedWaived() {
    return Boolean.TRUE.equals(lookedWaived);
  }
}
