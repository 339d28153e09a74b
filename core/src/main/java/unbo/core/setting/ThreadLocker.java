package unbo.core.setting;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Anaerobic thread locker by its strength and by when it is put on. Strength by breakaway torque as
 * ISO 10964 measures it; what each is for, how long it takes and how it is undone is general
 * practice of the trade (recalled): the product's data sheet comes first.
 */
public enum ThreadLocker {
  LOW(
      "low",
      "low strength",
      "Screws up to M6 and what is adjusted again; comes off with a hand tool."),
  MEDIUM(
      "medium",
      "medium strength",
      "Nuts and bolts that come off again with ordinary tools, clean threads assumed."),
  HIGH(
      "high",
      "high strength",
      "Comes off only hot: about 250 °C at the thread. A seal, grease or a bearing beside it does not stand that: take another."),
  WICKING(
      "wicking",
      "wicking, after the torque",
      "Runs into a thread that is at its torque already: what was set stays as it is. One drop at the edge.");

  private final String id;
  private final String title;
  private final String use;

  ThreadLocker(String id, String title, String use) {
    this.id = id;
    this.title = title;
    this.use = use;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  public static Optional<ThreadLocker> withId(String id) {
    return Arrays.stream(values()).filter(l -> l.id.equals(id)).findFirst();
  }

  /**
   * What to mind, sentence by sentence.
   *
   * @param preloads whether the nut sets a preload or play, which the locker must not move
   */
  public List<String> minding(boolean preloads) {
    String oil =
        this == WICKING
            ? "Torque first, dry; then the drop. The torque means what it says."
            : "It oils the thread while it is wet: the same torque pulls harder, by up to a third. Use the maker’s figure for a locked thread; where there is none, ask.";
    String early =
        this != WICKING && preloads
            ? "This nut sets the bearing: set and read it before the locker grips, within some minutes; wicking after the setting is the safer way."
            : "Nothing is turned any more once it has gripped: the bond is broken then, and new locker is needed.";
    return List.of(
        use,
        "Clean and dry, both threads: solvent, then air. Oil or old locker left in it halves what it holds.",
        oil,
        early,
        "Grips in 10 to 20 minutes on steel at 20 °C, full after a day; at 5 °C, on stainless or plated threads several times that, or with its activator.",
        "Keep it off seals, plastic and the bearing: a drop that runs in glues the elements.",
        "Undone: "
            + (this == HIGH ? "by heat" : "by hand tools")
            + "; scrape and wash before it is used again.");
  }
}
