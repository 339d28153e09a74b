package unbo.core.fit;

import java.util.Arrays;
import java.util.Optional;

/**
 * A fit judged by the hand that put the ring on: a weak estimate, and our own assumption. A reading
 * rules over it.
 */
public enum Feel {
  DROPS_IN("drops-in", "drops in", -25, 20),
  THUMB("thumb", "goes in by thumb", -5, 10),
  LIGHT_TAP("light-tap", "light taps", 5, 10),
  PRESS("press", "needs a press", 20, 15);

  private final String id;
  private final String title;
  private final double um;
  private final double u95;

  Feel(String id, String title, double um, double u95) {
    this.id = id;
    this.title = title;
    this.um = um;
    this.u95 = u95;
  }

  public String id() {
    return id;
  }

  public String title() {
    return title;
  }

  /** Interference in µm, negative for a gap, with its uncertainty at 95 %. */
  public Spread interference() {
    return Spread.measured(um, u95);
  }

  public static Optional<Feel> withId(String id) {
    return Arrays.stream(values()).filter(f -> f.id.equals(id)).findFirst();
  }
}
