package unbo.app.naming;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import unbo.core.arrangement.Arrangement;
import unbo.core.buying.ShoppingLine;
import unbo.core.comparison.Comparison;
import unbo.core.comparison.Difference;
import unbo.core.comparison.PositionDuty;
import unbo.core.comparison.Verdict;
import unbo.core.designation.Part;
import unbo.core.designation.Reading;

/**
 * The number that came out, beside what is asked for: whether the same again would do.
 *
 * @param number as read, number, closure and clearance
 * @param verdict whether it suits here
 * @param reason the difference that weighs most; empty where there is none
 */
public record AsRead(String number, Verdict verdict, String reason) {

  /** How the same again compares; empty where the specification itself cannot be read back. */
  static Optional<AsRead> of(Reading read, ShoppingLine line, Arrangement at, Readings readings) {
    return readings
        .best(line.spellings().get(0))
        .map(wanted -> Comparison.of(wanted, read, PositionDuty.at(at.id())))
        .map(
            c -> new AsRead(text(read), c.verdict(), c.worst().map(Difference::reason).orElse("")));
  }

  private static String text(Reading read) {
    return Stream.concat(
            Stream.of(read.bearing().designation()),
            read.parts().stream().filter(p -> p.kind() == Part.Kind.SUFFIX).map(Part::text))
        .collect(Collectors.joining(" "));
  }

  public boolean suits() {
    return verdict == Verdict.SUITS;
  }
}
