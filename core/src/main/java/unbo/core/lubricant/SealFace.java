package unbo.core.lubricant;

import java.util.List;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * What lies behind the face whose seal somebody would leave off. Basis and sources stand in {@code
 * seal-faces.csv}.
 *
 * @param verdict arguable, usual, no or never
 */
public record SealFace(String id, String title, String verdict, String why) {

  private static final List<SealFace> ALL =
      Table.read(
          SealFace.class,
          "/unbo/core/lubricant/seal-faces.csv",
          row ->
              new SealFace(
                  row.text("id"), row.text("title"), row.text("verdict"), row.text("why")));

  public static List<SealFace> all() {
    return ALL;
  }

  public static Optional<SealFace> withId(String id) {
    return ALL.stream().filter(f -> f.id.equals(id)).findFirst();
  }
}
