package unbo.core.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.Hold;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.TurningGroups;
import unbo.core.working.Formula;
import unbo.core.working.Input;
import unbo.core.working.Origin;
import unbo.core.working.Working;

/**
 * How far what stands still keeps from what turns, by the outlines of the section: nut corners
 * against cap, flared spacer against seal, seal case against hub. Parts that have a contact with
 * each other, and the bearings themselves, are not in it. Source: geometry of the drawing. Limits:
 * parts as measured, else assumed; round about the axis, no run-out.
 *
 * @param gaps the nearest pairs first
 */
public record TurnsFree(List<Gap> gaps) {

  /** Under this a pair is refused: our own assumption, two run-outs and a grain of dirt. */
  public static final double LEAST_MM = 0.3;

  private static final int SHOWN = 5;

  /**
   * A pair.
   *
   * @param assumed whether a size of either is nobody's measurement
   */
  public record Gap(PartTemplate standing, PartTemplate turning, double mm, boolean assumed) {

    public boolean isTooNear() {
      return mm < LEAST_MM;
    }

    /** How it came about. */
    public Working working() {
      Origin origin =
          assumed
              ? Origin.assumed("sizes on the section that nobody measured yet")
              : Origin.computed("sizes on the section, as measured");
      return Working.of(
          Formula.of(
              "Least distance between " + standing.title() + " and " + turning.title(),
              "mm",
              "g = min |P − Q|",
              v -> v.get("|P − Q|"),
              "Geometry: P on the outline that stands, Q on the one that turns.",
              "Round about the axis, no run-out; outlines to scale, corners as drawn."),
          List.of(
              Input.of(
                  "|P − Q|",
                  "distance of the nearest points",
                  mm,
                  assumed ? ASSUMED_U95_MM : MEASURED_U95_MM,
                  "mm",
                  origin)));
    }
  }

  /** Two sizes by caliper; sizes that nobody measured: our own. */
  private static final double MEASURED_U95_MM = 0.1;

  private static final double ASSUMED_U95_MM = 2;

  /** The nearest pairs of an assembly. */
  public static TurnsFree of(Assembly assembly) {
    return of(assembly, part -> true);
  }

  /** The nearest pairs among some of its parts, by their ids: what is built so far. */
  public static TurnsFree of(Assembly assembly, Predicate<String> there) {
    Arrangement arrangement = assembly.arrangement();
    TurningGroups groups = TurningGroups.of(arrangement);
    List<SectionPart> parts =
        SectionBuilder.of(assembly).parts().stream()
            .filter(p -> there.test(p.part().id()))
            .toList();
    List<Gap> gaps = new ArrayList<>();
    for (SectionPart still : ofGroup(arrangement, parts, groups.standing())) {
      for (SectionPart turns : ofGroup(arrangement, parts, groups.turning())) {
        if (!touches(arrangement, still.part().id(), turns.part().id())) {
          double mm = distance(still.shapes(), turns.shapes());
          gaps.add(new Gap(still.part(), turns.part(), mm, still.assumed() || turns.assumed()));
        }
      }
    }
    gaps.sort(Comparator.comparingDouble(Gap::mm));
    return new TurnsFree(gaps.stream().limit(SHOWN).toList());
  }

  private static List<SectionPart> ofGroup(
      Arrangement arrangement, List<SectionPart> parts, Set<String> group) {
    return parts.stream()
        .filter(p -> !p.part().isBearing() && group.contains(p.part().id()))
        .filter(p -> !flexes(arrangement, p.part().id()))
        .toList();
  }

  /** A boot follows the joint’s angle and turns with both. */
  private static boolean flexes(Arrangement arrangement, String part) {
    return arrangement.contactsOf(part).stream().anyMatch(c -> c.isHeldBy(Hold.FLEXING));
  }

  private static boolean touches(Arrangement arrangement, String one, String other) {
    return arrangement.contacts().stream()
        .anyMatch(
            c ->
                c.part().equals(one) && c.other().equals(other)
                    || c.part().equals(other) && c.other().equals(one));
  }

  /** Between the upper halves; 0 where they overlap. */
  static double distance(List<Shape> some, List<Shape> others) {
    double least = Double.POSITIVE_INFINITY;
    for (Shape a : some) {
      for (Shape b : others) {
        if (a.leastR() >= 0 && b.leastR() >= 0) {
          least = Math.min(least, between(a.outline(), b.outline()));
        }
      }
    }
    return least;
  }

  private static double between(List<Point> a, List<Point> b) {
    if (contains(a, b.get(0)) || contains(b, a.get(0))) {
      return 0;
    }
    return Math.min(cornersToEdges(a, b), cornersToEdges(b, a));
  }

  private static double cornersToEdges(List<Point> corners, List<Point> outline) {
    double least = Double.POSITIVE_INFINITY;
    for (Point p : corners) {
      for (int i = 0; i < outline.size(); i++) {
        least = Math.min(least, toEdge(p, outline.get(i), outline.get((i + 1) % outline.size())));
      }
    }
    return least;
  }

  private static double toEdge(Point p, Point a, Point b) {
    double dx = b.x() - a.x();
    double dr = b.r() - a.r();
    double length = dx * dx + dr * dr;
    double share = length == 0 ? 0 : ((p.x() - a.x()) * dx + (p.r() - a.r()) * dr) / length;
    double at = Math.max(0, Math.min(1, share));
    return Math.hypot(p.x() - a.x() - at * dx, p.r() - a.r() - at * dr);
  }

  private static boolean contains(List<Point> outline, Point p) {
    boolean inside = false;
    for (int i = 0, j = outline.size() - 1; i < outline.size(); j = i++) {
      Point a = outline.get(i);
      Point b = outline.get(j);
      boolean spans = (a.r() > p.r()) != (b.r() > p.r());
      if (spans && p.x() < (b.x() - a.x()) * (p.r() - a.r()) / (b.r() - a.r()) + a.x()) {
        inside = !inside;
      }
    }
    return inside;
  }
}
