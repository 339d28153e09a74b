package unbo.core.arrangement;

import java.util.Locale;

/**
 * What is set at a part, and by what.
 *
 * @param part the part that is moved or chosen
 * @param by how
 * @param what is set, in words, such as <em>end play, by its position</em>
 */
public record Adjustment(String part, By by, String what) {

  /** By what something is set: decides which sheet serves it at Set. */
  public enum By {
    NUT_POSITION("nut position"),
    TWO_NUTS("two nuts"),
    RING_NUTS("ring nuts"),
    SPACER("spacer length"),
    SLEEVE("sleeve length"),
    SHIMS("shims"),
    PINION_SHIM("pinion shim"),
    CRUSH_SLEEVE("crush sleeve"),
    CIRCLIP("circlip thickness"),
    CONE("cone and lock nut"),
    COLLAR("preload collar"),
    HEAD_ADJUSTER("adjuster nut of the head"),
    TOP_CAP("top cap"),
    CLAMP("clamping torque"),
    END_FLOAT("end play of the shaft"),
    TRAVEL("free travel");

    private final String title;

    By(String title) {
      this.title = title;
    }

    public String title() {
      return title;
    }

    static By withWord(String word) {
      return valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_'));
    }
  }
}
