package unbo.app.account;

import java.text.Normalizer;
import java.util.Locale;

/** A person's name as it signs records: no two may look alike. */
final class PersonName {

  static final int LONGEST = 80;

  private PersonName() {}

  /** The name as it is kept: without signs that nobody sees, with single spaces. */
  static String kept(String typed) {
    return typed
        .replaceAll("[\\p{Cf}\\p{Cc}\\p{Co}\\p{Cn}]", "")
        .replaceAll("[\\s\\p{Z}]+", " ")
        .strip();
  }

  /** What two names have in common that would be taken for one another. */
  static String key(String kept) {
    String key =
        Normalizer.normalize(kept, Normalizer.Form.NFKD)
            .replaceAll("\\p{M}", "")
            .toLowerCase(Locale.ROOT);
    return key.length() > LONGEST ? key.substring(0, LONGEST) : key;
  }
}
