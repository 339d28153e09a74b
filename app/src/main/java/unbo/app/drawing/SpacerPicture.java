package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import unbo.core.arrangement.Adjustment;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.Contact;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.Ring;
import unbo.core.section.Point;
import unbo.core.section.SectionBuilder;
import unbo.core.section.SectionPart;
import unbo.core.section.Shape;

/**
 * The section of two bearings on a spacer tube, twice: both driven home to their shoulders, and the
 * second one seated to the spacer alone. To scale but for what the spacer is too long or too short
 * by, which is drawn as {@value #SHOWN} of its length whatever it measures. Seals are left out.
 *
 * @param height of each view box, whose width is given
 * @param homes the two cases
 */
public record SpacerPicture(double height, List<Home> homes) {

  public static final double WIDTH = 320;

  /** Share of the spacer's length as which its difference is drawn. */
  public static final double SHOWN = 0.07;

  private static final double MARGIN = 8;
  private static final double MOST_HEIGHT = 180;
  private static final double EQUAL_MM = 0.0005;

  /**
   * One case.
   *
   * @param paths outlines with their looks
   * @param arrows where a ring was moved to, as paths
   * @param moved by how much each piece was moved along the axis, in mm of the drawing
   * @param caption what it does
   */
  public record Home(
      String title,
      List<SectionDrawing.Outline> paths,
      List<String> arrows,
      Map<String, Double> moved,
      String caption) {}

  /**
   * Of a spacer between the inner rings of two bearings; empty where an adjustment is none.
   *
   * @param offMm length less distance; under half a micrometre is drawn as equal
   */
  public static Optional<SpacerPicture> of(Assembly assembly, Adjustment set, double offMm) {
    return set.difference().flatMap(d -> Pair.of(assembly, set.part(), d)).map(p -> p.draw(offMm));
  }

  /** The pieces of a section between whose bearings a spacer stands, with both just met. */
  private static final class Pair {
    private final Map<String, List<Shape>> pieces = new LinkedHashMap<>();
    private final String spacer;
    private final List<String> bearings;
    private final List<String> beside;

    static Optional<Pair> of(Assembly assembly, String spacer, Adjustment.Difference d) {
      Arrangement arrangement = assembly.arrangement();
      double distance = assembly.value(arrangement.size(d.distance()).orElseThrow());
      Assembly even = assembly.withSizes(Map.of(d.length(), distance));
      List<SectionPart> parts = SectionBuilder.of(even).parts();
      List<String> bearings =
          parts.stream()
              .filter(p -> p.part().isWholeBearing())
              .filter(p -> meets(arrangement, p.part().id(), spacer))
              .sorted(Comparator.comparingDouble(p -> p.anchor().x()))
              .map(p -> p.part().id())
              .toList();
      return bearings.size() == 2
          ? Optional.of(new Pair(even, spacer, bearings, parts))
          : Optional.empty();
    }

    private static boolean meets(Arrangement arrangement, String bearing, String part) {
      return againstInner(arrangement, bearing).anyMatch(part::equals);
    }

    /** Parts that stand against a bearing's inner ring. */
    private static Stream<String> againstInner(Arrangement arrangement, String bearing) {
      return arrangement.contactsOf(bearing).stream()
          .filter(c -> c.kind() == Contact.Kind.AGAINST)
          .filter(c -> (c.part().equals(bearing) ? c.ring() : c.otherRing()).equals(INNER))
          .map(c -> c.part().equals(bearing) ? c.other() : c.part());
    }

    private static final Optional<Ring> INNER = Optional.of(Ring.INNER);

    Pair(Assembly even, String spacer, List<String> bearings, List<SectionPart> parts) {
      this.spacer = spacer;
      this.bearings = bearings;
      Map<String, List<Shape>> rings = SectionBuilder.rings(even);
      Set<String> seals =
          even.arrangement().seals().stream().map(PartTemplate::id).collect(Collectors.toSet());
      for (SectionPart part : parts) {
        String id = part.part().id();
        if (bearings.contains(id)) {
          List<Shape> inner = rings.getOrDefault(id + "/inner", List.of());
          List<Shape> outer = rings.getOrDefault(id + "/outer", List.of());
          put(id + "/inner", inner);
          put(id + "/outer", outer);
          put(
              id + "/elements",
              part.shapes().stream()
                  .filter(s -> !inner.contains(s) && !outer.contains(s))
                  .toList());
        } else if (!seals.contains(id)) {
          put(id, part.shapes());
        }
      }
      this.beside =
          bearings.stream()
              .map(
                  b ->
                      againstInner(even.arrangement(), b)
                          .filter(p -> !p.equals(spacer) && pieces.containsKey(p))
                          .findFirst()
                          .orElse(""))
              .toList();
    }

    private void put(String piece, List<Shape> shapes) {
      pieces.put(
          piece,
          shapes.stream()
              .filter(s -> s.look() != Shape.Look.OUTSIDE && s.look() != Shape.Look.GREASE)
              .map(s -> s.cutBelow(0))
              .toList());
    }

