package unbo.app.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

/** The buckets by a clock that stands until it is moved. */
class SignInAttemptsTest {

  private static final class HandClock extends Clock {
    private Instant now = Instant.parse("2026-01-01T08:00:00Z");

    @Override
    public Instant instant() {
      return now;
    }

    @Override
    public Clock withZone(ZoneId zone) {
      return this;
    }

    @Override
    public ZoneId getZone() {
      return ZoneOffset.UTC;
    }
  }

  private final HandClock clock = new HandClock();
  private final SignInAttempts attempts = new SignInAttempts(clock);

  private int triesUntilRefused(String name, String address) {
    int tries = 0;
    while (attempts.mayTry(name, address)) {
      tries++;
    }
    return tries;
  }

  @Test
  void aNameHasEightTriesAtAnAddressAndOneMoreEveryHalfMinute() {
    assertThat(triesUntilRefused("joren", "a")).isEqualTo(8);
    clock.now = clock.now.plusSeconds(29);
    assertThat(attempts.mayTry("joren", "a")).isFalse();
    clock.now = clock.now.plusSeconds(2);
    assertThat(triesUntilRefused("joren", "a")).isEqualTo(1);
    assertThat(triesUntilRefused("joren", "b")).as("from elsewhere").isEqualTo(8);
  }

  @Test
  void anAddressHasSixtyTriesOverAllNamesAndOneMoreEverySecond() {
    int tries = 0;
    while (attempts.mayTry("name" + tries, "a")) {
      tries++;
    }
    assertThat(tries).isEqualTo(60);
    clock.now = clock.now.plusSeconds(5);
    int more = 0;
    while (attempts.mayTry("other" + more, "a")) {
      more++;
    }
    assertThat(more).isEqualTo(5);
  }

  /** A thousand right sign-ins of a shop behind one address never run into the bound. */
  @Test
  void whoeverKnowsThePasswordIsNeverCounted() {
    for (int i = 0; i < 1000; i++) {
      assertThat(attempts.mayTry("joren", "a")).isTrue();
      attempts.succeeded("joren", "a");
    }
  }

  @Test
  void afterTenQuietMinutesEverythingIsForgotten() {
    triesUntilRefused("joren", "a");
    clock.now = clock.now.plus(Duration.ofMinutes(10));
    assertThat(triesUntilRefused("joren", "a")).isEqualTo(8);
  }
}
