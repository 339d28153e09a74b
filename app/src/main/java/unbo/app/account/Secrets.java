package unbo.app.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Locale;

/** One-time codes that people type, and the hashes by which codes and tokens are kept. */
final class Secrets {

  /** Letters and digits that are not taken for one another. */
  private static final String SIGNS = "ABCDEFGHJKLMNPQRTUVWXY346789";

  private static final int LENGTH = 12;
  private static final SecureRandom RANDOM = new SecureRandom();

  private Secrets() {}

  /** A new code, in three groups: 28 to the power of 12, or 57 bits. */
  static String newCode() {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < LENGTH; i++) {
      text.append(i > 0 && i % 4 == 0 ? "-" : "")
          .append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
    }
    return text.toString();
  }

  /** A code as it counts: upper case, without what stands between. */
  static String plain(String typed) {
    return typed.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
  }

  /** SHA-256 in hexadecimal digits; enough for what nobody can guess, not for passwords. */
  static String hash(String secret) {
    try {
      MessageDigest sha = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha.digest(secret.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
