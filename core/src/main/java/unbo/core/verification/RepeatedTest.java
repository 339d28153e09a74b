package unbo.core.verification;

import java.util.Optional;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;

/**
 * One accusing test, old beside new. Less is better in all of them; heat is compared by how far the
 * hub differs from its brother, either way.
 *
 * @param test which test
 * @param before what accused the bearing
 * @param after the same test done again, empty when it was not
 */
public record RepeatedTest(AccusingTest test, Measured before, Optional<Measured> after) {

  public boolean isRepeated() {
    return after.isPresent();
  }

  /** Whether it is better than before by more than both uncertainties; empty when not repeated. */
  public Optional<Verdict> better() {
    return after.map(now -> judge(before.minus(now)));
  }

  /**
   * Whether it showed something before and shows it still, as far as the uncertainty lets tell. A
   * reading that was nothing before accused nothing, and need not become better.
   */
  public boolean isSameAsBefore() {
    return before.isSurelyPositive() && better().filter(b -> b == Verdict.CANNOT_TELL).isPresent();
  }

  private static Verdict judge(Measured gain) {
    if (gain.least() > 0) {
      return Verdict.YES;
    }
    return gain.most() < 0 ? Verdict.NO : Verdict.CANNOT_TELL;
  }
}
