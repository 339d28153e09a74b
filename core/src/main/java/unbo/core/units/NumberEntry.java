package unbo.core.units;

import java.util.Optional;
import java.util.OptionalDouble;

/** A plain number as a hand types it, without a unit; see {@link NumberText} for what is read. */
public final class NumberEntry {

  private static final int LONGEST = 40;

  private NumberEntry() {}

  /** Reads a text; empty for none and for what is no number. */
  public static Optional<Double> parse(String typed) {
    if (typed == null || typed.length() > LONGEST) {
      return Optional.empty();
    }
    OptionalDouble value = NumberText.parse(typed);
    return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
  }
}
