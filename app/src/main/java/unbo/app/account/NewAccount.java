package unbo.app.account;

import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import unbo.app.web.FieldProblems;
import unbo.core.units.Problem;
import unbo.core.verification.Role;

/**
 * A new account as typed. Passwords are never shown again, not even when something else is wrong.
 *
 * @param fields as typed
 * @param problems at the fields
 */
public record NewAccount(Map<String, String> fields, FieldProblems problems) {

  private static final String TAKEN = "This user name is taken: choose another one.";

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  /** The account, or empty when something is wrong; then the problems say what. */
  Optional<Account> account(Role role, AccountRepository accounts, PasswordEncoder passwords) {
    String username = get("username").strip();
    String name = PersonName.kept(get("name"));
    if (!UserName.isWellFormed(username)) {
      add(
          "username",
          username,
          "Enter 2 to 40 lower-case letters, digits, dots or hyphens, a letter first.");
    } else if (accounts.findByUsername(username).isPresent()) {
      add("username", username, TAKEN);
    }
    if (name.isEmpty() || name.length() > PersonName.LONGEST) {
      add("name", name, "Enter the name as it should appear on job sheets, up to 80 characters.");
    } else if (accounts.existsByNameKey(PersonName.key(name))) {
      add("name", name, "Somebody here signs with this name: add what tells the two apart.");
    }
    new NewPassword(get("password"), get("again")).check(username, name, problems);
    return problems.isEmpty()
        ? Optional.of(new Account(username, name, role, passwords.encode(get("password"))))
        : Optional.empty();
  }

  /** Keeps it, unless somebody took the same name in the same instant. */
  boolean save(Account account, AccountRepository accounts) {
    try {
      accounts.saveAndFlush(account);
      return true;
    } catch (DataIntegrityViolationException e) {
      add("username", account.getUsername(), TAKEN);
      return false;
    }
  }

  private void add(String field, String found, String remedy) {
    problems.add(field, new Problem(found, "Not accepted.", remedy));
  }
}
