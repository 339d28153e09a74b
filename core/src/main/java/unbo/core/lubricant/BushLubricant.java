package unbo.core.lubricant;

import java.util.List;
import unbo.core.tables.Table;

/**
 * What goes into a bush or joint, what never, and why. Basis and sources stand in {@code
 * bushes.csv}.
 *
 * @param takes what it takes; {@code nothing} where it needs none
 */
public record BushLubricant(String id, String what, String takes, String never, String why) {

  private static final List<BushLubricant> ALL =
      Table.read(
          BushLubricant.class,
          "/unbo/core/lubricant/bushes.csv",
          row ->
              new BushLubricant(
                  row.text("id"),
                  row.text("what"),
                  row.text("takes"),
                  row.text("never"),
                  row.text("why")));

  public static List<BushLubricant> all() {
    return ALL;
  }

  /** Whether it needs no lubricant at all. */
  public boolean isDry() {
    return takes.equals("nothing");
  }
}
