package unbo.app.account;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.context.event.EventListener;
import org.springframework.security.authentication.event.AbstractAuthenticationFailureEvent;
import org.springframework.security.authentication.event.AuthenticationSuccessEvent;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing: after {@value #ALLOWED} wrong passwords for one user name, signing in under
 * it pauses until {@code PAUSE} after the last of them. Kept in memory; a restart forgets it.
 */
@Component
class SignInAttempts {

  static final int ALLOWED = 8;
  private static final Duration PAUSE = Duration.ofMinutes(5);
  private static final int MOST_NAMES = 10_000;

  private record Failures(int count, Instant last) {}

  private final Map<String, Failures> byName = new ConcurrentHashMap<>();
  private final Clock clock;

  SignInAttempts(Clock clock) {
    this.clock = clock;
  }

  boolean isPaused(String username) {
    Failures failures = byName.get(username);
    return failures != null && failures.count >= ALLOWED && isRecent(failures);
  }

  @EventListener
  void failed(AbstractAuthenticationFailureEvent event) {
    if (byName.size() >= MOST_NAMES) {
      byName.clear();
    }
    Instant now = clock.instant();
    byName.merge(
        event.getAuthentication().getName(),
        new Failures(1, now),
        (old, one) -> isRecent(old) ? new Failures(old.count + 1, now) : one);
  }

  @EventListener
  void succeeded(AuthenticationSuccessEvent event) {
    byName.remove(event.getAuthentication().getName());
  }

  private boolean isRecent(Failures failures) {
    return failures.last.plus(PAUSE).isAfter(clock.instant());
  }
}
