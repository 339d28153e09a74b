package unbo.core.setting;

import java.util.List;
import unbo.core.arrangement.Adjustment;
import unbo.core.tables.Table;

/** Procedure cards of what is set otherwise than at a castle nut: {@code cards.csv}. */
public final class SettingCards {

  private record Row(Adjustment.By by, String text) {}

  private static final List<Row> ROWS =
      Table.read(
          SettingCards.class,
          "/unbo/core/setting/cards.csv",
          row -> new Row(Adjustment.By.withWord(row.text("by")), row.text("text")));

  private SettingCards() {}

  /** The steps of a way of setting, in their order; empty for a castle nut, which has its own. */
  public static List<String> of(Adjustment.By by) {
    return ROWS.stream().filter(r -> r.by == by).map(Row::text).toList();
  }
}
