package unbo.core.comparison;

import java.util.List;
import java.util.Optional;
import unbo.core.comparison.PositionDuty.Exposure;
import unbo.core.comparison.PositionDuty.Motion;
import unbo.core.designation.Closure;
import unbo.core.designation.Reading;

/** What closes it: protection against drag, and oil that must reach it. */
final class SealAspects {

  private SealAspects() {}

  static List<Difference> compare(Reading old, Reading fresh, Optional<PositionDuty> duty) {
    if (old.bearing().isTaper() && fresh.bearing().isTaper()) {
      return List.of();
    }
    if (!isKnown(old) || !isKnown(fresh)) {
      return List.of(isEnough(fresh, duty) ? enough(old, fresh) : unknown(old, fresh));
    }
    int was = tightness(old);
    int is = tightness(fresh);
    if (was == is && isSame(old, fresh)) {
      return List.of();
    }
    return List.of(
        new Difference(
            "seals",
            words(old),
            words(fresh),
            severity(was, is, duty.orElse(null)),
            reason(was, is, duty.orElse(null))));
  }

  private static boolean isKnown(Reading reading) {
    return reading.left().isKnown() && reading.right().isKnown();
  }

  /** Where water or dirt comes and nothing turns fast, no more can be wanted than two lips. */
  private static boolean isEnough(Reading fresh, Optional<PositionDuty> duty) {
    return fresh.left() == Closure.CONTACT
        && fresh.right() == Closure.CONTACT
        && duty.filter(d -> d.isExposed() && d.motion() != Motion.FAST).isPresent();
  }

  private static Difference enough(Reading old, Reading fresh) {
    return new Difference(
        "seals",
        words(old),
        words(fresh),
        Severity.NOTE,
        "What closes the old one is not in its number; the new one has contact seals on both sides, the most that this place can ask for.");
  }

  private static Difference unknown(Reading old, Reading fresh) {
    return new Difference(
        "seals",
        words(old),
        words(fresh),
        Severity.CANNOT_TELL,
        "What closes the "
            + (isKnown(old) ? "new" : isKnown(fresh) ? "old" : "old and the new")
            + " one is not in its number: look at both sides, and compare.");
  }

  private static boolean isSame(Reading old, Reading fresh) {
    boolean straight = old.left() == fresh.left() && old.right() == fresh.right();
    boolean turned = old.left() == fresh.right() && old.right() == fresh.left();
    return straight || turned;
  }

  /** Both sides together; the more, the less gets in and the more it drags. */
  private static int tightness(Reading reading) {
    return reading.left().ordinal() + reading.right().ordinal();
  }

  private static Severity severity(int was, int is, PositionDuty duty) {
    if (duty == null) {
      return Severity.MATTERS;
    }
    boolean opener = is < was;
    if (duty.exposure() == Exposure.OIL) {
      return opener ? Severity.NOTE : Severity.UNSUITABLE;
    }
    if (opener) {
      return duty.isExposed() ? Severity.UNSUITABLE : Severity.MATTERS;
    }
    return duty.motion() == Motion.FAST ? Severity.MATTERS : Severity.GAIN;
  }

  private static String reason(int was, int is, PositionDuty duty) {
    boolean opener = is < was;
    if (duty != null && duty.exposure() == Exposure.OIL) {
      return opener
          ? "An open bearing lets the oil in, as needed here."
          : "A sealed bearing keeps out the oil that should lubricate it; its own grease washes out or burns.";
    }
    if (opener) {
      return duty != null && duty.isExposed()
          ? "Less sealed than before where water and dirt reach the bearing: grease is lost, the bearing rusts."
          : "Less sealed than before: right only where the housing is closed and the bearing is lubricated from outside.";
    }
    if (is == was) {
      return "The two sides are sealed differently: fit the better seal towards the dirt.";
    }
    return duty != null && duty.motion() == Motion.FAST
        ? "Better sealed: the lips drag and heat at this speed; check the speed limit of the seal."
        : "Better sealed against water and dirt, with a little more drag.";
  }

  private static String words(Reading reading) {
    return reading.left() == reading.right()
        ? (reading.left() == Closure.OPEN || !reading.left().isKnown()
            ? reading.left().title()
            : reading.left().title() + " both sides")
        : reading.left().title() + " one side, " + reading.right().title() + " the other";
  }
}
