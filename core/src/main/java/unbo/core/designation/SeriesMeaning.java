package unbo.core.designation;

import java.util.Map;
import java.util.stream.Collectors;
import unbo.core.catalogue.Bearing;
import unbo.core.tables.Table;

/** What the leading run of a metric number says: the table {@code series.csv}. */
final class SeriesMeaning {

  private static final Map<String, String> ALL =
      Table.read(
              SeriesMeaning.class,
              "/unbo/core/designation/series.csv",
              row -> Map.entry(row.text("family") + " " + row.text("series"), row.text("meaning")))
          .stream()
          .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

  private SeriesMeaning() {}

  static String of(Bearing bearing) {
    String key = bearing.family().id() + " " + bearing.series();
    String meaning = ALL.get(key);
    if (meaning == null) {
      throw new IllegalStateException("No meaning for series " + key);
    }
    return meaning;
  }
}
