package unbo.app.account;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.TimeMeter;
import java.time.Clock;
import java.time.Duration;
import org.springframework.stereotype.Component;

/**
 * Slows down guessing. A try takes from two buckets and a right password gives back: one for the
 * user name <em>and</em> the address together ({@value #FOR_NAME} tries, then one every 30 s), one
 * for the address ({@value #FOR_ADDRESS}, then one a second). Nothing is counted for a name alone:
 * whoever tries another's name from elsewhere cannot lock that person out; the price is that
 * guesses from many addresses add up. Kept in memory, bounded, forgotten after ten minutes without
 * a try.
 */
@Component
class SignInAttempts {

  static final int FOR_NAME = 8;
  static final int FOR_ADDRESS = 60;
  private static final Duration NAME_REFILL = Duration.ofSeconds(30);
  private static final Duration ADDRESS_REFILL = Duration.ofSeconds(1);
  private static final Duration FORGOTTEN = Duration.ofMinutes(10);
  private static final int MOST_KEPT = 20_000;

  private record Pair(String name, String address) {}

  private final TimeMeter time;
  private final LoadingCache<Pair, Bucket> byName;
  private final LoadingCache<String, Bucket> byAddress;

  SignInAttempts(Clock clock) {
    this.time = new ClockTime(clock);
    this.byName = kept(FOR_NAME, NAME_REFILL);
    this.byAddress = kept(FOR_ADDRESS, ADDRESS_REFILL);
  }

  private <K> LoadingCache<K, Bucket> kept(int most, Duration refill) {
    Bandwidth limit = Bandwidth.builder().capacity(most).refillGreedy(1, refill).build();
    return Caffeine.newBuilder()
        .maximumSize(MOST_KEPT)
        .expireAfterAccess(FORGOTTEN)
        .build(key -> Bucket.builder().addLimit(limit).withCustomTimePrecision(time).build());
  }

  /** Whether a password may be looked at; counted as a wrong one until {@link #succeeded}. */
  boolean mayTry(String name, String address) {
    return byAddress.get(address).tryConsume(1)
        && byName.get(new Pair(name, address)).tryConsume(1);
  }

  /** The password was right: nothing is held against this name at this address any more. */
  void succeeded(String name, String address) {
    byAddress.get(address).addTokens(1);
    byName.invalidate(new Pair(name, address));
  }

  /** The application's clock as the buckets read it. */
  private record ClockTime(Clock clock) implements TimeMeter {
    @Override
    public long currentTimeNanos() {
      return Math.multiplyExact(clock.millis(), 1_000_000L);
    }

    @Override
    public boolean isWallClockBased() {
      return true;
    }
  }
}
