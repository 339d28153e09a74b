package unbo.app.job;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.Instant;
import java.util.Objects;
import unbo.core.verification.Role;

/** A hard stop met, or waived by name with a reason. */
@Embeddable
public class StopMark {

  private boolean waived;
  private String detail;
  private String person;

  @Enumerated(EnumType.STRING)
  private Role role;

  private Instant at;

  protected StopMark() {}

  private StopMark(boolean waived, String detail, String person, Role role, Instant at) {
    this.waived = waived;
    this.detail = detail;
    this.person = person;
    this.role = role;
    this.at = at;
  }

  public static StopMark met(String detail, String person, Role role, Instant at) {
    return new StopMark(false, detail, person, role, at);
  }

  public static StopMark waived(String reason, String person, Role role, Instant at) {
    return new StopMark(true, reason, person, role, at);
  }

  /** Whether it says the same by the same person at the same moment. */
  @Override
  public boolean equals(Object other) {
    return other instanceof StopMark mark
        && waived == mark.waived
        && Objects.equals(detail, mark.detail)
        && Objects.equals(person, mark.person)
        && role == mark.role
        && Objects.equals(at, mark.at);
  }

  @Override
  public int hashCode() {
    return Objects.hash(waived, detail, person, role, at);
  }

  public boolean isWaived() {
    return waived;
  }

  public String getDetail() {
    return detail;
  }

  public String getPerson() {
    return person;
  }

  public Role getRole() {
    return role;
  }

  public Instant getAt() {
    return at;
  }
}
