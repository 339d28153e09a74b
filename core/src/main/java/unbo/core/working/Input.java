package unbo.core.working;

import java.util.List;
import unbo.core.measure.Measured;

/**
 * A named input of a formula.
 *
 * @param symbol its sign in the formula, such as {@code D}
 * @param name what it is: {@code outside diameter}
 * @param value in {@code unit}, with its uncertainty at 95 %; 0 where it is taken as exact
 * @param unit as written behind the number, empty for a pure number
 * @param origin where it comes from
 * @param finer ways to know it better, the cheapest first
 */
public record Input(
    String symbol, String name, Measured value, String unit, Origin origin, List<Finer> finer) {

  public Input {
    finer = List.copyOf(finer);
  }

  /** A value that is taken as exact. */
  public static Input exact(String symbol, String name, double value, String unit, Origin origin) {
    return new Input(symbol, name, new Measured(value, 0), unit, origin, List.of());
  }

  /** A value with its uncertainty at 95 %, and nothing known that would make it better. */
  public static Input of(
      String symbol, String name, double value, double uncertainty, String unit, Origin origin) {
    return new Input(symbol, name, new Measured(value, uncertainty), unit, origin, List.of());
  }

  /** The same with another way to know it better. */
  public Input or(String does, double uncertainty) {
    List<Finer> all = new java.util.ArrayList<>(finer);
    all.add(new Finer(does, uncertainty));
    return new Input(symbol, name, value, unit, origin, all);
  }

  /** The same input known as well as a finer way would. */
  Input after(Finer way) {
    double left = Math.min(value.uncertainty(), way.uncertainty());
    return new Input(symbol, name, new Measured(value.value(), left), unit, origin, finer);
  }

  /** One standard deviation (k = 2). */
  double sigma() {
    return value.uncertainty() / 2;
  }
}
