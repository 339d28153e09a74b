package unbo.core.catalogue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a decoded inch taper number says: duty class, angle class, series, part (ABMA 19.2). Older
 * plain numbers such as {@code 15123} do not decode.
 *
 * @param prefix duty class letters, with a J before them when the dimensions are metric
 * @param angleDigit class of the cup's included angle
 * @param series the series within prefix and angle
 * @param part two digits: 10 to 29 outer parts, 30 to 49 inner parts
 */
public record InchTaperNumber(String prefix, int angleDigit, String series, String part) {

  private static final Pattern FORM =
      Pattern.compile("(J?(?:EL|LL|L|LM|M|HM|H|HH|EH))(\\d)(\\d{1,3})(\\d\\d)[A-Z]{0,2}");
  private static final Map<String, String> DUTY =
      Map.of(
          "EL",
          "extra light",
          "LL",
          "lighter than light",
          "L",
          "light",
          "LM",
          "light to medium",
          "M",
          "medium",
          "HM",
          "heavy to medium",
          "H",
          "heavy",
          "HH",
          "heavier than heavy",
          "EH",
          "extra heavy");

  /** Middles of the included angle classes in degrees; class 1 ends at 24, its middle is ours. */
  private static final List<Double> INCLUDED =
      List.of(0.0, 22.0, 24.75, 26.25, 27.75, 29.5, 31.5, 34.25, 40.5, 48.0);

  private static final List<String> RANGES =
      List.of(
          "thrust",
          "to 24°",
          "24 to 25.5°",
          "25.5 to 27°",
          "27 to 28.5°",
          "28.5 to 30.5°",
          "30.5 to 32.5°",
          "32.5 to 36°",
          "36 to 45°",
          "over 45°");

  /** Decodes a number; empty for a plain one. */
  public static Optional<InchTaperNumber> parse(String number) {
    Matcher m = FORM.matcher(number);
    return m.matches()
        ? Optional.of(
            new InchTaperNumber(m.group(1), Integer.parseInt(m.group(2)), m.group(3), m.group(4)))
        : Optional.empty();
  }

  /** The middle of the angle class as a contact angle; empty for a plain number. */
  static OptionalDouble contactAngleDeg(String number) {
    Optional<InchTaperNumber> decoded = parse(number).filter(n -> n.angleDigit > 0);
    return decoded.isPresent()
        ? OptionalDouble.of(INCLUDED.get(decoded.get().angleDigit) / 2)
        : OptionalDouble.empty();
  }

  public boolean isInnerPart() {
    return Integer.parseInt(part) >= 30;
  }

  public String prefixMeaning() {
    boolean metric = prefix.startsWith("J");
    String duty = DUTY.get(metric ? prefix.substring(1) : prefix);
    return "duty class " + duty + (metric ? ", metric dimensions" : "");
  }

  public String angleMeaning() {
    return "included angle of the cup " + RANGES.get(angleDigit);
  }
}
