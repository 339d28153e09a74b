package unbo.core.damage;

import java.util.Arrays;
import java.util.Optional;

/** How a running path lies on one ring. */
public enum PathShape {
  FULL("full", "all round, in the middle"),
  PART("part", "only part of the way round"),
  SIDE("side", "off the middle, to one side"),
  WIDE("wide", "all round and wide"),
  OBLIQUE("oblique", "oblique: it wanders across"),
  TWO("two", "two patches opposite each other"),
  NONE("none", "no path to be seen");

  private final String id;
  private final String title;

  PathShape(String id, String title) {
    this.id = id;
    this.title = title;
  }

  /** The word in tables, forms and records. */
  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  public static Optional<PathShape> withId(String id) {
    return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
  }
}
