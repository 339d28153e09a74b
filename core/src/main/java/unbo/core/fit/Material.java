package unbo.core.fit;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * What a seat is made of. Table {@code materials.csv}.
 *
 * @param modulusMpa modulus of elasticity, MPa
 * @param poisson Poisson's ratio
 * @param expansion linear, 1/K
 * @param density g/cm³
 * @param heat specific, J/(kg·K)
 * @param proofMpa what a housing's hoop stress is warned over half of, MPa
 */
public record Material(
    String id,
    String title,
    double modulusMpa,
    double poisson,
    double expansion,
    double density,
    double heat,
    double proofMpa) {

  private static final List<Material> ALL =
      Table.read(
          Material.class,
          "/unbo/core/fit/materials.csv",
          row ->
              new Material(
                  row.text("id"),
                  row.text("title"),
                  row.number("e") * 1000,
                  row.number("nu"),
                  row.number("alpha") * 1e-6,
                  row.number("density"),
                  row.number("heat"),
                  row.number("proof")));

  public static final Material RING = withId("ring").orElseThrow();
  public static final Material STEEL = withId("steel").orElseThrow();

  public static Optional<Material> withId(String id) {
    return ALL.stream().filter(m -> m.id.equals(id)).findFirst();
  }

  /** What a shaft or a housing may be made of. */
  public static List<Material> ofSeats() {
    return ALL.stream().filter(m -> !m.id.equals("ring")).toList();
  }

  /** Whether it grows so much more than a ring that heat frees one in it. */
  public boolean isLightAlloy() {
    return expansion > 1.5 * RING.expansion;
  }
}
