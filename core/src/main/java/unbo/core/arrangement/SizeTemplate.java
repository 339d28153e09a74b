package unbo.core.arrangement;

import java.util.Optional;
import unbo.core.units.Length;
import unbo.core.units.Problem;

/**
 * A dimension of a part that can be measured, in millimetres.
 *
 * @param id the full name, such as {@code spindle.seal-seat}
 * @param part the part's id
 * @param label what it is called on a page
 * @param least the least that is taken
 * @param most the most that is taken
 * @param assumed what is drawn while nobody has measured it
 * @param given whether another station supplies it, so that the part's own sheet does not ask
 */
public record SizeTemplate(
    String id,
    String part,
    String label,
    double least,
    double most,
    Expression assumed,
    boolean given) {

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
