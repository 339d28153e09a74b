package unbo.app.account;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes, knows and revokes tokens. */
@Service
class ApiTokens {

  private static final int BYTES = 32;
  private static final Duration SAME_USE = Duration.ofMinutes(1);
  static final int DAYS = 365;

  private final ApiTokenRepository tokens;
  private final AccountRepository accounts;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  ApiTokens(ApiTokenRepository tokens, AccountRepository accounts, Clock clock) {
    this.tokens = tokens;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** Makes a token for {@value #DAYS} days and returns it; it cannot be shown again. */
  @Transactional
  String make(String username, String name) {
    byte[] bytes = new byte[BYTES];
    random.nextBytes(bytes);
    String token = "unbo_" + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    Account account = accounts.findByUsername(username).orElseThrow();
    tokens.save(
        new ApiToken(
            account,
            name,
            Secrets.hash(token),
            clock.instant(),
            clock.instant().plus(Duration.ofDays(DAYS))));
    return token;
  }

  /** Whose token it is; empty when it is unknown, revoked, at its end or of a closed account. */
  @Transactional
  Optional<Person> person(String token) {
    return tokens
        .findByTokenHashAndRevokedAtIsNull(Secrets.hash(token))
        .filter(t -> t.holds(clock.instant()))
        .map(
            t -> {
              noteUse(t);
              return new Person(t.getAccount());
            });
  }

  /** Once a minute is enough to tell whether a token is still in use. */
  private void noteUse(ApiToken token) {
    Instant now = clock.instant();
    Instant last = token.getLastUsedAt();
    if (last == null || last.plus(SAME_USE).isBefore(now)) {
      token.used(now);
    }
  }

  @Transactional(readOnly = true)
  List<ApiToken> of(String username) {
    return tokens.findByAccountUsernameOrderByIdDesc(username);
  }

  /** Everybody's tokens that are not revoked. */
  @Transactional(readOnly = true)
  List<ApiToken> all() {
    return tokens.findByRevokedAtIsNullOrderByAccountNameAscIdDesc();
  }

  /** Revokes one of a person's own tokens; another's is left alone. */
  @Transactional
  void revoke(String username, long id) {
    tokens
        .findById(id)
        .filter(t -> t.getAccount().getUsername().equals(username))
        .ifPresent(this::end);
  }

  /** Revokes anybody's token; for an owner. */
  @Transactional
  void revokeAnybodys(long id) {
    tokens.findById(id).ifPresent(this::end);
  }

  /** Revokes everything of a person. */
  @Transactional
  void revokeAll(String username) {
    of(username).forEach(this::end);
  }

  private void end(ApiToken token) {
    if (!token.isRevoked()) {
      token.revoke(clock.instant());
    }
  }
}
