package unbo.core.catalogue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * Bearings that are wider with shields or seals than open: miniatures and inch sizes, machined
 * needle bearings by their inner ring, and the short numbers of thin ones ({@code 688} is 4 mm wide
 * open and 5 mm closed, where it is no longer a {@code 618/8}). Common trade listings.
 */
public final class ClosedWidths {

  /** Tables whose rows say how wide they are closed. */
  public static final List<String> TABLES =
      List.of("catalogue/inch-ball", "catalogue/miniature-ball", "catalogue/needle-roller");

  private static final ClosedWidths STANDARD = new ClosedWidths();

  private final Map<String, Bearing> bySpelling = new HashMap<>();

  private ClosedWidths() {
    for (String file : TABLES) {
      read(file, "designation", "designation");
    }
    read("designation/short-spellings", "short", "long");
  }

  /** Those of the shipped tables. */
  public static ClosedWidths standard() {
    return STANDARD;
  }

  private void read(String file, String spelling, String listed) {
    Table.read(
        ClosedWidths.class,
        "/unbo/core/" + file + ".csv",
        row -> {
          if (!row.text("closedWidth").equals("-")) {
            Bearing open = Catalogue.standard().listed(row.text(listed)).orElseThrow();
            String spelled = row.text(spelling);
            bySpelling.put(spelled, open.closed(spelled, row.number("closedWidth")));
          }
          return spelling;
        });
  }

  /** The closed bearing of a number without its suffixes; empty where its width does not change. */
  public Optional<Bearing> find(String designation) {
    return Optional.ofNullable(bySpelling.get(designation));
  }

  /** All of them. */
  public List<Bearing> all() {
    return List.copyOf(bySpelling.values());
  }
}
