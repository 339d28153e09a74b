package unbo.core.size;

import java.util.List;
import java.util.Optional;
import unbo.core.catalogue.Family;
import unbo.core.tables.Table;

/** What tells two families of one size apart in the hand: the table {@code telltales.csv}. */
public final class Telltales {

  private record Row(Family one, Family other, String look) {}

  private static final List<Row> ROWS =
      Table.read(
          Telltales.class,
          "/unbo/core/size/telltales.csv",
          row ->
              new Row(
                  Family.withId(row.text("one")).orElseThrow(IllegalArgumentException::new),
                  Family.withId(row.text("other")).orElseThrow(IllegalArgumentException::new),
                  row.text("look")));

  private Telltales() {}

  /** Where to look, within one family too; empty for pairs that nobody would mix up. */
  public static Optional<String> between(Family a, Family b) {
    return ROWS.stream()
        .filter(r -> (r.one == a && r.other == b) || (r.one == b && r.other == a))
        .map(Row::look)
        .findFirst();
  }
}
