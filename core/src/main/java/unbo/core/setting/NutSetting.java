package unbo.core.setting;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import unbo.core.measure.Measured;
import unbo.core.measure.Verdict;
import unbo.core.measure.Window;
import unbo.core.units.Problem;

/**
 * Where the nut can be locked and what end play each place gives. One step is pitch / positions a
 * turn of axial travel, so a place n steps tighter leaves n·step less play. The uncertainty is that
 * of the dialled play; spring of hub and thread is left out, which is why a prediction never counts
 * as the result: dial again at the pinned hole.
 *
 * @param stepMm axial travel from one place to the next
 * @param measuredMm the play as dialled, at step 0
 * @param windowMm the wanted window
 * @param reachable places from the loosest shown to the tightest, the last one squeezed
 * @param recommended the one to take, if any may be offered
 */
public record NutSetting(
    double stepMm,
    Measured measuredMm,
    Window windowMm,
    List<NutPosition> reachable,
    Optional<NutPosition> recommended) {

  /** Hand-set hubs: 0.03 to 0.13 mm, 0.001 to 0.005 in, as makers' manuals commonly give it. */
  public static final Window DEFAULT_WINDOW_MM = new Window(0.03, 0.13);

  private static final double MOST_PLAY_MM = 3;

  /** Why a dialled play cannot be used, if so. */
  public static Optional<Problem> problemWith(Measured play) {
    String found =
        String.format(java.util.Locale.ROOT, "%.3f ± %.3f mm", play.value(), play.uncertainty());
    if (!play.isSurelyPositive()) {
      return Optional.of(
          new Problem(
              found,
              "This reading could hide preload: a dial indicator cannot show preload.",
              "Loosen the nut one hole or more until the dial shows clear play. Turn the hub, then measure again."));
    }
    if (play.value() > MOST_PLAY_MM) {
      return Optional.of(
          new Problem(
              found,
              "More than 3 mm is a loose nut, not end play.",
              "Seat the rollers, tighten the nut by finger, loosen to the next hole, then measure."));
    }
    return Optional.empty();
  }

  /**
   * Solves the nut.
   *
   * @throws IllegalArgumentException when {@link #problemWith} refuses the play
   */
  public static NutSetting solve(double pitchMm, NutLock lock, Measured playMm, Window windowMm) {
    problemWith(playMm)
        .ifPresent(
            p -> {
              throw new IllegalArgumentException(p.sentence());
            });
    double step = pitchMm / lock.positionsPerTurn();
    int loosest = (int) Math.max(1, Math.ceil((windowMm.to() - playMm.value()) / step) + 1);
    int tightest = (int) Math.floor(playMm.value() / step) + 1;
    List<NutPosition> places =
        IntStream.rangeClosed(-loosest, tightest)
            .mapToObj(n -> place(n, step, lock, playMm, windowMm))
            .toList();
    return new NutSetting(step, playMm, windowMm, places, best(places, windowMm));
  }

  private static NutPosition place(
      int steps, double step, NutLock lock, Measured play, Window window) {
    Measured predicted = new Measured(play.value() - steps * step, play.uncertainty());
    return new NutPosition(steps, predicted, window.judge(predicted), lock.lineAfter(steps));
  }

  /** Inside for certain, nearest the middle; else perhaps inside and surely free. */
  private static Optional<NutPosition> best(List<NutPosition> places, Window window) {
    Comparator<NutPosition> nearest =
        Comparator.comparingDouble(p -> Math.abs(p.endPlayMm().value() - window.middle()));
    List<NutPosition> free = places.stream().filter(NutPosition::surelyFree).toList();
    return free.stream()
        .filter(p -> p.inWindow() == Verdict.YES)
        .min(nearest)
        .or(
            () ->
                free.stream()
                    .filter(
                        p ->
                            p.inWindow() == Verdict.CANNOT_TELL
                                && window.contains(p.endPlayMm().value()))
                    .min(nearest));
  }

  /** The nearest place whose predicted play lies above the window. */
  Optional<NutPosition> nextAbove() {
    return reachable.stream()
        .filter(p -> p.endPlayMm().value() > windowMm.to())
        .min(Comparator.comparingDouble(p -> p.endPlayMm().value()));
  }

  /** The nearest place whose predicted play lies below the window. */
  Optional<NutPosition> nextBelow() {
    return reachable.stream()
        .filter(p -> p.endPlayMm().value() < windowMm.from())
        .max(Comparator.comparingDouble(p -> p.endPlayMm().value()));
  }
}
