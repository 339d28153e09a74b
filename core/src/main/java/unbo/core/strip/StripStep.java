package unbo.core.strip;

import java.util.List;

/**
 * What comes off in one go.
 *
 * @param parts ids of the parts that move together, the one that it is about first
 * @param way how they leave
 * @param right whether it is to the right that they leave along the axis
 * @param frees parts that were held or shut in by these and are not any more
 * @param tight press fits that are parted by it, each as the part and what it sits on or in
 * @param base what it comes off: the standing part, or the group on the bench
 * @param among all parts that were still there, these included
 */
public record StripStep(
    List<String> parts,
    Way way,
    boolean right,
    List<String> frees,
    List<Grip> tight,
    String base,
    List<String> among) {

  /** How a part leaves. */
  public enum Way {
    LEFT("left"),
    RIGHT("right"),
    RADIAL("radial"),
    UNSCREWED("unscrewed");

    private final String id;

    Way(String id) {
      this.id = id;
    }

    /** The word of the JSON interface. */
    public String id() {
      return id;
    }
  }

  /** A press fit between a part that leaves and one that stays. */
  public record Grip(String part, String seat) {}

  public StripStep {
    parts = List.copyOf(parts);
    frees = List.copyOf(frees);
    tight = List.copyOf(tight);
    among = List.copyOf(among);
  }

  /** Whether force or heat is needed. */
  public boolean needsRoute() {
    return !tight.isEmpty();
  }
}
