package unbo.core.strip;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.Hold;
import unbo.core.arrangement.TurningGroups;

/**
 * What lies there when a press fit is to be parted: which parts leave and which stay, which faces a
 * tool reaches, and through what the force goes from there.
 */
final class Bench {

  /** Less face than this carries no tool, millimetres. */
  static final double LEAST_LAND_MM = 0.8;

  private static final double STICKS_OUT_MM = 8;

  private final Arrangement arrangement;
  private final Outlines outlines;
  private final ForcePaths paths;
  private final Bonds bonds;
  private final StripStep step;
  private final Contact contact;
  private final String standing;
  private final Set<String> leaving;
  private final Set<String> staying;

  Bench(Assembly assembly, StripOrder order, StripStep step, Contact contact) {
    this.arrangement = assembly.arrangement();
    this.outlines = order.outlines();
    this.bonds = order.bonds();
    this.paths = new ForcePaths(arrangement);
    this.step = step;
    this.contact = contact;
    this.standing = order.standing();
    this.leaving = new LinkedHashSet<>(step.parts());
    this.staying = new LinkedHashSet<>(step.among());
    staying.removeAll(leaving);
  }

  /** A face where force enters. */
  record Push(String piece, double landMm, boolean crosses, List<String> way, String heldBy) {}

  boolean right() {
    return step.right();
  }

  Set<String> leaving() {
    return leaving;
  }

  String lead() {
    return step.parts().get(0);
  }

  /** The pieces of a part: itself, or its two rings. */
  List<String> pieces(String part) {
    return paths.pieces(part);
  }

  /**
   * The part that leaves first of all, where it stands out of all that stays, so that something can
   * be bolted to it; empty where none does.
   */
  Optional<String> sticksOut() {
    String first =
        leaving.stream().max(Comparator.comparingDouble((String p) -> reach(p))).orElseThrow();
    double edge = staying.stream().mapToDouble(this::reach).max().orElse(0);
    return reach(first) > edge + STICKS_OUT_MM ? Optional.of(first) : Optional.empty();
  }

  /** How far a part reaches towards the side to which it is left. */
  private double reach(String part) {
    double[] span = outlines.span(name(part));
    return right() ? span[1] : -span[0];
  }

  /** Whether the standing part of the vehicle is what it comes off. */
  boolean isOnVehicle() {
    return step.base().equals(standing);
  }

  /** The end of the contact that leaves. */
  String near() {
    return isNearLeaving()
        ? TurningGroups.nearPiece(arrangement, contact)
        : TurningGroups.farPiece(arrangement, contact);
  }

  /** The end of the contact that stays. */
  String far() {
    return isNearLeaving()
        ? TurningGroups.farPiece(arrangement, contact)
        : TurningGroups.nearPiece(arrangement, contact);
  }

  private boolean isNearLeaving() {
    return leaving.contains(contact.part());
  }

  /**
   * The face that is best to push on, with and without rolling elements in the way of the force.
   */
  List<Push> pushes() {
    List<Push> all = new ArrayList<>();
    for (String part : leaving) {
      for (String piece : paths.pieces(part)) {
        push(piece, land(outlines.pushable(name(piece), right(), others(part))))
            .ifPresent(all::add);
      }
    }
    all.sort(
        Comparator.comparing(Push::crosses)
            .thenComparing(p -> !p.piece.equals(near()))
            .thenComparing(p -> -p.landMm));
    return all;
  }

  private Optional<Push> push(String piece, double land) {
    return land < LEAST_LAND_MM ? Optional.empty() : force(piece, land);
  }

  /** A force on a piece, through the press fit, to what holds it; empty where there is no way. */
  Optional<Push> force(String piece, double land) {
    ForcePaths.Way in = paths.between(piece, near(), leaving);
    if (in == null) {
      return Optional.empty();
    }
    return support()
        .map(
            out -> {
              List<String> way = new ArrayList<>(in.pieces());
              way.addAll(out.pieces());
              String heldBy = out.pieces().get(out.pieces().size() - 1);
              return new Push(piece, land, in.crosses() || out.crosses(), way, heldBy);
            });
  }

