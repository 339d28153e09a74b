package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.PartTemplate;
import unbo.core.catalogue.Family;
import unbo.core.designation.BearingFacts;
import unbo.core.designation.Closure;
import unbo.core.section.Point;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.section.SectionPart;
import unbo.core.section.Shape;

/**
 * Where fresh grease goes on a section and where the old leaves: out of the hollow, through the
 * elements of each bearing, and past the lip beyond it or out of its open side. To scale.
 *
 * @param height of the view box, whose width is given
 * @param parts outlines with their looks
 * @param paths the ways, with an arrow at their ends
 */
public record GreasePath(double height, List<SectionDrawing.Outline> parts, List<String> paths) {

  public static final double WIDTH = 420;

  private static final double MARGIN = 10;
  private static final double MOST_HEIGHT = 190;
  private static final double BESIDE_MM = 3;
  private static final double OPEN_MM = 10;

  /** Empty where no bearing takes grease from outside: none is named, or all are closed. */
  public static Optional<GreasePath> of(Assembly assembly) {
    List<BearingPlace> open =
        assembly.arrangement().namedPlaces().stream().filter(p -> isOpen(assembly, p)).toList();
    return open.isEmpty() ? Optional.empty() : Optional.of(new Drawer(assembly).draw(open));
  }

  /** A unit keeps its own grease, and so does a bearing that was read as closed on both sides. */
  private static boolean isOpen(Assembly assembly, BearingPlace place) {
    BearingFacts facts = assembly.said().get(place.id());
    boolean unit =
        assembly.bearingAt(place.id()).filter(b -> b.family() == Family.WHEEL_UNIT).isPresent();
    return !unit && (facts == null || isOpen(facts.left()) || isOpen(facts.right()));
  }

  private static boolean isOpen(String side) {
    return side == null || side.equals(Closure.OPEN.id()) || side.equals(Closure.NOT_KNOWN.id());
  }

  /** What is needed while it is drawn. */
  private static final class Drawer {
    private final Assembly assembly;
    private final List<SectionPart> parts;
    private final List<Shape> shapes;

    /** Where it is fed: the largest hollow. */
    private final Optional<Point> hollow;

    private final List<Point> lips;

    Drawer(Assembly assembly) {
      this.assembly = assembly;
      Section section = SectionBuilder.of(assembly, 1);
      this.parts = section.parts();
      this.shapes =
          parts.stream()
              .flatMap(p -> p.shapes().stream())
              .filter(s -> s.look() != Shape.Look.OUTSIDE && s.look() != Shape.Look.GREASE)
              .map(s -> s.cutBelow(0))
              .toList();
      this.hollow =
          section.grease().stream()
              .max(Comparator.comparingDouble(Shape::area))
              .map(Drawer::middle);
      List<String> seals = assembly.arrangement().seals().stream().map(PartTemplate::id).toList();
      this.lips =
          parts.stream()
              .filter(p -> seals.contains(p.part().id()))
              .map(SectionPart::anchor)
              .toList();
    }

    private static Point middle(Shape s) {
      return new Point((s.leastX() + s.mostX()) / 2, (Math.max(0, s.leastR()) + s.mostR()) / 2);
    }

    GreasePath draw(List<BearingPlace> open) {
      double from = ends().map(Shape::leastX).min(Double::compare).orElse(0.0) - OPEN_MM;
      double to = ends().map(Shape::mostX).max(Double::compare).orElse(1.0) + OPEN_MM;
      double top = ends().map(Shape::mostR).max(Double::compare).orElse(1.0);
      double unit = Math.min((WIDTH - 2 * MARGIN) / (to - from), (MOST_HEIGHT - 2 * MARGIN) / top);
      double height = top * unit + 2 * MARGIN;
      double origin = (WIDTH - (to - from) * unit) / 2 - from * unit;
      Scale scale = new Scale(unit, origin, height - MARGIN);
      return new GreasePath(
          height,
          SectionDrawing.outlines(shapes.stream(), scale),
          open.stream().map(p -> path(p, scale)).toList());
    }

    private Stream<Shape> ends() {
      return shapes.stream();
    }

    private String path(BearingPlace place, Scale scale) {
      double middle = assembly.valueOf(place.id() + ".middle");
      double half = assembly.valueOf(place.id() + ".width") / 2 + BESIDE_MM;
      double r =
          (assembly.valueOf(place.id() + ".bore") + assembly.valueOf(place.id() + ".outer")) / 4;
      double way = hollow.map(h -> Math.signum(middle - h.x())).filter(s -> s != 0).orElse(1.0);
      List<Point> points = new ArrayList<>();
      hollow.ifPresent(points::add);
      points.add(new Point(middle - way * half, r));
      points.add(new Point(middle + way * half, r));
      points.add(
          lips.stream()
              .filter(l -> way * (l.x() - middle) > 0)
              .min(Comparator.comparingDouble(l -> Math.abs(l.x() - middle)))
              .map(l -> new Point(l.x() + way * BESIDE_MM, Math.max(l.r(), 0)))
              .orElseGet(() -> new Point(middle + way * (half + OPEN_MM), r)));
      return arrow(points.stream().map(scale::at).toList());
    }

    private static String arrow(List<Spot> spots) {
      Spot last = spots.get(spots.size() - 1);
      Spot before = spots.get(spots.size() - 2);
      double length = Math.max(1e-9, last.distance(before));
      double ux = (last.x() - before.x()) / length;
      double uy = (last.y() - before.y()) / length;
      String head =
          " m%s %s l%s %s l%s %s"
              .formatted(
                  Spot.number(-7 * ux - 4 * uy),
                  Spot.number(-7 * uy + 4 * ux),
                  Spot.number(7 * ux + 4 * uy),
                  Spot.number(7 * uy - 4 * ux),
                  Spot.number(-7 * ux + 4 * uy),
                  Spot.number(-7 * uy - 4 * ux));
      return spots.stream().map(Spot::pair).collect(Collectors.joining(" L", "M", "")) + head;
    }
  }
}
