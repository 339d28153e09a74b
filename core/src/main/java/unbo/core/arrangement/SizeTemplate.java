package unbo.core.arrangement;

import java.util.Optional;
import unbo.core.units.Entry;
import unbo.core.units.Length;
import unbo.core.units.LengthEntry;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/**
 * A dimension of a part that can be measured, in millimetres, or something on it that is counted.
 *
 * @param id the full name, such as {@code spindle.seal-seat}
 * @param part the part's id
 * @param label what it is called on a page
 * @param least the least that is taken
 * @param most the most that is taken
 * @param assumed what is drawn while nobody has measured it
 * @param kind whether it is a length that the part's own sheet asks for, one that another station
 *     supplies, or a count
 */
public record SizeTemplate(
    String id,
    String part,
    String label,
    double least,
    double most,
    Expression assumed,
    Kind kind) {

  /** What sort of size. */
  public enum Kind {
    LENGTH,
    GIVEN,
    COUNT
  }

  /** Whether another station supplies it, so that the part's own sheet does not ask. */
  public boolean given() {
    return kind == Kind.GIVEN;
  }

  /** Whether it is counted; a whole number without a unit. */
  public boolean isCount() {
    return kind == Kind.COUNT;
  }

  /** What stands behind the number. */
  public String unit() {
    return isCount() ? "" : "mm";
  }

  /** Reads a text for this dimension: a length in millimetres, or a whole number. */
  public Entry<Double> read(String typed) {
    if (isCount()) {
      return QuantityEntry.COUNT.parse(typed).check(this::problemWithCount);
    }
    return LengthEntry.parse(typed, LengthEntry.Unit.MILLIMETRE)
        .check(t -> problemWith(t.length()))
        .map(t -> t.length().millimetres());
  }

  private Optional<Problem> problemWithCount(double number) {
    return number >= least && number <= most
        ? Optional.empty()
        : Optional.of(
            new Problem(
                Plain.of(number),
                "Out of range for this part.",
                "Enter " + Plain.of(least) + " to " + Plain.of(most) + "."));
  }

  /** Why a length is not taken for this dimension, if so. */
  public Optional<Problem> problemWith(Length length) {
    double mm = length.millimetres();
    if (mm >= least && mm <= most) {
      return Optional.empty();
    }
    return Optional.of(
        new Problem(
            Plain.of(mm) + " mm",
            mm <= 0 ? "Enter a size above zero." : "Out of range for this part.",
            "Enter " + Plain.of(least) + " to " + Plain.of(most) + " mm."));
  }
}
