package unbo.core.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import unbo.core.measure.Verdict;

/**
 * What to do about the nut, in sentences: the place to take, or when none is inside, how to make
 * one reachable. A thicker washer by t leaves t less play at every place; a thinner one, or a
 * dressed nut face, t more.
 *
 * @param headline the one thing to do
 * @param remedies what else would do, the least trouble first; empty when a place is inside
 */
public record NutAdvice(String headline, List<String> remedies) {

  /** Advice for a solved nut. */
  public static NutAdvice of(NutSetting setting, NutLock lock) {
    return setting
        .recommended()
        .map(place -> new NutAdvice(take(place), remediesFor(place, setting)))
        .orElseGet(() -> new NutAdvice(noneInside(setting), remedies(setting, lock)));
  }

  private static String take(NutPosition place) {
    String move = turns(place.steps());
    String play = String.format(Locale.ROOT, "%.3f", place.endPlayMm().value());
    return place.inWindow() == Verdict.YES
        ? move
            + ": "
            + play
            + " mm expected, within limits. Measure again with the dial indicator there."
        : move
            + ": "
            + play
            + " mm expected, perhaps within limits. Only the dial indicator at that hole can tell.";
  }

  /** "Two holes tighter", "Leave it at this hole", "One hole looser". */
  public static String turns(int steps) {
    if (steps == 0) {
      return "Leave it at this hole";
    }
    int count = Math.abs(steps);
    return number(count) + (count == 1 ? " hole " : " holes ") + (steps > 0 ? "tighter" : "looser");
  }

  private static String number(int count) {
    String[] words = {
      "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine", "Ten"
    };
    return count <= words.length ? words[count - 1] : String.valueOf(count);
  }

  private static String noneInside(NutSetting setting) {
    return String.format(
        Locale.ROOT,
        "No hole gives %.2f to %.2f mm: one hole is %.3f mm.",
        setting.windowMm().from(),
        setting.windowMm().to(),
        setting.stepMm());
  }

  private static List<String> remediesFor(NutPosition place, NutSetting setting) {
    return place.inWindow() == Verdict.YES ? List.of() : List.of(steadier(setting));
  }

  private static List<String> remedies(NutSetting setting, NutLock lock) {
    List<String> all = new ArrayList<>();
    if (lock.isCastle() && lock.holeLines() == 1) {
      NutLock both = NutLock.castle(lock.slots(), 2);
      if (both.positionsPerTurn() > lock.positionsPerTurn()) {
        all.add(
            String.format(
                Locale.ROOT,
                "If the spindle has a second pin hole through it, use that one: one hole is then %.3f mm.",
                setting.stepMm() * lock.positionsPerTurn() / both.positionsPerTurn()));
      }
    }
    setting
        .nextAbove()
        .ifPresent(
            p ->
                all.add(washer("thicker", p.endPlayMm().value() - setting.windowMm().middle(), p)));
    setting
        .nextBelow()
        .ifPresent(
            p -> {
              double more = setting.windowMm().middle() - p.endPlayMm().value();
              all.add(washer("thinner", more, p));
              all.add(
                  String.format(
                      Locale.ROOT,
                      "A nut face machined square by %.2f mm does the same: only where the vehicle maker allows it, never filed by hand.",
                      more));
            });
    all.add(
        "Turn the washer over if it is stepped, or try another nut: its slots are at another angle to its thread.");
    if (2 * setting.measuredMm().uncertainty()
        > setting.windowMm().to() - setting.windowMm().from()) {
      all.add(steadier(setting));
    }
    return List.copyOf(all);
  }

  private static String steadier(NutSetting setting) {
    return String.format(
        Locale.ROOT,
        "The readings are known only to ± %.3f mm: turn the hub to seat the rollers and take more readings.",
        setting.measuredMm().uncertainty());
  }

  private static String washer(String kind, double change, NutPosition place) {
    return String.format(
        Locale.ROOT,
        "A washer %.2f mm %s brings %s (%.3f mm) to the middle of the limits.",
        change,
        kind,
        place.steps() == 0 ? "this hole" : turns(place.steps()).toLowerCase(Locale.ROOT),
        place.endPlayMm().value());
  }
}
