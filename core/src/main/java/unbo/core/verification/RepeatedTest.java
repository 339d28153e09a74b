package unbo.core.verification;

import java.util.Optional;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;

/**
 * One test, old beside new on one footing. Less is better in all of them but a seal's grip; heat is
 * compared by how far the hub differs from its brother, either way.
 *
 * @param test which test
 * @param before what accused the bearing
 * @param after the same test done again, empty when it was not
 * @param accuses whether its reading was a sign of the fault; else it was in order, and must only
 *     not become worse
 */
public record RepeatedTest(
    AccusingTest test, Measured before, Optional<Measured> after, boolean accuses) {

  public boolean isRepeated() {
    return after.isPresent();
  }

  /** Whether it is better than before by more than both uncertainties; empty when not repeated. */
  public Optional<Verdict> better() {
    return after.map(now -> judge(test.moreIsBetter() ? now.minus(before) : before.minus(now)));
  }

  /**
   * Whether it accused before and shows the same still, as far as the uncertainty lets tell. A
   * reading that was nothing before accused nothing, and need not become better.
   */
  public boolean isSameAsBefore() {
    return accuses
        && before.isSurelyPositive()
        && better().filter(b -> b == Verdict.CANNOT_TELL).isPresent();
  }

  private static Verdict judge(Measured gain) {
    if (gain.least() > 0) {
      return Verdict.YES;
    }
    return gain.most() < 0 ? Verdict.NO : Verdict.CANNOT_TELL;
  }
}
