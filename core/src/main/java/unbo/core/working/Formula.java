package unbo.core.working;

import java.util.ArrayList;
import java.util.List;

/**
 * A formula as it is worked and as it is shown.
 *
 * @param title what it gives: {@code Charge}
 * @param unit of the result, empty for a pure number
 * @param signs the formula in signs: {@code V = π/4 · B · (D² − d²) − m/ρ}
 * @param law the same, to be worked
 * @param middles values on the way that are worth showing
 * @param source the standard, the textbook or whose rule it is
 * @param limits where it holds and what it leaves out
 */
public record Formula(
    String title,
    String unit,
    String signs,
    Law law,
    List<Middle> middles,
    String source,
    String limits) {

  public Formula {
    middles = List.copyOf(middles);
  }

  /** What is done with the inputs. */
  @FunctionalInterface
  public interface Law {
    double of(Values values);
  }

  /** A value on the way. */
  public record Middle(String name, String unit, Law law) {}

  /** A formula with no value on the way. */
  public static Formula of(
      String title, String unit, String signs, Law law, String source, String limits) {
    return new Formula(title, unit, signs, law, List.of(), source, limits);
  }

  /** The same with one more value on the way. */
  public Formula by(String name, String ofMiddle, Law law) {
    List<Middle> all = new ArrayList<>(middles);
    all.add(new Middle(name, ofMiddle, law));
    return new Formula(title, unit, signs, this.law, all, source, limits);
  }
}
