package unbo.core.designation;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import unbo.core.catalogue.InchTaperNumber;

/**
 * What must be said of a number that stands beside a cone or a cup of an inch taper and is not its
 * partner. Decoded numbers say the series of both; plain ones mix series lawfully, so that of them
 * nothing can be told but that the pair is not in the tables (ABMA 19.2 for the numbers).
 */
final class OtherRing {

  private static final Pattern PLAIN = Pattern.compile("\\d{4,6}[A-Z]?");

  private OtherRing() {}

  /**
   * A sentence for each piece that looks like a ring's number; none where a set was read.
   *
   * @param unread what was not read beside the ring
   */
  static Map<String, String> doubts(Spelling spelling, List<String> unread) {
    Map<String, String> doubts = new LinkedHashMap<>();
    boolean alone = spelling.role().equals("cone") || spelling.role().equals("cup");
    if (alone && spelling.bearing().isInch()) {
      unread.forEach(other -> doubt(spelling, other).ifPresent(said -> doubts.put(other, said)));
    }
    return doubts;
  }

  private static Optional<String> doubt(Spelling spelling, String other) {
    Optional<InchTaperNumber> own = InchTaperNumber.parse(spelling.spelled());
    Optional<InchTaperNumber> beside = InchTaperNumber.parse(other.replaceAll("[^A-Z0-9]", ""));
    if (own.isPresent() && beside.isPresent()) {
      return Optional.of("“" + other + "”: " + beside(own.get(), beside.get()));
    }
    return PLAIN.matcher(other).matches()
        ? Optional.of(
            "“" + other + "” may be the other ring: the two are no pair of the tables. " + MEASURE)
        : Optional.empty();
  }

  private static final String MEASURE =
      "Outside and width shown are those of another partner: measure both.";

  private static String beside(InchTaperNumber own, InchTaperNumber other) {
    if (own.isInnerPart() == other.isInnerPart()) {
      return own.isInnerPart()
          ? "a second cone, of another bearing."
          : "a second cup, of another bearing.";
    }
    boolean sameSeries =
        own.prefix().equals(other.prefix())
            && own.angleDigit() == other.angleDigit()
            && own.series().equals(other.series());
    return sameSeries
        ? "the other ring of the same series, in a pair that is not in the tables. " + MEASURE
        : "a ring of another series: cone and cup do not run together. Read both rings again.";
  }
}
