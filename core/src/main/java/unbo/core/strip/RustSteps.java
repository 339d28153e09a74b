package unbo.core.strip;

import java.util.List;
import unbo.core.tables.Table;

/**
 * What to try on a unit that rust holds, in rising order of harm. Table {@code rust-steps.csv}:
 * general workshop practice.
 */
public final class RustSteps {

  private static final List<RustStep> STEPS =
      Table.read(
          RustSteps.class,
          "/unbo/core/strip/rust-steps.csv",
          row ->
              new RustStep(
                  row.text("step"),
                  row.text("harm"),
                  row.whole("minutes"),
                  row.text("text"),
                  row.text("caution")));

  /**
   * One step.
   *
   * @param harm what it costs, in a word or two: none, little, scraps, risks the seat
   * @param minutes to wait before the next, 0 for none
   */
  public record RustStep(String id, String harm, int minutes, String text, String caution) {}

  private RustSteps() {}

  /** All steps, the gentlest first. */
  public static List<RustStep> all() {
    return STEPS;
  }
}