    SpacerPicture draw(double offMm) {
      double length = spacerEnd(Shape::mostX, true) - spacerEnd(Shape::leastX, false);
      double gap = Math.abs(offMm) < EQUAL_MM ? 0 : Math.signum(offMm) * SHOWN * length;
      double from = ends(Shape::leastX).min(Double::compare).orElse(0.0) - Math.abs(gap);
      double to = ends(Shape::mostX).max(Double::compare).orElse(1.0) + Math.abs(gap);
      double top = ends(Shape::mostR).max(Double::compare).orElse(1.0);
      double unit = Math.min((WIDTH - 2 * MARGIN) / (to - from), (MOST_HEIGHT - 2 * MARGIN) / top);
      double height = top * unit + 2 * MARGIN;
      double origin = (WIDTH - (to - from) * unit) / 2 - from * unit;
      Scale scale = new Scale(unit, origin, height - MARGIN);
      return new SpacerPicture(
          height, List.of(driven(offMm, gap, scale), seated(offMm, gap, scale)));
    }

    private double spacerEnd(java.util.function.ToDoubleFunction<Shape> side, boolean greatest) {
      var ends = pieces.get(spacer).stream().mapToDouble(side);
      return (greatest ? ends.max() : ends.min()).orElse(0);
    }

    private Stream<Double> ends(java.util.function.ToDoubleFunction<Shape> side) {
      return pieces.values().stream().flatMap(List::stream).map(side::applyAsDouble);
    }

    /** The inner rings go where the spacer lets them once it is clamped. */
    private Home driven(double offMm, double gap, Scale scale) {
      Map<String, Double> moved = new HashMap<>();
      for (int i = 0; i < bearings.size(); i++) {
        double way = i == 0 ? -gap / 2 : gap / 2;
        moved.put(bearings.get(i) + "/inner", way);
        moved.put(bearings.get(i) + "/elements", way / 2);
        moved.put(beside.get(i), way);
      }
      String caption =
          gap == 0
              ? "meets both"
              : gap < 0
                  ? "short: the clamp pulls the inner rings in"
                  : "long: the inner rings are pushed out";
      return home(
          "Both home on their shoulders, clamped",
          moved,
          new double[] {-gap / 2, gap / 2},
          caption,
          scale);
    }

    private Home seated(double offMm, double gap, Scale scale) {
      Map<String, Double> moved = new HashMap<>();
      String second = bearings.get(1);
      for (String piece :
          List.of(second + "/inner", second + "/outer", second + "/elements", beside.get(1))) {
        moved.put(piece, Math.max(0, gap));
      }
      String caption =
          gap > 0
              ? String.format(Locale.ROOT, "%.2f mm before its shoulder: both stay free", offMm)
              : gap < 0
                  ? String.format(Locale.ROOT, "its shoulder stops it %.2f mm too early", -offMm)
                  : "meets spacer and shoulder";
      return home("The second pressed to the spacer", moved, new double[] {0, gap}, caption, scale);
    }

    private Home home(
        String title, Map<String, Double> moved, double[] ends, String caption, Scale scale) {
      List<SectionDrawing.Outline> paths = new ArrayList<>();
      pieces.forEach(
          (piece, shapes) ->
              shapes.forEach(
                  s ->
                      paths.add(
                          SectionDrawing.outline(
                              new Shape(outline(piece, s, moved, ends), s.look()), scale))));
      List<String> arrows =
          bearings.stream()
              .map(b -> b + "/inner")
              .filter(b -> moved.getOrDefault(b, 0.0) != 0)
              .map(b -> arrow(b, moved.get(b), scale))
              .toList();
      moved.remove("");
      return new Home(title, List.copyOf(paths), arrows, Map.copyOf(moved), caption);
    }

    private List<Point> outline(
        String piece, Shape shape, Map<String, Double> moved, double[] ends) {
      if (!piece.equals(spacer)) {
        double way = moved.getOrDefault(piece, 0.0);
        return shape.outline().stream().map(p -> new Point(p.x() + way, p.r())).toList();
      }
      double from = spacerEnd(Shape::leastX, false);
      double length = spacerEnd(Shape::mostX, true) - from;
      return shape.outline().stream()
          .map(
              p -> {
                double share = (p.x() - from) / length;
                return new Point(p.x() + ends[0] + share * (ends[1] - ends[0]), p.r());
              })
          .toList();
    }

    /** From where the ring was to where it is, above its middle. */
    private String arrow(String ring, double way, Scale scale) {
      List<Shape> shapes = pieces.get(ring);
      double x = shapes.stream().mapToDouble(s -> (s.leastX() + s.mostX()) / 2).average().orElse(0);
      double r = shapes.stream().mapToDouble(s -> (s.leastR() + s.mostR()) / 2).average().orElse(0);
      double head = Math.signum(way) * 5;
      return "M%s %s h%s m%s -4 l%s 4 l%s 4"
          .formatted(
              Spot.number(scale.x(x) - Math.signum(way) * 8),
              Spot.number(scale.y(r)),
              Spot.number(Math.signum(way) * 16),
              Spot.number(-head),
              Spot.number(head),
              Spot.number(-head));
    }
  }
}
