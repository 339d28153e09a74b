package unbo.core.strip;

import java.util.Arrays;
import java.util.Optional;

/** What a shop may own to get a ring off. */
public enum Tool {
  PRESS("press", "press"),
  COLLET_PULLER("collet-puller", "collet puller"),
  SLIDE_HAMMER("slide-hammer", "slide hammer"),
  SPLITTER("splitter", "bearing splitter"),
  DRIFT("drift", "drift and hammer"),
  OVEN("oven", "oven or hot plate"),
  INDUCTION_HEATER("induction-heater", "induction heater"),
  FREEZER("freezer", "freezer"),
  WELDER("welder", "welder"),
  GREASE_RAM("grease-ram", "grease ram"),
  THREADED_ROD("threaded-rod", "threaded rod with cups"),
  HUB_PRESS("hub-press", "hub-mounted screw press"),
  JAW_PULLER("jaw-puller", "jaw puller"),
  SCREW_DRIFT("screw-drift", "drift drawn by a screw"),
  CUTTING_DISC("cutting-disc", "cutting disc and chisel");

  private final String id;
  private final String title;

  Tool(String id, String title) {
    this.id = id;
    this.title = title;
  }

  /** The word of the JSON interface. */
  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  public static Optional<Tool> withId(String id) {
    return Arrays.stream(values()).filter(t -> t.id.equals(id)).findFirst();
  }
}
