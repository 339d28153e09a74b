package unbo.core.arrangement;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import unbo.core.tables.Table;

/**
 * All arrangements, in the order of {@code arrangements.csv}. A template that does not hold
 * together stops the start and names its file and line.
 */
public final class Arrangements {

  private static final Arrangements STANDARD = new Arrangements();

  private final Map<String, Arrangement> byId = new LinkedHashMap<>();

  private Arrangements() {
    Table.read(Arrangements.class, "/unbo/core/arrangement/arrangements.csv", r -> r.text("id"))
        .forEach(id -> byId.put(id, TemplateReader.read(id)));
  }

  public static Arrangements standard() {
    return STANDARD;
  }

  public List<Arrangement> all() {
    return List.copyOf(byId.values());
  }

  public Optional<Arrangement> find(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  /**
   * The arrangement of an id that is known to exist.
   *
   * @throws IllegalArgumentException when it does not
   */
  public static Arrangement of(String id) {
    return STANDARD
        .find(id)
        .orElseThrow(() -> new IllegalArgumentException("There is no arrangement " + id));
  }
}
