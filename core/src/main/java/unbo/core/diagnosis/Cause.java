package unbo.core.diagnosis;

import java.util.Set;

/**
 * Something that it can be, at one place of the vehicle.
 *
 * @param id the word of data; a cause that stands at every wheel has the wheel's code behind it
 * @param what the cause without its place: causes at several wheels share it
 * @param label what a mechanic calls it
 * @param groups words by which likelihoods name several causes at once; its own id is one of them
 * @param prior how common it is against the others of its kind of vehicle; only ratios count
 * @param urgency what it asks of the vehicle
 * @param action what to do about it
 * @param ifLeft what can happen if it is left
 * @param place where it is
 */
public record Cause(
    String id,
    String what,
    String label,
    Set<String> groups,
    double prior,
    Urgency urgency,
    String action,
    String ifLeft,
    Place place) {

  /** What is left when nothing of the table fits. */
  public static final String NONE = "none-of-these";

  /**
   * Where a cause is.
   *
   * @param position code of the position on the vehicle where its job is opened; empty when it has
   *     none
   * @param wheel code of the wheel that it stands at; empty when at none
   * @param along share of the wheelbase behind the front axle, where it is drawn unless at a
   *     position
   * @param across share of half the track, right positive
   * @param drawn whether along and across say where it is drawn, not the position
   * @param rolling whether it is a rolling bearing; the others imitate one
   */
  public record Place(
      String position, String wheel, double along, double across, boolean drawn, boolean rolling) {}

  static Cause noneOfThese(double prior) {
    return new Cause(
        NONE,
        NONE,
        "none of these",
        Set.of(NONE),
        prior,
        Urgency.RECHECK,
        "book a recheck",
        "an unknown fault can get worse unseen",
        new Place("", "", 0, 0, false, false));
  }

  public boolean isNoneOfThese() {
    return id.equals(NONE);
  }

  /** What is done, and where: two causes with one decision need not be told apart. */
  public String decision() {
    return action + " " + place.wheel();
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
