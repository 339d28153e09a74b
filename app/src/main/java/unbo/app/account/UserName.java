package unbo.app.account;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * The one form of a user name, made before it is looked up or counted: what the database would take
 * for the same name (it ignores case, accents and signs without width) is the same here.
 */
final class UserName {

  private static final Pattern WELL_FORMED = Pattern.compile("[a-z][a-z0-9.-]{1,39}");
  private static final Pattern UNSEEN = Pattern.compile("[\\p{M}\\p{C}\\p{Z}\\s]");
  private static final int LONGEST_READ = 200;

  private UserName() {}

  /** The normal form; empty for what can be nobody's name. */
  static String normal(String typed) {
    if (typed == null) {
      return "";
    }
    String read = typed.length() > LONGEST_READ ? typed.substring(0, LONGEST_READ) : typed;
    String name =
        UNSEEN
            .matcher(Normalizer.normalize(read, Normalizer.Form.NFKD))
            .replaceAll("")
            .toLowerCase(Locale.ROOT);
    return isWellFormed(name) ? name : "";
  }

  /** Whether a name is written as the names of accounts are. */
  static boolean isWellFormed(String name) {
    return WELL_FORMED.matcher(name).matches();
  }
}
