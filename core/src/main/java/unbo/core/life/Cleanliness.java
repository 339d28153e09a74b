package unbo.core.life;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/** How clean a greased bearing is kept. Table {@code cleanliness.csv}, ISO 281. */
public record Cleanliness(String id, String title, double c, double b) {

  private static final List<Cleanliness> ALL =
      Table.read(
          Cleanliness.class,
          "/unbo/core/life/cleanliness.csv",
          row ->
              new Cleanliness(row.text("id"), row.text("title"), row.number("c"), row.number("b")));

  public static List<Cleanliness> all() {
    return ALL;
  }

  public static Optional<Cleanliness> withId(String id) {
    return ALL.stream().filter(x -> x.id.equals(id)).findFirst();
  }

  /** Contamination factor e_C, 0 to 1. */
  public double factor(double kappa, double meanDiameterMm) {
    double a = Math.min(1, c * Math.pow(Math.min(kappa, 4), 0.68) * Math.pow(meanDiameterMm, 0.55));
    return Math.max(0, a * (1 - b / Math.cbrt(meanDiameterMm)));
  }
}
