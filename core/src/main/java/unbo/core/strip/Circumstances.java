package unbo.core.strip;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import unbo.core.arrangement.Contact;

/**
 * What is found and owned.
 *
 * @param tight press fits that were found, each as the part and its seat; empty where the contacts
 *     of the template count
 * @param states what became of contacts, by {@link #name(Contact)}
 * @param tools what the shop owns; empty where that is not known and all counts
 */
public record Circumstances(
    Optional<Set<StripStep.Grip>> tight, Map<String, State> states, Optional<Set<Tool>> tools) {

  /** Nothing is known but the template. */
  public static final Circumstances AS_DRAWN =
      new Circumstances(Optional.empty(), Map.of(), Optional.empty());

  /** What became of a contact. */
  public enum State {
    RUSTED("rusted"),
    SEIZED("seized"),
    LEFT_BEHIND("left-behind");

    private final String id;

    State(String id) {
      this.id = id;
    }

    /** The word of the JSON interface. */
    public String id() {
      return id;
    }

    public static Optional<State> withId(String id) {
      return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }
  }

  public Circumstances {
    states = Map.copyOf(states);
  }

  /** A contact as the template writes it: {@code inboard-cup in hub}. */
  public static String name(Contact contact) {
    String verb = contact.kind().name().toLowerCase(java.util.Locale.ROOT);
    return contact.part() + " " + verb + " " + contact.other();
  }

  /** Whether a contact needs force or heat. */
  boolean isTight(Contact contact) {
    if (states.containsKey(name(contact))) {
      return true;
    }
    return tight
        .map(t -> t.contains(new StripStep.Grip(contact.part(), contact.other())))
        .orElseGet(() -> StripOrder.isPressed(contact));
  }

  /** What of some tools this shop has not; none where what it owns is not known. */
  List<Tool> missing(List<Tool> needed) {
    return needed.stream().filter(t -> tools.filter(o -> !o.contains(t)).isPresent()).toList();
  }

  boolean isRusted(Contact contact) {
    return states.containsKey(name(contact));
  }
}