  /** The way from the press fit to a part that can be held against the force. */
  private Optional<ForcePaths.Way> support() {
    List<ForcePaths.Way> ways = new ArrayList<>();
    for (String part : staying) {
      for (String piece : paths.pieces(part)) {
        boolean held =
            part.equals(standing)
                || land(outlines.pushable(name(piece), !right(), others(part))) >= LEAST_LAND_MM;
        ForcePaths.Way way = held ? paths.between(far(), piece, staying) : null;
        if (way != null) {
          ways.add(way);
        }
      }
    }
    return ways.stream()
        .min(Comparator.comparing(ForcePaths.Way::crosses).thenComparing(w -> w.pieces().size()));
  }

  /** How much of a leaving piece's back a jaw or a lip can take hold of. */
  double gripBehind(String piece, double roomMm) {
    String part = ForcePaths.partOf(piece);
    return land(outlines.roomBehind(name(piece), right(), roomMm, others(part)));
  }

  /** Whether nothing that cannot be tipped aside is inside a ring. */
  boolean isBoreFree(String piece) {
    double inside = outlines.inside(name(piece));
    double[] span = outlines.span(name(piece));
    List<String> others = others(ForcePaths.partOf(piece));
    for (double x = span[0]; x <= span[1]; x += 2) {
      if (outlines.clearAt(x, others) < inside - 0.5) {
        return false;
      }
    }
    return true;
  }

  /** Whether the seat goes on behind the leaving end as wide as the ring, so that it can pass. */
  boolean isOpenBehind(String piece) {
    List<double[]> rings =
        outlines.pushable(name(piece), right(), others(ForcePaths.partOf(piece)));
    return !rings.isEmpty() && rings.get(rings.size() - 1)[1] > outlines.outside(name(piece)) - 0.5;
  }

  /** Whether the hollow behind a ring is closed at its end. */
  boolean isBlindBehind(String piece) {
    double[] span = outlines.span(name(piece));
    String seat = name(ForcePaths.partOf(far()));
    double[] seatSpan = outlines.span(seat);
    double from = right() ? seatSpan[0] : span[1] + 0.5;
    double to = right() ? span[0] - 0.5 : seatSpan[1];
    for (double x = from + 0.3; x < to; x += 0.5) {
      if (outlines.clearAt(x, List.of(seat)) < 1) {
        return true;
      }
    }
    return false;
  }

  /** Whether a drift that leans through the far side's opening meets a ledge of a piece. */
  boolean isMetByLeaningDrift(String piece) {
    return outlines.meetsLeaning(name(piece), right(), others(ForcePaths.partOf(piece)));
  }

  private List<String> others(String part) {
    return step.among().stream()
        .map(bonds::piece)
        .distinct()
        .filter(o -> !o.equals(bonds.piece(part)) && !canBeTippedAside(o))
        .toList();
  }

  /** A spacer tube that nothing holds is tipped aside. */
  private boolean canBeTippedAside(String part) {
    return !part.equals(step.base())
        && arrangement.contacts().stream()
            .filter(c -> c.part().equals(part) || c.other().equals(part))
            .filter(c -> step.among().contains(c.part()) && step.among().contains(c.other()))
            .allMatch(c -> c.isHeldBy(Hold.STOP) || c.isHeldBy(Hold.LOOSE));
  }

  /** Parts that are one piece have one outline, by the name of the first. */
  private String name(String piece) {
    return outlines.has(piece) ? piece : bonds.piece(ForcePaths.partOf(piece));
  }

  private static double land(List<double[]> rings) {
    return rings.stream().mapToDouble(r -> r[1] - r[0]).max().orElse(0);
  }
}
