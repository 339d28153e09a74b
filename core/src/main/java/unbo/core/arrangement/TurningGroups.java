package unbo.core.arrangement;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * What stands and what turns in an arrangement: its contacts are cut at raceways and lips, and what
 * is still joined to the fixed part stands with it. The two rings of a whole bearing are two
 * pieces, since its rolling elements lie between them.
 *
 * @param standing pieces joined to the fixed part, such as {@code axle}, {@code left-bearing/inner}
 * @param turning the pieces of the largest other group; of two as large, the one that is not of a
 *     bearing's rings alone
 * @param rolling pieces that touch others at raceways and lips alone: rows of balls, a shaft
 *     running free
 * @param adrift pieces that belong to none of them; a template that has one is not whole
 */
public record TurningGroups(
    Set<String> standing, Set<String> turning, Set<String> rolling, Set<String> adrift) {

  /** The groups of an arrangement. */
  public static TurningGroups of(Arrangement arrangement) {
    Map<String, Set<String>> joined = new HashMap<>();
    arrangement
        .parts()
        .forEach(p -> pieces(arrangement, p.id()).forEach(x -> joined.put(x, new HashSet<>())));
    Set<String> rolled = new HashSet<>();
    for (Contact contact : arrangement.contacts()) {
      String one = piece(arrangement, contact.part(), contact.ring(), contact.kind(), true);
      String other =
          piece(arrangement, contact.other(), contact.otherRing(), contact.kind(), false);
      if (contact.keepsTogether()) {
        joined.get(one).add(other);
        joined.get(other).add(one);
      } else {
        rolled.add(one);
        rolled.add(other);
      }
    }
    return grouped(arrangement, joined, rolled);
  }

  /**
   * The part that carries what turns: of those that are no bearing the one with most press fits,
   * and most contacts where those are alike.
   */
  public static PartTemplate turningPart(Arrangement arrangement) {
    Set<String> turning = of(arrangement).turning();
    return arrangement.parts().stream()
        .filter(p -> turning.contains(p.id()) && !p.isBearing())
        .max(
            Comparator.comparingLong((PartTemplate p) -> pressFits(arrangement, p))
                .thenComparing(p -> arrangement.contactsOf(p.id()).size()))
        .orElseThrow(() -> new IllegalStateException(arrangement.id() + " turns nothing"));
  }

  private static long pressFits(Arrangement arrangement, PartTemplate part) {
    return arrangement.contactsOf(part.id()).stream().filter(c -> c.isHeldBy(Hold.TIGHT)).count();
  }

  private static TurningGroups grouped(
      Arrangement arrangement, Map<String, Set<String>> joined, Set<String> rolled) {
    Set<String> left = new TreeSet<>(joined.keySet());
    Set<String> standing = reach(pieces(arrangement, arrangement.fixed()).get(0), joined);
    left.removeAll(standing);
    List<Set<String>> others = new ArrayList<>();
    while (!left.isEmpty()) {
      Set<String> group = reach(left.iterator().next(), joined);
      left.removeAll(group);
      others.add(group);
    }
    others.sort(
        Comparator.comparing((Set<String> g) -> -g.size())
            .thenComparing(g -> g.stream().allMatch(piece -> piece.contains("/"))));
    Set<String> turning = others.isEmpty() ? Set.of() : others.remove(0);
    Set<String> rolling = new TreeSet<>();
    Set<String> adrift = new TreeSet<>();
    for (Set<String> group : others) {
      (group.size() == 1 && rolled.containsAll(group) ? rolling : adrift).addAll(group);
    }
    return new TurningGroups(standing, turning, rolling, adrift);
  }

  private static Set<String> reach(String from, Map<String, Set<String>> joined) {
    Set<String> seen = new TreeSet<>(Set.of(from));
    Deque<String> open = new ArrayDeque<>(seen);
    while (!open.isEmpty()) {
      joined.get(open.poll()).stream().filter(seen::add).forEach(open::add);
    }
    return seen;
  }

  private static List<String> pieces(Arrangement arrangement, String part) {
    return arrangement.part(part).orElseThrow().isWholeBearing()
        ? List.of(part + "/inner", part + "/outer")
        : List.of(part);
  }

  /** The piece at the near end of a contact: a part, or a ring of a whole bearing. */
  public static String nearPiece(Arrangement arrangement, Contact contact) {
    return piece(arrangement, contact.part(), contact.ring(), contact.kind(), true);
  }

  /** The piece at the far end of a contact. */
  public static String farPiece(Arrangement arrangement, Contact contact) {
    return piece(arrangement, contact.other(), contact.otherRing(), contact.kind(), false);
  }

  /** On a shaft sits the inner ring, in a housing the outer one; else the template says which. */
  private static String piece(
      Arrangement arrangement, String part, Optional<Ring> said, Contact.Kind kind, boolean own) {
    if (!arrangement.part(part).orElseThrow().isWholeBearing()) {
      return part;
    }
    return part + "/" + ring(part, said, kind, own).name().toLowerCase(java.util.Locale.ROOT);
  }

  static Ring ring(String part, Optional<Ring> said, Contact.Kind kind, boolean own) {
    return said.orElseGet(
        () ->
            switch (kind) {
              case ON -> own ? Ring.INNER : Ring.OUTER;
              case IN -> own ? Ring.OUTER : Ring.INNER;
              default ->
                  throw new IllegalArgumentException(
                      "say which ring of " + part + ": " + part + "/inner or " + part + "/outer");
            });
  }

  /**
   * Whether the outer ring of a place's bearing turns with what turns; else its inner ring does.
   */
  public boolean turnsOuter(Arrangement arrangement, String placeId) {
    return arrangement.partsOf(placeId).stream()
        .anyMatch(
            p ->
                turning().contains(p.id() + "/outer")
                    || turning().contains(p.id()) && p.ring().equals(Optional.of(Ring.OUTER)));
  }
}
