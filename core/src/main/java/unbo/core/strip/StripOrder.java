package unbo.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Hold;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.section.Shape;
import unbo.core.strip.StripStep.Grip;
import unbo.core.strip.StripStep.Way;

/**
 * The order in which the parts of an arrangement come off. What stands in whose way along the axis
 * follows from the outlines, what must be undone first from the contacts. At every step the set of
 * parts is taken that asks for the least: nothing pressed before something pressed, fewer press
 * fits before more, fewer parts before more. Parts that push each other move together; so do parts
 * whose press fit would otherwise be parted. A group that came off is taken apart on the bench in
 * the same way.
 *
 * <p>Limits: parts move along the axis or, as pins do, across it; nothing is tilted, and a hand's
 * or a tool's room beside the section is not known.
 */
public final class StripOrder {

  private static final double LEAST_WAY_MM = 0.05;

  private final Bonds bonds;
  private final Outlines outlines;
  private final List<StripStep> steps = new ArrayList<>();
  private final Map<String, List<String>> shutIn = new LinkedHashMap<>();
  private final String standing;
  private final String wall;
  private final Map<String, Double> inTheWay = new LinkedHashMap<>();

  private StripOrder(Assembly assembly, Predicate<Contact> tight) {
    this.bonds = new Bonds(assembly.arrangement(), tight);
    Map<String, List<Shape>> shapes = pieceShapes(SectionBuilder.of(assembly));
    shapes.putAll(SectionBuilder.rings(assembly));
    this.outlines = Outlines.of(shapes);
    this.standing = bonds.piece(assembly.arrangement().fixed());
    this.wall = assembly.arrangement().facts().getOrDefault("beyond", "");
    takeApart(new LinkedHashSet<>(bonds.pieces()), standing, true);
  }

  /** The order for an assembly, whatever of it was read and measured. */
  public static StripOrder of(Assembly assembly) {
    return of(assembly, StripOrder::isPressed);
  }

  /** The order with what was found of press fits and rust. */
  public static StripOrder of(Assembly assembly, Circumstances found) {
    return of(assembly, found::isTight);
  }

  /** The order where these contacts need force or heat, whatever the template says. */
  static StripOrder of(Assembly assembly, Predicate<Contact> tight) {
    return new StripOrder(assembly, tight);
  }

  /** Whether a contact is a press fit by the template; one that may be a thread is none. */
  static boolean isPressed(Contact contact) {
    return contact.isHeldBy(Hold.TIGHT) && !contact.isHeldBy(Hold.THREADED);
  }

  private Map<String, List<Shape>> pieceShapes(Section section) {
    Map<String, List<Shape>> shapes = new LinkedHashMap<>();
    section.parts().stream()
        .forEach(
            p ->
                shapes
                    .computeIfAbsent(bonds.piece(p.part().id()), x -> new ArrayList<>())
                    .addAll(p.shapes().stream().filter(Outlines::isCut).toList()));
    return shapes;
  }

  /** The steps, first to last. */
  public List<StripStep> steps() {
    return List.copyOf(steps);
  }

  /** The part that stands while all others leave. */
  public String standing() {
    return standing;
  }

  /** Parts that cannot leave, each with those that shut it in; empty where all come off. */
  public Map<String, List<String>> shutIn() {
    return Map.copyOf(shutIn);
  }

  /** The step in which a part's press fit is parted; empty where it has none that is. */
  public Optional<StripStep> parting(String part) {
    return steps.stream()
        .filter(s -> s.tight().stream().anyMatch(g -> isOf(g, bonds.piece(part))))
        .findFirst();
  }

  private boolean isOf(Grip grip, String piece) {
    return bonds.piece(grip.part()).equals(piece) || bonds.piece(grip.seat()).equals(piece);
  }

  Bonds bonds() {
    return bonds;
  }

  Outlines outlines() {
    return outlines;
  }

  private void takeApart(Set<String> among, String base, boolean onVehicle) {
    while (among.size() > 1) {
      Optional<Move> best = best(among, base, onVehicle);
      if (best.isEmpty()) {
        among.stream()
            .filter(p -> !p.equals(base))
            .forEach(p -> shutIn.put(p, blockers(p, among, base)));
        return;
      }
      Move move = best.get();
      steps.add(step(move, among, base));
      among.removeAll(move.pieces);
      if (move.pieces.size() > 1) {
        takeApart(new LinkedHashSet<>(move.pieces), biggest(move.pieces), false);
      }
    }
  }

  private String biggest(Set<String> pieces) {
    return pieces.stream()
        .max(
            Comparator.comparing((String p) -> !bonds.part(p).isBearing())
                .thenComparing(outlines::size))
        .orElseThrow();
  }

  /** A set of pieces that can leave in a way. */
  private record Move(
      String about, Set<String> pieces, Way way, boolean right, int pressFits, double travel) {}

  private Optional<Move> best(Set<String> among, String base, boolean onVehicle) {
    List<Move> moves = new ArrayList<>();
    for (String piece : among) {
      if (!piece.equals(base)) {
        for (boolean right : new boolean[] {true, false}) {
          along(piece, right, among, base, onVehicle).ifPresent(moves::add);
        }
        radially(piece, among).ifPresent(moves::add);
      }
    }
    return moves.stream()
        .min(
            Comparator.comparing((Move m) -> m.pressFits > 0)
                .thenComparing(m -> m.pressFits)
                .thenComparing(m -> m.pressFits > 0 && bonds.isHalfRing(m.about))
                .thenComparing(m -> m.pieces.size())
                .thenComparing(m -> m.way == Way.UNSCREWED)
                .thenComparing(Move::travel));
  }

