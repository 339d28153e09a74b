package unbo.app.account;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which passwords are taken: 12 characters at least, none of the commonest, and not the person's
 * own names. Length and a list instead of wanted kinds of character: NIST SP 800-63B, 5.1.1.2.
 */
final class PasswordRule {

  static final String ADVICE = "At least 12 characters; four words are good.";

  private static final int LEAST = 12;

  /** BCrypt reads 72 bytes and no more. */
  private static final int MOST_BYTES = 72;

  private static final int FEWEST_DIFFERENT = 5;

  private static final Set<String> COMMON = read("common-passwords.txt");

  private PasswordRule() {}

  /** What is wrong with a password for this person; empty when nothing is. */
  static Optional<String> problemWith(String password, String username, String name) {
    int bytes = password.getBytes(StandardCharsets.UTF_8).length;
    if (password.length() < LEAST || bytes > MOST_BYTES) {
      return Optional.of("Too short or too long. Enter 12 characters or more, 72 bytes at most.");
    }
    String plain = plain(password);
    if (plain.chars().distinct().count() < FEWEST_DIFFERENT || COMMON.contains(plain)) {
      return Optional.of("Too common: it would be guessed early. Put four words together.");
    }
    boolean own = isMostly(plain, plain(username)) || isMostly(plain, plain(name));
    return own
        ? Optional.of("Too close to your own name. Put four other words together.")
        : Optional.empty();
  }

  /** Whether nothing but digits and signs, or the same once more, is added to a name. */
  private static boolean isMostly(String password, String name) {
    return name.length() >= 4 && password.replace(name, "").replaceAll("[\\W\\d_]", "").isEmpty();
  }

  private static String plain(String text) {
    return text.toLowerCase(Locale.ROOT).strip();
  }

  private static Set<String> read(String file) {
    try (InputStream in = PasswordRule.class.getResourceAsStream(file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(l -> !l.isBlank() && !l.startsWith("#"))
          .collect(Collectors.toUnmodifiableSet());
    } catch (IOException e) {
      throw new UncheckedIOException(file, e);
    }
  }
}
