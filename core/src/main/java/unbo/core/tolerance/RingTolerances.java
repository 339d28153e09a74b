package unbo.core.tolerance;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * Limits of the mean bore, the mean outside and the width of rings, from {@code
 * ring-tolerances.csv}. Ranges read <em>over … up to and including</em>: 30 belongs to 18–30. The
 * width of a ring goes by its bore.
 */
public final class RingTolerances {

  /** What is limited. */
  public enum Dimension {
    BORE("bore"),
    OUTSIDE("outside"),
    WIDTH("width");

    private final String id;

    Dimension(String id) {
      this.id = id;
    }

    public String id() {
      return id;
    }

    static Dimension parse(String id) {
      return valueOf(id.toUpperCase(java.util.Locale.ROOT));
    }
  }

  private record Row(
      RingKind kind,
      Dimension dimension,
      String toleranceClass,
      double over,
      double upTo,
      Limits limits) {}

  private static final List<Row> ROWS =
      Table.read(
          RingTolerances.class,
          "/unbo/core/tolerance/ring-tolerances.csv",
          row ->
              new Row(
                  RingKind.withId(row.text("kind")).orElseThrow(IllegalArgumentException::new),
                  Dimension.parse(row.text("dimension")),
                  row.text("class"),
                  row.number("over"),
                  row.number("upTo"),
                  new Limits(row.number("lowerUm"), row.number("upperUm"), row.text("source"))));

  private RingTolerances() {}

  /** The classes of a kind, the coarsest first; the usual one where no limits are known. */
  public static List<String> classes(RingKind kind) {
    List<String> classes =
        ROWS.stream().filter(r -> r.kind == kind).map(Row::toleranceClass).distinct().toList();
    return classes.isEmpty() ? List.of(kind.usualClass()) : classes;
  }

  /**
   * The limits of a dimension.
   *
   * @param toleranceClass in the words of the kind, such as {@code P6} or {@code 00}
   * @param sizeMm the nominal bore for bore and width, the nominal outside for the outside
   * @return empty where the table ends or does not know the class
   */
  public static Optional<Limits> of(
      RingKind kind, Dimension dimension, String toleranceClass, double sizeMm) {
    return ROWS.stream()
        .filter(
            r ->
                r.kind == kind
                    && r.dimension == dimension
                    && r.toleranceClass.equals(toleranceClass)
                    && sizeMm > r.over
                    && sizeMm <= r.upTo)
        .map(Row::limits)
        .findFirst();
  }
}
