package unbo.core.working;

/**
 * A way to know an input better: what to do, and the uncertainty that is left then.
 *
 * @param does what to do, as an order: {@code Weigh the bearing}
 * @param uncertainty at 95 %, in the input's unit
 */
public record Finer(String does, double uncertainty) {

  public Finer {
    if (!(uncertainty >= 0) || Double.isInfinite(uncertainty)) {
      throw new IllegalArgumentException("Not an uncertainty: " + uncertainty);
    }
  }
}
