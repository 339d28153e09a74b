package unbo.core.working;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import unbo.core.measure.Measured;

/**
 * A formula worked with its inputs: everything that a figure can show of how it came about.
 *
 * @param formula what was worked
 * @param inputs with what
 * @param result value and uncertainty at 95 %, in the formula's unit
 * @param least lower end of the 95 % interval
 * @param most upper end
 * @param drawn whether the interval was drawn, because the formula bends
 * @param shares what each input with an uncertainty contributes, greatest first; they sum to 1
 * @param steps the values on the way
 */
public record Working(
    Formula formula,
    List<Input> inputs,
    Measured result,
    double least,
    double most,
    boolean drawn,
    List<Share> shares,
    List<Step> steps) {

  /** The share of an input in the variance of the result, 0 to 1. */
  public record Share(Input input, double share) {}

  /** A value on the way. */
  public record Step(String name, double value, String unit) {}

  /**
   * Works a formula.
   *
   * @throws IllegalArgumentException when an input is missing, named twice, or the result is not a
   *     number
   */
  public static Working of(Formula formula, List<Input> inputs) {
    Propagation p = Propagation.of(formula.law(), inputs);
    Values values = Values.of(inputs);
    List<Step> steps =
        formula.middles().stream()
            .map(m -> new Step(m.name(), m.law().of(values), m.unit()))
            .toList();
    return new Working(
        formula,
        List.copyOf(inputs),
        p.result(),
        p.least(),
        p.most(),
        p.drawn(),
        shares(inputs, p.changes()),
        steps);
  }

  private static List<Share> shares(List<Input> inputs, List<Double> changes) {
    double sum = changes.stream().mapToDouble(c -> c * c).sum();
    if (sum == 0) {
      return List.of();
    }
    List<Share> shares = new ArrayList<>();
    for (int i = 0; i < inputs.size(); i++) {
      if (inputs.get(i).value().uncertainty() > 0) {
        shares.add(new Share(inputs.get(i), changes.get(i) * changes.get(i) / sum));
      }
    }
    shares.sort(Comparator.comparingDouble(Share::share).reversed());
    return List.copyOf(shares);
  }

  /** The input that makes most of the doubt; empty when nothing is uncertain. */
  public Optional<Share> mostDoubtful() {
    return shares.stream().findFirst();
  }

  /** The share of an input in the doubt; 0 for one that is exact. */
  public double shareOf(Input input) {
    return shares.stream()
        .filter(s -> s.input().symbol().equals(input.symbol()))
        .mapToDouble(Share::share)
        .sum();
  }

  /** The same formula with one input known better. */
  Working after(Input input, Finer way) {
    return of(
        formula,
        inputs.stream().map(i -> i.symbol().equals(input.symbol()) ? i.after(way) : i).toList());
  }

  /** The same formula with every input known as well as its finest way would. */
  Working atBest() {
    return of(
        formula,
        inputs.stream()
            .map(
                i ->
                    i.finer().stream()
                        .min(Comparator.comparingDouble(Finer::uncertainty))
                        .map(i::after)
                        .orElse(i))
            .toList());
  }
}
