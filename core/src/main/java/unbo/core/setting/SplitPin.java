package unbo.core.setting;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * Split pin sizes for a thread (ISO 1234). Ranges read <em>over … up to and including</em>.
 *
 * @param overMm thread diameter over this
 * @param upToMm thread diameter up to and including this
 * @param pinHoleMm nominal size, the diameter of the pin hole
 */
public record SplitPin(double overMm, double upToMm, double pinHoleMm) {

  private static final List<SplitPin> ALL =
      Table.read(
          SplitPin.class,
          "/unbo/core/setting/split-pins.csv",
          row -> new SplitPin(row.number("over"), row.number("upTo"), row.number("pinHole")));

  /** The size for a thread diameter; empty outside the table, 5.5 to 120 mm. */
  public static Optional<SplitPin> forThread(double diameterMm) {
    return ALL.stream().filter(p -> diameterMm > p.overMm && diameterMm <= p.upToMm).findFirst();
  }
}
