package unbo.core.strip;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Hold;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.TurningGroups;

/**
 * Through which parts a force goes. Rings of whole bearings are pieces of their own; between them
 * lie the rolling elements, and a path over them dents the raceways.
 */
final class ForcePaths {

  private final Arrangement arrangement;
  private final Map<String, Set<String>> solid = new HashMap<>();
  private final Map<String, Set<String>> rolling = new HashMap<>();

  ForcePaths(Arrangement arrangement) {
    this.arrangement = arrangement;
    for (PartTemplate p : arrangement.parts()) {
      if (p.isWholeBearing()) {
        join(rolling, p.id() + "/inner", p.id() + "/outer");
      }
    }
    for (Contact c : arrangement.contacts()) {
      boolean rolls = c.isHeldBy(Hold.RACEWAY);
      boolean carries = c.keepsTogether() || c.isHeldBy(Hold.GLIDING);
      if (rolls || carries) {
        join(
            rolls ? rolling : solid,
            TurningGroups.nearPiece(arrangement, c),
            TurningGroups.farPiece(arrangement, c));
      }
    }
  }

  private static void join(Map<String, Set<String>> edges, String one, String other) {
    edges.computeIfAbsent(one, x -> new HashSet<>()).add(other);
    edges.computeIfAbsent(other, x -> new HashSet<>()).add(one);
  }

  /** The pieces of a part: itself, or its two rings. */
  List<String> pieces(String part) {
    return arrangement.part(part).orElseThrow().isWholeBearing()
        ? List.of(part + "/inner", part + "/outer")
        : List.of(part);
  }

  static String partOf(String piece) {
    int slash = piece.indexOf('/');
    return slash < 0 ? piece : piece.substring(0, slash);
  }

  /**
   * A way through some parts.
   *
   * @param pieces from the first to the last
   * @param crosses whether it goes over rolling elements
   */
  record Way(List<String> pieces, boolean crosses) {}

  /** The way within some parts that crosses least; null where there is none. */
  Way between(String from, String to, Set<String> parts) {
    Way straight = search(from, to, parts, false);
    return straight == null ? search(from, to, parts, true) : straight;
  }

  private Way search(String from, String to, Set<String> parts, boolean overElements) {
    Map<String, String> before = new HashMap<>();
    Deque<String> open = new ArrayDeque<>(List.of(from));
    before.put(from, "");
    while (!open.isEmpty()) {
      String at = open.poll();
      if (at.equals(to)) {
        return new Way(back(before, to), overElements);
      }
      next(at, overElements).stream()
          .filter(n -> parts.contains(partOf(n)) && !before.containsKey(n))
          .forEach(
              n -> {
                before.put(n, at);
                open.add(n);
              });
    }
    return null;
  }

  private Set<String> next(String at, boolean overElements) {
    Set<String> next = new HashSet<>(solid.getOrDefault(at, Set.of()));
    if (overElements) {
      next.addAll(rolling.getOrDefault(at, Set.of()));
    }
    return next;
  }

  private static List<String> back(Map<String, String> before, String to) {
    List<String> way = new ArrayList<>();
    for (String at = to; !at.isEmpty(); at = before.get(at)) {
      way.add(at);
    }
    Collections.reverse(way);
    return way;
  }
}
