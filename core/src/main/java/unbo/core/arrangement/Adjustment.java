package unbo.core.arrangement;

import java.util.Locale;
import java.util.Optional;

/**
 * What is set at a part, and by what.
 *
 * @param part the part that is moved or chosen
 * @param by how
 * @param difference the two sizes that say it, where two do
 * @param what is set, in words, such as <em>end play, by its position</em>
 */
public record Adjustment(String part, By by, Optional<Difference> difference, String what) {

  /**
   * Two sizes whose difference is what is set.
   *
   * @param length of the part that is chosen, such as {@code spacer.length}
   * @param distance that it is to fill, such as {@code hub.shoulder-distance}
   */
  public record Difference(String length, String distance) {}

  /** By what something is set: decides which sheet serves it at Set. */
  public enum By {
    NUT_POSITION("nut position"),
    TWO_NUTS("two nuts"),
    RING_NUTS("ring nuts"),
    SPACER("spacer length"),
    SLEEVE("sleeve length"),
    SHIMS("shims"),
    PINION_SHIM("pinion shim"),
    CRUSH_SLEEVE("crush sleeve", "Nm"),
    CIRCLIP("circlip thickness"),
    CONE("cone and lock nut"),
    COLLAR("preload collar"),
    HEAD_ADJUSTER("adjuster nut of the head", "N"),
    TOP_CAP("top cap"),
    CLAMP("clamping torque"),
    END_FLOAT("end play of the shaft"),
    TRAVEL("free travel");

    private final String title;
    private final String unit;

    By(String title) {
      this(title, "mm");
    }

    By(String title, String unit) {
      this.title = title;
      this.unit = unit;
    }

    /** What its readings are in: mm of play or length, N at the bar end, Nm of turning torque. */
    public String unit() {
      return unit;
    }

    public String title() {
      return title;
    }

    /**
     * The one of a word of the data, such as {@code two-nuts}.
     *
     * @throws IllegalArgumentException for another word
     */
    public static By withWord(String word) {
      return valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_'));
    }
  }
}
