package unbo.core.vehicle;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * A usual vehicle to start a new one from; its sizes are typical and can be changed.
 *
 * @param id the word in addresses
 * @param title what it is called
 * @param layout its sizes
 */
public record VehicleTemplate(String id, String title, VehicleLayout layout) {

  private static final List<VehicleTemplate> ALL =
      Table.read(VehicleTemplate.class, "/unbo/core/vehicle/templates.csv", VehicleTemplate::of);

  private static VehicleTemplate of(Table.Row row) {
    VehicleKind kind =
        VehicleKind.withId(row.text("kind"))
            .orElseThrow(() -> new IllegalArgumentException("no such kind"));
    return new VehicleTemplate(
        row.text("id"),
        row.text("title"),
        new VehicleLayout(
            kind,
            row.text("build"),
            row.whole("axles"),
            row.number("track"),
            row.number("axleDistance"),
            row.number("length")));
  }

  public static List<VehicleTemplate> all() {
    return ALL;
  }

  public static Optional<VehicleTemplate> withId(String id) {
    return ALL.stream().filter(t -> t.id.equals(id)).findFirst();
  }
}
