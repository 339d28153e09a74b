package unbo.app.web;

import java.util.Optional;
import unbo.core.units.Digits;
import unbo.core.units.NumberEntry;
import unbo.core.units.Problem;

/** A plain number in a field, between a least and a most value. */
public final class NumberField {

  private NumberField() {}

  /** The number; empty for an empty field, and for what is said wrong at it. */
  public static Optional<Double> read(
      String field, String typed, double least, double most, FieldProblems problems) {
    String text = typed.strip();
    if (text.isEmpty()) {
      return Optional.empty();
    }
    Optional<Double> read = NumberEntry.parse(text).filter(n -> n >= least && n <= most);
    if (read.isEmpty()) {
      problems.add(
          field,
          new Problem(
              text, "Not a value of this.", "Enter " + plain(least) + " to " + plain(most) + "."));
    }
    return read;
  }

  private static String plain(double value) {
    return Digits.exact(value).replace('-', '−');
  }
}
