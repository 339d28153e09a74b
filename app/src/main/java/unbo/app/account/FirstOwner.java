package unbo.app.account;

import java.security.MessageDigest;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.annotation.Profile;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The one-time code with which the first owner is made. While there is no account, each start makes
 * one and prints it where the application was started; it ends with its use or after ten wrong
 * tries.
 */
@Component
@Profile("!demo")
class FirstOwner {

  private static final int MOST_TRIES = 10;

  private final AccountRepository accounts;
  private String code = "";
  private int tries;

  FirstOwner(AccountRepository accounts) {
    this.accounts = accounts;
  }

  @EventListener(ApplicationReadyEvent.class)
  void announce() {
    // Printed, not logged: a log file is kept, this code must not be. The script waits for a line.
    if (isWanted()) {
      code = Secrets.newCode();
      System.out.println("Unbo has no owner yet. One-time code for /first-owner: " + code);
    } else {
      System.out.println("Unbo has an owner.");
    }
    System.out.flush();
  }

  /** Whether an owner is still wanted. */
  boolean isWanted() {
    return accounts.count() == 0;
  }

  boolean isWornOut() {
    return tries >= MOST_TRIES;
  }

  /** Whether a code is the right one; every wrong one counts. */
  synchronized boolean accepts(String typed) {
    String wanted = Secrets.plain(code);
    String given = Secrets.plain(typed);
    boolean right =
        !wanted.isEmpty()
            && !isWornOut()
            && MessageDigest.isEqual(wanted.getBytes(), given.getBytes());
    tries += right ? 0 : 1;
    return right;
  }

  synchronized void used() {
    code = "";
  }
}
