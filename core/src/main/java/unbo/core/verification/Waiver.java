package unbo.core.verification;

import java.util.Optional;
import unbo.core.units.Problem;

/**
 * A hard stop waived by name: who, in which role, why.
 *
 * @param name who waives
 * @param role the role, which must be allowed to
 * @param reason why, at least {@value #SHORTEST_REASON} characters
 */
public record Waiver(String name, Role role, String reason) {

  private static final int SHORTEST_REASON = 10;
  private static final int LONGEST_REASON = 500;

  /** Why a waiver is not taken, if so. */
  public static Optional<Problem> problemWith(Role role, String reason) {
    if (!role.mayWaive()) {
      return Optional.of(
          new Problem(
              "",
              "An apprentice cannot waive.",
              "Ask a mechanic or an owner to waive the check; their name is recorded."));
    }
    int length = reason.strip().length();
    if (length < SHORTEST_REASON) {
      return Optional.of(
          new Problem(
              reason,
              "A waiver needs a reason.",
              "Say in a sentence why the work may go on without this check."));
    }
    if (length > LONGEST_REASON) {
      return Optional.of(
          new Problem(reason, "The reason is too long.", "Enter 500 characters at most."));
    }
    return Optional.empty();
  }
}
