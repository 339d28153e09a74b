package unbo.core.arrangement;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.core.tables.Table;

/**
 * All arrangements, in the order of {@code arrangements.csv}. A template that does not hold
 * together stops the start and names its file and line.
 */
public final class Arrangements {

  private static final Arrangements STANDARD = new Arrangements();

  /** Stands before each chosen option in an id. */
  static final String CHOSEN = "-";

  private final Map<String, Arrangement> byId = new LinkedHashMap<>();
  private final Map<String, Arrangement> chosen = new LinkedHashMap<>();

  private Arrangements() {
    Table.read(Arrangements.class, "/unbo/core/arrangement/arrangements.csv", r -> r.text("id"))
        .forEach(this::add);
  }

  private void add(String id) {
    Arrangement usual = TemplateReader.read(id);
    byId.put(id, usual);
    for (List<String> options : combinations(usual.choices())) {
      String variant = id + CHOSEN + String.join(CHOSEN, options);
      chosen.put(variant, TemplateReader.read(id, variant, options));
    }
  }

  private static List<List<String>> combinations(List<Choice> choices) {
    List<List<String>> all = choices.isEmpty() ? List.of() : List.of(List.of());
    for (Choice choice : choices) {
      all =
          all.stream()
              .flatMap(
                  before ->
                      choice.options().stream()
                          .map(o -> Stream.concat(before.stream(), Stream.of(o)).toList()))
              .toList();
    }
    return all;
  }

  public static Arrangements standard() {
    return STANDARD;
  }

  public List<Arrangement> all() {
    return List.copyOf(byId.values());
  }

  /** The arrangement of an id, with options chosen or without. */
  public Optional<Arrangement> find(String id) {
    return Optional.ofNullable(byId.get(id)).or(() -> Optional.ofNullable(chosen.get(id)));
  }

  /** Every way to choose in an arrangement; empty where nothing is chosen. */
  public List<Arrangement> variants(Arrangement of) {
    return chosen.values().stream().filter(a -> a.baseId().equals(of.baseId())).toList();
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
