package unbo.core.arrangement;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
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
  private final Map<String, Arrangement> chosen = new ConcurrentHashMap<>();

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

  /** The arrangement of an id, with options chosen or without; empty where one does not exist. */
  public Optional<Arrangement> find(String id) {
    return Optional.ofNullable(byId.get(id)).or(() -> chosen(id));
  }

  private Optional<Arrangement> chosen(String id) {
    List<String> words = List.of(id.split(CHOSEN, -1));
    Arrangement usual = byId.get(words.get(0));
    List<String> options = words.subList(1, words.size());
    return usual == null || usual.choices().isEmpty() || !isChoiceOf(usual.choices(), options)
        ? Optional.empty()
        : Optional.of(chosen.computeIfAbsent(id, i -> TemplateReader.read(usual.id(), i, options)));
  }

  private static boolean isChoiceOf(List<Choice> choices, List<String> options) {
    return choices.size() == options.size()
        && IntStream.range(0, options.size())
            .allMatch(i -> choices.get(i).options().contains(options.get(i)));
  }

  /** Every way to choose in an arrangement; empty where nothing is chosen. */
  public List<Arrangement> variants(Arrangement of) {
    List<String> ids = of.choices().isEmpty() ? List.of() : List.of(of.baseId());
    for (Choice choice : of.choices()) {
      ids =
          ids.stream().flatMap(id -> choice.options().stream().map(o -> id + CHOSEN + o)).toList();
    }
    return ids.stream().map(Arrangements::of).toList();
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
