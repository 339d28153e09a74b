package unbo.core.lubricant;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * Water that a bearing sees. Table {@code water.csv}: our own bounds.
 *
 * @param mostWashOut per cent that may wash out of a grease for it
 * @param does what it does, in words
 */
public record Water(String id, String title, double mostWashOut, String does) {

  private static final List<Water> ALL =
      Table.read(
          Water.class,
          "/unbo/core/lubricant/water.csv",
          row ->
              new Water(row.text("id"), row.text("title"), row.number("most"), row.text("does")));

  public static List<Water> all() {
    return ALL;
  }

  public static Optional<Water> withId(String id) {
    return ALL.stream().filter(w -> w.id.equals(id)).findFirst();
  }
}
