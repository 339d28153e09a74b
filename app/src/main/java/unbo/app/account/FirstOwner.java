package unbo.app.account;

import java.security.MessageDigest;
import java.security.SecureRandom;
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

  /** Letters and digits that are not taken for one another. */
  private static final String SIGNS = "ABCDEFGHJKLMNPQRTUVWXY346789";

  private static final int LENGTH = 12;
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
      code = newCode();
      System.out.println("Unbo has no owner yet. One-time code for /first-owner: " + code);
    } else {
      System.out.println("Unbo has an owner.");
    }
    System.out.flush();
  }

  private static String newCode() {
    SecureRandom random = new SecureRandom();
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      text.append(i > 0 && i % 4 == 0 ? "-" : "")
          .append(SIGNS.charAt(random.nextInt(SIGNS.length())));
    }
    return text.toString();
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
    String wanted = code.replace("-", "");
    String given = typed.toUpperCase(java.util.Locale.ROOT).replaceAll("[^A-Z0-9]", "");
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
