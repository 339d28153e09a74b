package unbo.core.setting;

import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;

/**
 * One place at which the nut can be locked, with the end play predicted there.
 *
 * @param steps turned from where it was dialled, positive = tighter
 * @param endPlayMm predicted end play, negative = squeezed
 * @param inWindow whether it lies in the window, given the uncertainty
 * @param line which hole line the pin takes, counted from 0
 */
public record NutPosition(int steps, Measured endPlayMm, Verdict inWindow, int line) {

  /** Whether play is left for certain; a tighter hole is offered only then. */
  public boolean surelyFree() {
    return endPlayMm.isSurelyPositive();
  }

  public boolean squeezes() {
    return endPlayMm.value() <= 0;
  }
}
