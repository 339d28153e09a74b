package unbo.app.account;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.session.SessionInformation;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import unbo.app.web.NoSuchPage;
import unbo.core.verification.Role;

/**
 * What becomes of the people of a shop: roles, coming back, going, passwords. Whatever takes
 * something from a person ends that person's sessions in the same moment.
 */
@Service
class People {

  static final Duration CODE_HOLDS = Duration.ofHours(24);
  private static final int MOST_CODE_TRIES = 10;

  private final AccountRepository accounts;
  private final ApiTokens tokens;
  private final PasswordEncoder passwords;
  private final SessionRegistry sessions;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  People(
      AccountRepository accounts,
      ApiTokens tokens,
      PasswordEncoder passwords,
      SessionRegistry sessions,
      ApplicationEventPublisher events,
      Clock clock) {
    this.accounts = accounts;
    this.tokens = tokens;
    this.passwords = passwords;
    this.sessions = sessions;
    this.events = events;
    this.clock = clock;
  }

  /** Thrown when a change would leave the shop without an owner who can sign in. */
  static final class LastOwner extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  List<Account> all() {
    return accounts.findAllByOrderByActiveDescNameAsc();
  }

  @Transactional
  Account changeRole(String username, Role role) {
    Account account = toChange(username, role == Role.OWNER);
    account.setRole(role);
    endAfterCommit(account, null);
    return account;
  }

  /** Closes an account: sessions and tokens end at once, records keep the name. */
  @Transactional
  Account deactivate(String username) {
    Account account = toChange(username, false);
    account.setActive(false);
    tokens.revokeAll(username);
    endAfterCommit(account, null);
    return account;
  }

  /** Lets a person in again, with the password of before. */
  @Transactional
  Account activate(String username) {
    Account account = toChange(username, true);
    account.setActive(true);
    return account;
  }

  /** Makes a code with which a person sets a new password; the old one holds until then. */
  @Transactional
  String allowReset(String username) {
    Account account = toChange(username, true);
    String code = Secrets.newCode();
    account.allowReset(Secrets.hash(Secrets.plain(code)), clock.instant().plus(CODE_HOLDS));
    return code;
  }

  /**
   * Sets a new password by a code that an owner gave out.
   *
   * @return whether the code was right; a wrong one counts, ten end it
   */
  @Transactional
  boolean reset(String username, String code, String password) {
    Optional<Account> found =
        accounts.toChange().stream()
            .filter(a -> a.isActive() && a.getUsername().equals(username))
            .findFirst();
    boolean right =
        found
            .filter(
                a ->
                    a.acceptsReset(
                        Secrets.hash(Secrets.plain(code)), clock.instant(), MOST_CODE_TRIES))
            .isPresent();
    if (right) {
      found.get().setPasswordHash(passwords.encode(password));
      endAfterCommit(found.get(), null);
    }
    return right;
  }

  /**
   * Changes a person's own password.
   *
   * @param session the session that goes on; the person's others end
   * @return whether the old password was right
   */
  @Transactional
  boolean changePassword(String username, String old, String fresh, String session) {
    Account account = accounts.findByUsername(username).orElseThrow();
    if (!passwords.matches(old, account.getPasswordHash())) {
      return false;
    }
    account.setPasswordHash(passwords.encode(fresh));
    endAfterCommit(account, session);
    return true;
  }

  private Account toChange(String username, boolean remainsOwner) {
    List<Account> all = accounts.toChange();
    Account account =
        all.stream()
            .filter(a -> a.getUsername().equals(username))
            .findFirst()
            .orElseThrow(() -> new NoSuchPage("There is no such person."));
    boolean another =
        all.stream().anyMatch(a -> a != account && a.isActive() && a.getRole() == Role.OWNER);
    if (account.getRole() == Role.OWNER && account.isActive() && !remainsOwner && !another) {
      throw new LastOwner();
    }
    return account;
  }

  /** Not before it is kept: a session that ends must not come back by the old record. */
  private void endAfterCommit(Account account, String butSession) {
    Person person = new Person(account);
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCommit() {
            sessions.getAllSessions(person, false).stream()
                .filter(s -> !s.getSessionId().equals(butSession))
                .forEach(SessionInformation::expireNow);
            if (butSession == null) {
              events.publishEvent(new SessionsEnded(person.getUsername()));
            }
          }
        });
  }
}
