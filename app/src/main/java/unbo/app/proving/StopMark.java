package unbo.app.proving;

import java.time.Instant;
import unbo.core.verification.Role;

/** A hard stop met, or waived by name with a reason. */
public record StopMark(boolean waived, String detail, String person, Role role, Instant at) {

  public static StopMark met(String detail, String person, Role role, Instant at) {
    return new StopMark(false, detail, person, role, at);
  }

  public static StopMark waived(String reason, String person, Role role, Instant at) {
    return new StopMark(true, reason, person, role, at);
  }
}
