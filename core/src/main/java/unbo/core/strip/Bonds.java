package unbo.core.strip;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Contact.Kind;
import unbo.core.arrangement.Hold;
import unbo.core.arrangement.PartTemplate;

/**
 * What holds the parts of an arrangement to each other, as far as it says how they come apart.
 * Parts that are one piece for the workshop go by the name of the first of them.
 */
final class Bonds {

  /** The lower shoulder of an angular contact row, over which its balls can be forced. */
  private static final double SNAP_MM = 1.0;

  private final Arrangement arrangement;
  private final Predicate<Contact> tight;
  private final Map<String, String> pieceOf = new LinkedHashMap<>();

  /**
   * The bonds of an arrangement.
   *
   * @param tight which of its contacts need force or heat
   */
  Bonds(Arrangement arrangement, Predicate<Contact> tight) {
    this.arrangement = arrangement;
    this.tight = tight;
    arrangement.parts().forEach(p -> pieceOf.put(p.id(), p.id()));
    for (Contact c : arrangement.contacts()) {
      if (c.holds().equals(Set.of(Hold.BONDED))) {
        join(c.part(), c.other());
      }
    }
  }

  private void join(String one, String other) {
    String first = pieceOf.get(other);
    String second = pieceOf.get(one);
    pieceOf.replaceAll((part, piece) -> piece.equals(second) ? first : piece);
  }

  /** The pieces, each by the name of one of its parts, in the order of the template. */
  Set<String> pieces() {
    return new LinkedHashSet<>(pieceOf.values());
  }

  String piece(String part) {
    return pieceOf.get(part);
  }

  /** The parts of a piece. */
  List<String> parts(String piece) {
    return pieceOf.keySet().stream().filter(p -> pieceOf.get(p).equals(piece)).toList();
  }

  private boolean crosses(Contact c, Set<String> moving) {
    return moving.contains(piece(c.part())) != moving.contains(piece(c.other()));
  }

  private List<Contact> crossing(Set<String> moving, Set<String> among) {
    return arrangement.contacts().stream()
        .filter(c -> among.contains(piece(c.part())) && among.contains(piece(c.other())))
        .filter(c -> crosses(c, moving))
        .toList();
  }

  /** Press fits between pieces that move and others that are still there. */
  List<StripStep.Grip> tight(Set<String> moving, Set<String> among) {
    return crossing(moving, among).stream()
        .filter(c -> tight.test(c))
        .map(c -> new StripStep.Grip(c.part(), c.other()))
        .toList();
  }

  /** Pieces that sit with a press fit on or in another. */
  Set<String> pressedTo(String piece, Set<String> among) {
    Set<String> pressed = new LinkedHashSet<>();
    for (Contact c : arrangement.contacts()) {
      if (tight.test(c)) {
        String one = piece(c.part());
        String other = piece(c.other());
        if (one.equals(piece) && among.contains(other)) {
          pressed.add(other);
        } else if (other.equals(piece) && among.contains(one)) {
          pressed.add(one);
        }
      }
    }
    pressed.remove(piece);
    return pressed;
  }

  /** Whether screws or bolts must be undone for these to move. */
  boolean isUnscrewed(Set<String> moving, Set<String> among) {
    return crossing(moving, among).stream()
        .anyMatch(c -> c.isHeldBy(Hold.THREADED) || isBoltedTogether(c));
  }

  /** Whether a contact lets these move away from the rest, once its screw is turned. */
  boolean letsGo(Set<String> moving, Set<String> among) {
    return crossing(moving, among).stream().allMatch(c -> letsGo(c, moving));
  }

  private boolean letsGo(Contact c, Set<String> moving) {
    boolean own = moving.contains(piece(c.part()));
    if (c.isHeldBy(Hold.THREADED)) {
      return own && isOneLump(piece(c.part()), moving);
    }
    if (c.isHeldBy(Hold.PINNED) && c.kind() == Kind.HELD) {
      return !own && moving.size() == 1;
    }
    if (c.isHeldBy(Hold.BOLTED) && c.kind() == Kind.HELD) {
      return !own;
    }
    if (c.isHeldBy(Hold.CLIPPED) && c.kind() != Kind.HELD) {
      return own && moving.size() == 1;
    }
    return !c.isHeldBy(Hold.BONDED);
  }

