package unbo.app.fitting;

import java.time.Instant;
import unbo.core.heat.Attempt;

/**
 * An attempt at a heated fit, as kept.
 *
 * @param place the bearing place
 * @param chilledC of the other part; null where it was not chilled
 */
public record Tried(
    String place,
    double heatedC,
    Double chilledC,
    String came,
    String note,
    String person,
    Instant at) {

  /** What the core makes of it; an outcome that is no more kept counts as one that would not go. */
  Attempt attempt() {
    return new Attempt(heatedC, Attempt.Outcome.withId(came).orElse(Attempt.Outcome.WOULD_NOT_GO));
  }

  /** How it went, in words. */
  public String title() {
    return attempt().outcome().title();
  }
}
