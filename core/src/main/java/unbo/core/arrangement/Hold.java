package unbo.core.arrangement;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * How a contact keeps two parts together, in the words of the template files. Which stations and
 * sheets serve an arrangement, what turns, what may leave which way follow from these.
 */
public enum Hold {
  /** Interference: a press, heat or a puller parts it. */
  TIGHT("press fit", true),
  /** A close fit that goes by hand; it may have rusted. */
  SLIDING("sliding fit", true),
  /** Clearance: nothing holds but gravity. */
  LOOSE("loose", true),
  THREADED("thread", true),
  SPLINED("splines", true),
  /** A key, tongue or flat: no turning, free along the axis. */
  KEYED("key or tongue", true),
  /** A pin through both: leaves across the axis. */
  PINNED("pin", true),
  /** A clip in a groove, or a snap. */
  CLIPPED("clip", true),
  BOLTED("bolts", true),
  /** One piece for the workshop: cast, rolled over, vulcanised. */
  BONDED("one piece", true),
  /** Rolling elements run on it: the one side turns, the other stands. */
  RACEWAY("raceway", false),
  /** A lip rubs on it: as with a raceway, the two sides turn against each other. */
  LIP("sealing lip", false),
  /**
   * Two faces that slide on each other in use, without rolling elements: a bush, a ball in its
   * seat.
   */
  GLIDING("plain bearing surface", false),
  /** Rubber that gives: the two sides move against each other as far as it lets them. */
  FLEXING("rubber that gives", false),
  /** A face stands against a face: it stops one way along the axis. */
  STOP("face", true),
  /** A part that is shortened once by tightening. */
  CRUSHED("crushed once", true);

  private final String title;
  private final boolean together;

  Hold(String title, boolean together) {
    this.title = title;
    this.together = together;
  }

  public String title() {
    return title;
  }

  /** Whether the two parts turn, or stand, together. */
  public boolean keepsTogether() {
    return together;
  }

  static Hold withWord(String word) {
    return find(word).orElseThrow(() -> new IllegalArgumentException("there is no hold " + word));
  }

  static Optional<Hold> find(String word) {
    return Arrays.stream(values())
        .filter(h -> h.name().equals(word.toUpperCase(Locale.ROOT)))
        .findFirst();
  }
}
