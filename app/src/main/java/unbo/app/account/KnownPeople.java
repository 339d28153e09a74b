package unbo.app.account;

import java.util.Optional;
import org.springframework.stereotype.Service;

/** Tells other features whether somebody works here. */
@Service
public class KnownPeople {

  private final AccountRepository accounts;

  KnownPeople(AccountRepository accounts) {
    this.accounts = accounts;
  }

  /** Whether somebody signs in under this very name. */
  public boolean isKnown(String username) {
    return Optional.of(username)
        .filter(UserName::isWellFormed)
        .flatMap(accounts::findByUsername)
        .filter(Account::isActive)
        .isPresent();
  }
}
