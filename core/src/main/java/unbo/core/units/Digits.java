package unbo.core.units;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * Numbers to text for core and pages alike: an uncertainty with two significant digits and its
 * value to the same place (JCGM 100:2008, 7.2.6); an exact value with as many digits as it has, six
 * at most. The minus is the sign, not a hyphen.
 */
public final class Digits {

  private static final int MOST_DECIMALS = 6;
  private static final int EXACT_DIGITS = 6;
  private static final int ROUGH_DIGITS = 4;

  private Digits() {}

  /** The value as far as its uncertainty lets it be known; exact for an uncertainty of 0. */
  public static String value(double value, double uncertainty) {
    return uncertainty > 0 ? at(value, decimals(uncertainty)) : exact(value);
  }

  /** The uncertainty with two significant digits. */
  public static String uncertainty(double uncertainty) {
    return at(uncertainty, decimals(uncertainty));
  }

  /** {@code 0.310 ± 0.025}; the value alone where nothing is uncertain. */
  public static String both(double value, double uncertainty) {
    return uncertainty > 0
        ? value(value, uncertainty) + " ± " + uncertainty(uncertainty)
        : exact(value);
  }

  /** Four significant digits at most, for values on the way. */
  public static String rough(double value) {
    return significant(value, ROUGH_DIGITS);
  }

  /** As many digits as it has, six significant ones at most. */
  public static String exact(double value) {
    return significant(value, EXACT_DIGITS);
  }

  private static String significant(double value, int digits) {
    if (value == 0) {
      return "0";
    }
    BigDecimal rounded =
        new BigDecimal(value)
            .round(new java.math.MathContext(digits, RoundingMode.HALF_UP))
            .stripTrailingZeros();
    return sign((rounded.scale() < 0 ? rounded.setScale(0) : rounded).toPlainString());
  }

  private static int decimals(double uncertainty) {
    int magnitude = (int) Math.floor(Math.log10(uncertainty));
    return Math.max(0, Math.min(MOST_DECIMALS, 1 - magnitude));
  }

  private static String at(double value, int decimals) {
    String text =
        BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP).toPlainString();
    return sign(text.matches("-0(\\.0*)?") ? text.substring(1) : text);
  }

  private static String sign(String text) {
    return text.replace('-', '−');
  }
}
