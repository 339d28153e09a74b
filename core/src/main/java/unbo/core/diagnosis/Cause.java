package unbo.core.diagnosis;

import java.util.Set;

/**
 * Something that it can be.
 *
 * @param id the word of data
 * @param label what a mechanic calls it
 * @param groups words by which likelihoods name several causes at once; its own id is one of them
 * @param prior how common it is against the others of its kind of vehicle; only ratios count
 * @param urgency what it asks of the vehicle
 * @param action what to do about it
 * @param ifLeft what can happen if it is left
 * @param position code of the position on a vehicle; empty when it has none
 */
public record Cause(
    String id,
    String label,
    Set<String> groups,
    double prior,
    Urgency urgency,
    String action,
    String ifLeft,
    String position) {

  /** What is left when nothing of the table fits. */
  static final String NONE = "none-of-these";

  static Cause noneOfThese(double prior) {
    return new Cause(
        NONE,
        "none of these",
        Set.of(NONE),
        prior,
        Urgency.RECHECK,
        "book a recheck",
        "what is not known is not seen coming",
        "");
  }

  public boolean isNoneOfThese() {
    return id.equals(NONE);
  }

  /** Whether the cause belongs to every group of an expression such as {@code hub&left}. */
  boolean belongsTo(String expression) {
    for (String group : expression.split("&")) {
      if (!groups.contains(group)) {
        return false;
      }
    }
    return true;
  }
}
