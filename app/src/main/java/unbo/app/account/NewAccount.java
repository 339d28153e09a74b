package unbo.app.account;

import java.util.Map;
import java.util.Optional;
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

  private static final int LEAST_PASSWORD = 10;

  /** BCrypt reads 72 bytes and no more. */
  private static final int MOST_PASSWORD_BYTES = 72;

  public String get(String field) {
    return fields.getOrDefault(field, "");
  }

  /** The account, or empty when something is wrong; then the problems say what. */
  Optional<Account> account(Role role, AccountRepository accounts, PasswordEncoder passwords) {
    String username = get("username").strip();
    String name = get("name").strip();
    String password = get("password");
    if (!username.matches("[a-z][a-z0-9.-]{1,39}")) {
      add("username", username, "2 to 40 small letters, digits, dots or hyphens, a letter first.");
    } else if (accounts.findByUsername(username).isPresent()) {
      add("username", username, "This user name is taken: choose another one.");
    }
    if (name.isEmpty() || name.length() > 80) {
      add("name", name, "The name as it shall stand on job sheets, up to 80 characters.");
    }
    int bytes = password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length;
    if (password.length() < LEAST_PASSWORD || bytes > MOST_PASSWORD_BYTES) {
      add("password", "", "Ten characters at least, 72 bytes at most; three words are good.");
    } else if (!password.equals(get("again"))) {
      add("again", "", "The two passwords are not the same: type both once more.");
    }
    return problems.isEmpty()
        ? Optional.of(new Account(username, name, role, passwords.encode(password)))
        : Optional.empty();
  }

  private void add(String field, String found, String remedy) {
    problems.add(field, new Problem(found, "That cannot be taken.", remedy));
  }
}
