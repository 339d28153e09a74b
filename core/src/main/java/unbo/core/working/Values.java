package unbo.core.working;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The values of a formula's inputs by their signs. */
public final class Values {

  private final Map<String, Integer> places;
  private final double[] values;

  private Values(Map<String, Integer> places, double[] values) {
    this.places = places;
    this.values = values;
  }

  static Values of(List<Input> inputs) {
    Map<String, Integer> places = new HashMap<>();
    double[] values = new double[inputs.size()];
    for (int i = 0; i < values.length; i++) {
      if (places.put(inputs.get(i).symbol(), i) != null) {
        throw new IllegalArgumentException("Two inputs are called " + inputs.get(i).symbol());
      }
      values[i] = inputs.get(i).value().value();
    }
    return new Values(places, values);
  }

  /** The same with one value moved, by the input's place in the list. */
  Values with(int place, double value) {
    double[] moved = values.clone();
    moved[place] = value;
    return new Values(places, moved);
  }

  /** The same with all values replaced, in the inputs' order. */
  Values all(double[] drawn) {
    return new Values(places, drawn);
  }

  /** Whether there is an input of that sign: for formulas over as many as there are. */
  public boolean has(String symbol) {
    return places.containsKey(symbol);
  }

  /**
   * The value of an input.
   *
   * @throws IllegalArgumentException when the formula has no such input
   */
  public double get(String symbol) {
    Integer place = places.get(symbol);
    if (place == null) {
      throw new IllegalArgumentException("No input is called " + symbol);
    }
    return values[place];
  }
}
