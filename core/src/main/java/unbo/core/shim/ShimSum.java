package unbo.core.shim;

import java.util.ArrayList;
import java.util.List;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * The shim that a stack of depths needs: Σ sign·depth + closes·(preload − play), all in mm, the
 * doubt by root sum of squares. Geometry; the signs are those of the drawing. Depths are taken with
 * the very parts that go in.
 *
 * @param needed thickness, with its doubt
 */
public record ShimSum(Working needed) {

  /**
   * A depth of the stack.
   *
   * @param sign 1 where it asks for more shim, −1 where for less
   */
  public record Depth(String label, double valueMm, double u95Mm, int sign) {

    /**
     * @throws IllegalArgumentException for another sign
     */
    public Depth {
      if (sign != 1 && sign != -1) {
        throw new IllegalArgumentException("A sign is 1 or −1");
      }
    }
  }

  /** Whether a shim is needed. */
  public enum Says {
    YES("yes"),
    NO("no"),
    CANNOT_TELL("cannot-tell");

    private final String id;

    Says(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }
  }

  /**
   * Sums a stack.
   *
   * @param depths one or more
   * @param closes 1 where a thicker shim closes the gap, −1 where it opens it
   * @param preloadMm wanted; play counts as less than none
   */
  public static ShimSum of(List<Depth> depths, int closes, double preloadMm) {
    if (depths.isEmpty() || closes != 1 && closes != -1) {
      throw new IllegalArgumentException("Not a stack");
    }
    List<Input> inputs = new ArrayList<>();
    StringBuilder signs = new StringBuilder("s =");
    for (int i = 0; i < depths.size(); i++) {
      Depth d = depths.get(i);
      String symbol = "t" + (i + 1);
      inputs.add(
          Input.of(symbol, d.label, d.valueMm, d.u95Mm, "mm", Origin.measured("depth, as read")));
      signs.append(d.sign > 0 ? " + " : " − ").append(symbol);
    }
    inputs.add(
        Input.exact(
            "w", "preload wanted, play less than none", preloadMm, "mm", Origin.entered("wanted")));
    signs.append(closes > 0 ? " + w" : " − w");
    return new ShimSum(
        Working.of(
            Formula.of(
                "Shim needed",
                "mm",
                signs.toString(),
                v -> {
                  double sum = closes * v.get("w");
                  for (int i = 0; i < depths.size(); i++) {
                    sum += depths.get(i).sign * v.get("t" + (i + 1));
                  }
                  return sum;
                },
                "Geometry of the stack.",
                "Faces flat and parallel; gasket crush as entered."),
            inputs));
  }

  /** Whether a shim is needed at all: less than none means the stack is too long already. */
  public Says says() {
    double value = needed.result().value();
    double doubt = needed.result().uncertainty();
    return value > doubt ? Says.YES : value < -doubt ? Says.NO : Says.CANNOT_TELL;
  }
}