  private static boolean isBoltedTogether(Contact c) {
    return c.isHeldBy(Hold.BOLTED) && c.kind() != Kind.HELD;
  }

  /** A screw is turned alone, or with what is pressed into it. */
  private boolean isOneLump(String screw, Set<String> moving) {
    Set<String> lump = new LinkedHashSet<>(List.of(screw));
    List<String> open = new ArrayList<>(lump);
    while (!open.isEmpty()) {
      for (String more : pressedTo(open.remove(0), moving)) {
        if (lump.add(more)) {
          open.add(more);
        }
      }
    }
    return lump.containsAll(moving);
  }

  /** A split or cross pin, which leaves across the axis. */
  boolean isPin(String piece) {
    return arrangement.contacts().stream()
        .anyMatch(
            c ->
                c.isHeldBy(Hold.PINNED) && c.kind() == Kind.HELD && piece(c.other()).equals(piece));
  }

  /** What a pin goes through or holds: it leaves out of them. */
  Set<String> around(String pin) {
    Set<String> around = new LinkedHashSet<>();
    for (Contact c : arrangement.contacts()) {
      if (piece(c.part()).equals(pin)) {
        around.add(piece(c.other()));
      } else if (piece(c.other()).equals(pin)) {
        around.add(piece(c.part()));
      }
    }
    return around;
  }

  /** What is screwed on, clipped into or pinned to a piece goes where it goes. */
  Set<String> fastenedTo(String piece, Set<String> among) {
    Set<String> fastened = new LinkedHashSet<>();
    for (Contact c : arrangement.contacts()) {
      boolean onIt = piece(c.other()).equals(piece) && isFastener(c);
      boolean pinned =
          piece(c.part()).equals(piece) && c.isHeldBy(Hold.PINNED) && c.kind() == Kind.HELD;
      if (onIt && among.contains(piece(c.part()))) {
        fastened.add(piece(c.part()));
      }
      if (pinned && among.contains(piece(c.other()))) {
        fastened.add(piece(c.other()));
      }
    }
    return fastened;
  }

  private static boolean isFastener(Contact c) {
    return c.isHeldBy(Hold.THREADED) || c.isHeldBy(Hold.CLIPPED) && c.kind() != Kind.HELD;
  }

  /** How much of a ring over which one stands in the other's way is overcome by their contact. */
  double gives(String one, String other) {
    return rolls(one, other) && areOfOneBearing(one, other) ? SNAP_MM : 0;
  }

  private boolean rolls(String one, String other) {
    return between(one, other).stream().anyMatch(c -> c.isHeldBy(Hold.RACEWAY));
  }

  private boolean areOfOneBearing(String one, String other) {
    return places(one).stream().anyMatch(places(other)::contains);
  }

  /** Whether the two are drawn into each other where they meet: lip, thread, clip, loose balls. */
  boolean isDrawnInto(String one, String other) {
    if (rolls(one, other)) {
      return !areOfOneBearing(one, other);
    }
    return between(one, other).stream()
        .anyMatch(
            c ->
                c.isHeldBy(Hold.LIP)
                    || c.isHeldBy(Hold.THREADED)
                    || c.isHeldBy(Hold.CLIPPED)
                    || c.isHeldBy(Hold.FLEXING)
                    || c.kind() == Kind.THROUGH);
  }

  /** Whether a piece leaves its groove before it moves along, which then is no shoulder to it. */
  boolean isClipIn(String clip, String groove) {
    return between(clip, groove).stream()
        .anyMatch(
            c -> c.isHeldBy(Hold.CLIPPED) && c.kind() != Kind.HELD && piece(c.part()).equals(clip));
  }

  private List<Contact> between(String one, String other) {
    return arrangement.contacts().stream()
        .filter(
            c ->
                piece(c.part()).equals(one) && piece(c.other()).equals(other)
                    || piece(c.part()).equals(other) && piece(c.other()).equals(one))
        .toList();
  }

  private List<String> places(String piece) {
    return parts(piece).stream().flatMap(p -> part(p).place().stream()).toList();
  }

  /** Half of a split inner ring, which nothing grips. */
  boolean isHalfRing(String piece) {
    return part(piece).strokes().stream().anyMatch(s -> s.piece().startsWith("inner-"));
  }

  PartTemplate part(String id) {
    return arrangement.part(id).orElseThrow();
  }
}
