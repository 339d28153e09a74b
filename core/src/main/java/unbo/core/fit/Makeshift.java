package unbo.core.fit;

import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A seat that is made to hold again without being mended. Dots in the bore and a housing staked
 * over its ring carry on a few points, which wear or shed at road speed; they are a get-home repair
 * on slow vehicles. Staking that the maker draws is no makeshift. Source: both schools of the
 * workshop; the limit of 40 km/h is ours and rules here.
 */
public enum Makeshift {
  DOTS(
      "dots",
      "dots punched in the bore",
      "With compound, on a slow vehicle, some find that it holds; others: contact on a few points is no seat; run-out, heat and seizure follow."),
  STAKED(
      "staked",
      "edge staked over the ring",
      "Some hold a loose ring by it; others: the ring still creeps in its seat, and only its way out is closed."),
  STAKED_BY_DESIGN(
      "staked-by-design",
      "staked as the maker draws it",
      "Part of the design: new places for the staking, the ring tight by itself.");

  /** The greatest recorded top speed of a vehicle that may carry one, km/h. */
  public static final double MOST_KMH = 40;

  private final String id;
  private final String title;
  private final String schools;

  Makeshift(String id, String title, String schools) {
    this.id = id;
    this.title = title;
    this.schools = schools;
  }

  public static Optional<Makeshift> withId(String id) {
    return Arrays.stream(values()).filter(m -> m.id.equals(id)).findFirst();
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  /** What either school says. */
  public String schools() {
    return schools;
  }

  /** Whether it keeps a job from being closed until it is redone or waived by name. */
  public boolean blocks() {
    return this != STAKED_BY_DESIGN;
  }

  /**
   * Whether a vehicle of a recorded top speed may carry it; not one whose speed nobody recorded.
   */
  public boolean isAllowed(OptionalDouble topSpeedKmh) {
    return !blocks() || topSpeedKmh.isPresent() && topSpeedKmh.getAsDouble() <= MOST_KMH;
  }
}
