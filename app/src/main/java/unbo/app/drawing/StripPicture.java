package unbo.app.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import unbo.core.arrangement.Assembly;
import unbo.core.section.Point;
import unbo.core.section.Section;
import unbo.core.section.SectionBuilder;
import unbo.core.section.SectionPart;
import unbo.core.section.Shape;
import unbo.core.strip.StripStep;

/**
 * One step of taking a section apart: what is still there, what leaves and where it goes to, drawn
 * to scale, and the way that the force takes.
 *
 * @param height of the view box, whose width is given
 * @param staying paths of what stays, with their looks
 * @param leaving paths of what leaves, where it sits
 * @param ghosts the same where it goes to, dashed
 * @param slide how far what leaves moves, right and down in units of the drawing
 * @param arrow path of the arrow along which it leaves
 * @param force path of the force; empty where none is shown
 * @param entry where the force enters, null where none is shown
 * @param crossings where it goes over rolling elements
 */
public record StripPicture(
    double width,
    double height,
    List<SectionDrawing.Outline> staying,
    List<SectionDrawing.Outline> leaving,
    List<String> ghosts,
    String slide,
    String arrow,
    String force,
    Spot entry,
    List<Spot> crossings) {

  private static final double WIDTH = 620;
  private static final double MARGIN = 16;
  private static final double MOST_HEIGHT = 190;

  /** Further than this share of the section's length nothing is drawn away. */
  private static final double MOST_AWAY = 0.4;

  /**
   * Draws a step.
   *
   * @param path pieces that the force goes through, empty for none
   */
  public static StripPicture of(Assembly assembly, StripStep step, List<String> path) {
    return new Drawer(assembly, step).draw(path);
  }

  /** What is needed while it is drawn. */
  private static final class Drawer {

    private final Map<String, List<Shape>> shapes = new HashMap<>();
    private final Map<String, Point> anchors = new HashMap<>();
    private final StripStep step;
    private final double dx;
    private final double dr;
    private final Scale scale;
    private final double height;

    Drawer(Assembly assembly, StripStep step) {
      this.step = step;
      Section section = SectionBuilder.of(assembly);
      for (SectionPart p : section.parts()) {
        shapes.put(p.part().id(), cut(p.shapes()));
        anchors.put(p.part().id(), p.anchor());
      }
      SectionBuilder.rings(assembly).forEach(shapes::put);
      double length = most() - least();
      boolean radial = step.way() == StripStep.Way.RADIAL;
      this.dx = radial ? 0 : (step.right() ? 1 : -1) * Math.min(length * MOST_AWAY, travel());
      this.dr = radial ? (mostR() - leastRLeaving()) * 0.5 : 0;
      double from = Math.min(least(), least() + dx);
      double to = Math.max(most(), most() + dx);
      double unit =
          Math.min(
              (WIDTH - 2 * MARGIN) / (to - from),
              (MOST_HEIGHT - 2 * MARGIN) / (mostR() + dr - bottom()));
      this.height = (mostR() + dr - bottom()) * unit + 2 * MARGIN;
      double origin = (WIDTH - (to - from) * unit) / 2 - from * unit;
      this.scale = new Scale(unit, origin, height - MARGIN + bottom() * unit);
    }

    private static List<Shape> cut(List<Shape> shapes) {
      return shapes.stream()
          .filter(s -> s.look() != Shape.Look.OUTSIDE && s.look() != Shape.Look.GREASE)
          .map(s -> s.cutBelow(0))
          .toList();
    }

    private double least() {
      return there().mapToDouble(Shape::leastX).min().orElse(0);
    }

    private double most() {
      return there().mapToDouble(Shape::mostX).max().orElse(1);
    }

    private double mostR() {
      return there().mapToDouble(Shape::mostR).max().orElse(1);
    }

    /** Nothing is drawn nearer to the axis than what is there. */
    private double bottom() {
      return there().mapToDouble(Shape::leastR).min().orElse(0);
    }

    private Stream<Shape> there() {
      return step.among().stream().flatMap(p -> shapes.get(p).stream());
    }

    private double leastRLeaving() {
      return step.parts().stream()
          .flatMap(p -> shapes.get(p).stream())
          .mapToDouble(Shape::leastR)
          .min()
          .orElse(0);
    }

    /** Until it is clear of what stays, and a little more. */
    private double travel() {
      Set<String> stay = new LinkedHashSet<>(step.among());
      step.parts().forEach(stay::remove);
      double edge =
          stay.stream()
              .flatMap(p -> shapes.get(p).stream())
              .mapToDouble(s -> step.right() ? s.mostX() : -s.leastX())
              .max()
              .orElse(0);
      double own =
          step.parts().stream()
              .flatMap(p -> shapes.get(p).stream())
              .mapToDouble(s -> step.right() ? s.leastX() : -s.mostX())
              .min()
              .orElse(0);
      return Math.max(6, edge - own + 4);
    }

    StripPicture draw(List<String> path) {
      List<Spot> force = path.stream().map(this::middle).toList();
      return new StripPicture(
          WIDTH,
          height,
          outlines(step.among().stream().filter(p -> !step.parts().contains(p)).toList()),
          outlines(step.parts()),
          step.parts().stream().flatMap(p -> shapes.get(p).stream()).map(this::ghost).toList(),
          Spot.number(dx * scale.unitsPerMm()) + " " + Spot.number(-dr * scale.unitsPerMm()),
          arrow(),
          force.stream().map(Spot::pair).collect(Collectors.joining(" L", "M", "")),
          force.isEmpty() ? null : force.get(0),
          crossings(path));
    }

    private List<SectionDrawing.Outline> outlines(List<String> parts) {
      return parts.stream()
          .flatMap(p -> shapes.get(p).stream())
          .map(s -> new SectionDrawing.Outline(scale.path(s.outline()), look(s), ""))
          .toList();
    }

    private static String look(Shape shape) {
      return "cut-" + shape.look().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    private String ghost(Shape shape) {
      return scale.path(
          shape.outline().stream().map(p -> new Point(p.x() + dx, p.r() + dr)).toList());
    }

    private String arrow() {
      Spot from = middle(step.parts().get(0));
      double x = dx * scale.unitsPerMm();
      double y = -dr * scale.unitsPerMm();
      double reach = Math.hypot(x, y);
      double ux = x / reach;
      double uy = y / reach;
      return "M%s l%s %s m%s %s l%s %s l%s %s"
          .formatted(
              from.pair(),
              Spot.number(x),
              Spot.number(y),
              Spot.number(-9 * ux - 5 * uy),
              Spot.number(-9 * uy + 5 * ux),
              Spot.number(9 * ux + 5 * uy),
              Spot.number(9 * uy - 5 * ux),
              Spot.number(-9 * ux + 5 * uy),
              Spot.number(-9 * uy - 5 * ux));
    }

    /** A place inside a part; of a ring the middle of its outline. */
    private Spot middle(String piece) {
      String part = shapes.containsKey(piece) ? piece : piece.replaceFirst("/.*", "");
      if (anchors.containsKey(part)) {
        return scale.at(anchors.get(part));
      }
      Shape greatest =
          shapes.get(piece).stream()
              .max(Comparator.comparingDouble(Shape::area))
              .orElseThrow(() -> new IllegalArgumentException("There is no piece " + piece));
      double x = (greatest.leastX() + greatest.mostX()) / 2;
      double r = (Math.max(0, greatest.leastR()) + greatest.mostR()) / 2;
      return scale.at(new Point(x, r));
    }

    /** Half way between the rings of a bearing that follow each other. */
    private List<Spot> crossings(List<String> path) {
      List<Spot> crossings = new ArrayList<>();
      for (int i = 1; i < path.size(); i++) {
        if (isRing(path.get(i - 1)) && isRing(path.get(i))) {
          Spot a = middle(path.get(i - 1));
          Spot b = middle(path.get(i));
          crossings.add(new Spot((a.x() + b.x()) / 2, (a.y() + b.y()) / 2));
        }
      }
      return crossings;
    }

    private static boolean isRing(String piece) {
      return piece.endsWith("/inner")
          || piece.endsWith("/outer")
          || piece.startsWith("inner-")
          || piece.equals("outer");
    }
  }
}