  private Optional<Move> along(
      String piece, boolean right, Set<String> among, String base, boolean onVehicle) {
    if (onVehicle && wall.equals(right ? "right" : "left")) {
      return Optional.empty();
    }
    Set<String> moving = pushed(Set.of(piece), right, among);
    if (!mayMove(moving, among, base)) {
      return Optional.empty();
    }
    moving = carried(moving, right, among, base);
    boolean turned = bonds.isUnscrewed(moving, among);
    return Optional.of(
        new Move(
            piece,
            moving,
            turned ? Way.UNSCREWED : right ? Way.RIGHT : Way.LEFT,
            right,
            bonds.tight(moving, among).size(),
            travel(moving, right, among)));
  }

  private boolean mayMove(Set<String> moving, Set<String> among, String base) {
    return !moving.contains(base) && bonds.letsGo(moving, among);
  }

  /** All that some pieces push before them. */
  private Set<String> pushed(Set<String> from, boolean right, Set<String> among) {
    Set<String> moving = new LinkedHashSet<>(from);
    List<String> open = new ArrayList<>(from);
    while (!open.isEmpty()) {
      String mover = open.remove(0);
      Set<String> fastened = bonds.fastenedTo(mover, among);
      for (String other : among) {
        boolean along = fastened.contains(other) || blocks(other, mover, right);
        if (!moving.contains(other) && along) {
          moving.add(other);
          open.add(other);
        }
      }
    }
    return moving;
  }

  /** With what is pressed to them too, where that parts no more press fits than leaving it. */
  private Set<String> carried(Set<String> moving, boolean right, Set<String> among, String base) {
    Set<String> best = moving;
    boolean grown = true;
    while (grown) {
      grown = false;
      for (String piece : List.copyOf(best)) {
        for (String pressed : bonds.pressedTo(piece, among)) {
          Set<String> more = new LinkedHashSet<>(best);
          more.addAll(pushed(Set.of(pressed), right, among));
          boolean fewer = bonds.tight(more, among).size() < bonds.tight(best, among).size();
          if (!best.contains(pressed) && fewer && mayMove(more, among, base)) {
            best = more;
            grown = true;
          }
        }
      }
    }
    return best;
  }

  /** How far they go until they are clear of all that stays. */
  private double travel(Set<String> moving, boolean right, Set<String> among) {
    double edge = right ? Double.NEGATIVE_INFINITY : Double.POSITIVE_INFINITY;
    for (String other : among) {
      if (!moving.contains(other)) {
        double[] span = outlines.span(other);
        edge = right ? Math.max(edge, span[1]) : Math.min(edge, span[0]);
      }
    }
    double own = right ? Double.POSITIVE_INFINITY : Double.NEGATIVE_INFINITY;
    for (String piece : moving) {
      double[] span = outlines.span(piece);
      own = right ? Math.min(own, span[0]) : Math.max(own, span[1]);
    }
    return Math.abs(edge - own);
  }

  /** Whether one piece stands in another's way. */
  private boolean blocks(String other, String mover, boolean right) {
    String key = other + ' ' + mover + right;
    return inTheWay.computeIfAbsent(key, k -> blocked(other, mover, right)) > 0;
  }

  private double blocked(String other, String mover, boolean right) {
    if (bonds.isClipIn(mover, other)) {
      return 0;
    }
    boolean into = bonds.isDrawnInto(mover, other);
    double height = outlines.blocked(mover, other, right, !into);
    return height > Math.max(LEAST_WAY_MM, bonds.gives(mover, other)) ? height : 0;
  }

  /** A pin leaves across the axis where nothing covers it, else along like all others. */
  private Optional<Move> radially(String piece, Set<String> among) {
    if (!bonds.isPin(piece)) {
      return Optional.empty();
    }
    Set<String> around = bonds.around(piece);
    boolean covered =
        among.stream()
            .filter(o -> !o.equals(piece) && !around.contains(o))
            .anyMatch(o -> outlines.covers(o, piece));
    return covered
        ? Optional.empty()
        : Optional.of(new Move(piece, Set.of(piece), Way.RADIAL, true, 0, 0));
  }

  private StripStep step(Move move, Set<String> among, String base) {
    Set<String> left = new LinkedHashSet<>(among);
    left.removeAll(move.pieces);
    List<String> parts = new ArrayList<>(bonds.parts(lead(move, base)));
    move.pieces.stream()
        .flatMap(p -> bonds.parts(p).stream())
        .filter(p -> !parts.contains(p))
        .forEach(parts::add);
    return new StripStep(
        parts,
        move.way,
        move.right,
        freed(move.pieces, left, base),
        bonds.tight(move.pieces, among),
        base,
        among.stream().flatMap(p -> bonds.parts(p).stream()).toList());
  }

  /** A group goes by the name of its biggest part. */
  private String lead(Move move, String base) {
    return move.pieces.size() == 1 ? move.about : biggest(move.pieces);
  }

  /** What these shut in or held, and nothing else does. */
  private List<String> freed(Set<String> gone, Set<String> left, String base) {
    return left.stream()
        .filter(p -> !p.equals(base))
        .filter(
            p ->
                List.of(true, false).stream()
                    .anyMatch(
                        right ->
                            gone.stream().anyMatch(g -> blocks(g, p, right))
                                && left.stream()
                                    .noneMatch(o -> !o.equals(p) && blocks(o, p, right))))
        .flatMap(p -> bonds.parts(p).stream())
        .toList();
  }

  private List<String> blockers(String piece, Set<String> among, String base) {
    List<String> all = new ArrayList<>();
    for (String other : among) {
      boolean both =
          !other.equals(piece) && (blocks(other, piece, true) || blocks(other, piece, false));
      if (both) {
        all.add(other);
      }
    }
    return all.isEmpty() ? List.of(base) : all;
  }
}
