package unbo.core.lubricant;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * How a closed cartridge is opened, washed and greased again, by its closure. Basis and sources
 * stand in {@code servicing.csv}.
 *
 * @param closure id of what closes it
 * @param can whether it can be served at all
 * @param off how the closure comes off
 * @param back how it goes back
 */
public record Servicing(String closure, boolean can, String off, String back) {

  /** A served cartridge is looked at again after half of what its grease lasts: our own. */
  public static final double SHARE_OF_LIFE = 0.5;

  /** And where it is wet within these months, whatever the grease lasts: our own. */
  public static final int MOST_MONTHS_WET = 12;

  private static final List<Servicing> ALL =
      Table.read(
          Servicing.class,
          "/unbo/core/lubricant/servicing.csv",
          row ->
              new Servicing(
                  row.text("closure"),
                  row.text("serve").equals("yes"),
                  row.text("off"),
                  row.text("back")));

  public static List<Servicing> all() {
    return ALL;
  }

  /** That of a closure. */
  public static Optional<Servicing> of(String closure) {
    return ALL.stream().filter(s -> s.closure.equals(closure)).findFirst();
  }

  /** The round, step by step; a single step where it cannot be served. */
  public List<String> steps() {
    return can
        ? List.of(
            off,
            "Wash out with clean solvent, spin by hand alone, never with compressed air; a rough or loose one is not served.",
            "Dry it fully, turning; what stays inside thins the grease.",
            "Fill by hand from both sides, turning, and level off.",
            back)
        : List.of(off, back);
  }
}
