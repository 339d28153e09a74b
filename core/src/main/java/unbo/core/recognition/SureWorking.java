package unbo.core.recognition;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import unbo.core.arrangement.Arrangement;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Values;
import unbo.core.working.Working;

/** How sure it is that a hub is of one arrangement, and of what that is made. */
public final class SureWorking {

  private SureWorking() {}

  /**
   * The probability in per cent.
   *
   * @param found answers by clue id, as given to {@link Recognition#of}
   */
  public static Working of(Arrangement arrangement, Map<String, String> found) {
    RecognitionTables tables = RecognitionTables.standard();
    int i = tables.indexOf(arrangement);
    List<Input> inputs = new ArrayList<>();
    inputs.add(
        Input.exact("p₀", "how common", tables.prior(i), "", Origin.estimated("trade knowledge")));
    List<String> factors = new ArrayList<>();
    for (Clue clue : tables.clues()) {
      if (found.containsKey(clue.id())) {
        String symbol = "q" + (factors.size() + 1);
        String answer = found.get(clue.id());
        factors.add(symbol);
        inputs.add(
            Input.exact(
                symbol,
                clue.question() + " " + label(clue, answer),
                tables.likelihood(i, clue, answer),
                "",
                Origin.estimated("how often this hub answers so")));
      }
    }
    inputs.add(
        Input.exact(
            "Σ", "sum over all hubs", tables.sum(found), "", Origin.computed("same for each")));
    return Working.of(formula(factors), inputs);
  }

  private static Formula formula(List<String> factors) {
    return Formula.of(
        "How sure",
        "%",
        "100 · p₀ · q₁ · q₂ … / Σ, at most 97",
        v -> 100 * Math.min(Recognition.MOST_SURE, product(v, factors) / v.get("Σ")),
        "Bayes’ rule with independent answers.",
        "All shares are our own estimates; answers that mean the same count twice, so it stops at 97 %.");
  }

  private static double product(Values v, List<String> factors) {
    double product = v.get("p₀");
    for (String factor : factors) {
      product *= v.get(factor);
    }
    return product;
  }

  private static String label(Clue clue, String answer) {
    return clue.answers().stream()
        .filter(a -> a.id().equals(answer))
        .map(Clue.Answer::label)
        .findFirst()
        .orElseThrow();
  }
}
