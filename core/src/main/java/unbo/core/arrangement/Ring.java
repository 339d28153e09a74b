package unbo.core.arrangement;

import java.util.Locale;

/** Which ring of a bearing is meant. */
public enum Ring {
  INNER,
  OUTER;

  static Ring withWord(String word) {
    return valueOf(word.toUpperCase(Locale.ROOT));
  }
}
