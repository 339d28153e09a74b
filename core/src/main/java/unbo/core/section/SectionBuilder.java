package unbo.core.section;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.DimensionLine;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.arrangement.Stroke;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.BearingFacts;
import unbo.core.designation.ClosedSides;
import unbo.core.section.BearingShapes.Envelope;
import unbo.core.section.Section.ContactLine;

/** Builds the half section of any {@link Assembly} from the lines of its template. */
public final class SectionBuilder {

  private final Assembly assembly;
  private final Map<String, BearingShapes> bearings = new HashMap<>();

  private final double greaseShare;

  private SectionBuilder(Assembly assembly, double greaseShare) {
    this.assembly = assembly;
    this.greaseShare = greaseShare;
    for (BearingPlace place : assembly.arrangement().places()) {
      bearings.put(place.id(), BearingShapes.of(assembly, place));
    }
  }

  /** The section of an assembly; sizes that cannot be are drawn as they are and said in words. */
  public static Section of(Assembly assembly) {
    return of(assembly, 0);
  }

  /**
   * The same with its hollows packed.
   *
   * @param greaseShare 0 to 1 of each hollow's volume
   */
  public static Section of(Assembly assembly, double greaseShare) {
    return new SectionBuilder(assembly, greaseShare).build();
  }

  /**
   * The rings of the bearings that are one part of the template, by part and ring: {@code
   * left-bearing/inner}. Balls and rollers belong to neither.
   */
  public static Map<String, List<Shape>> rings(Assembly assembly) {
    Map<String, List<Shape>> rings = new HashMap<>();
    for (PartTemplate part : assembly.arrangement().parts()) {
      if (part.isWholeBearing()) {
        BearingShapes shapes =
            BearingShapes.of(
                assembly, assembly.arrangement().place(part.place().orElseThrow()).orElseThrow());
        for (String ring : List.of("inner", "outer")) {
          List<Shape> cut =
              shapes.shapes(ring).stream().filter(s -> s.look() == Shape.Look.CUT_RING).toList();
          if (!cut.isEmpty()) {
            rings.put(part.id() + "/" + ring, cut);
          }
        }
      }
    }
    return rings;
  }

  private Section build() {
    List<SectionPart> parts = new ArrayList<>();
    for (PartTemplate part : assembly.arrangement().parts()) {
      parts.add(part(parts.size() + 1, part));
    }
    List<ContactLine> lines = new ArrayList<>();
    for (BearingPlace place : assembly.arrangement().places()) {
      lines.addAll(bearings.get(place.id()).contactLines());
    }
    return new Section(parts, lines, dimensions(parts), grease(), assembly.problems());
  }

  private List<Shape> grease() {
    return greaseShare <= 0
        ? List.of()
        : assembly.arrangement().cavities().stream()
            .map(c -> CavityFill.of(assembly, c, greaseShare).shape())
            .toList();
  }

  private SectionPart part(int number, PartTemplate part) {
    List<Shape> shapes = new ArrayList<>();
    List<Point> profile = new ArrayList<>();
    for (Stroke stroke : part.strokes()) {
      shapes.addAll(shapes(stroke));
      if (profile.isEmpty() && stroke.verb() == Stroke.Verb.TURNED) {
        profile.addAll(Profile.of(stroke.outside(), assembly));
      }
    }
    Point anchor = anchor(part, shapes);
    part.below().ifPresent(span -> shapes.add(below(span, profile, shapes)));
    return new SectionPart(number, part, name(part), shapes, anchor, assembly.isAssumed(part));
  }

  private String name(PartTemplate part) {
    String piece = part.strokes().isEmpty() ? "" : part.strokes().get(0).piece();
    String title = piece.equals("cone") || piece.equals("cup") ? piece : part.title();
    return part.place()
        .flatMap(assembly::bearingAt)
        .map(b -> title + " " + b.designation())
        .orElseGet(() -> counted(part));
  }

  /** Loose elements are named by their count, which a half section does not show. */
  private String counted(PartTemplate part) {
    return part.sizes().stream()
        .filter(SizeTemplate::isCount)
        .findFirst()
        .map(count -> Math.round(assembly.value(count)) + " " + part.title())
        .orElse(part.title());
  }

  private List<Shape> shapes(Stroke stroke) {
    if (stroke.verb() == Stroke.Verb.BEARING) {
      List<Shape> shapes = new ArrayList<>(bearings.get(stroke.word()).shapes(stroke.piece()));
      if (List.of("all", "outer").contains(stroke.piece())) {
        shapes.addAll(closures(stroke.word()));
      }
      return shapes;
    }
    if (stroke.verb() == Stroke.Verb.TURNED) {
      return List.of(
          new Shape(
              Profile.closed(
                  Profile.of(stroke.outside(), assembly), Profile.of(stroke.inside(), assembly)),
              Shape.Look.of(stroke.word())));
    }
    double[] n = Profile.numbers(stroke.outside(), assembly);
    return switch (stroke.verb()) {
      case RING ->
          List.of(Shape.rectangle(Shape.Look.of(stroke.word()), n[0], n[1], n[2] / 2, n[3] / 2));
      case BALL -> List.of(Shape.circle(Shape.Look.of(stroke.word()), n[0], n[1] / 2, n[2] / 2));
      case SEAL -> SealShapes.of(n[0], n[1], n[2] / 2, n[3] / 2);
      default ->
          List.of(new Shape(Profile.of(stroke.outside(), assembly), Shape.Look.of(stroke.word())));
    };
  }

  /** Shields and seals of a bearing that was read; none where it is not known. */
  private List<Shape> closures(String place) {
    BearingFacts said = assembly.said().get(place);
    Bearing bearing = assembly.read().get(place);
    if (said == null || bearing == null || !ClosureShapes.canBeDrawn(bearing)) {
      return List.of();
    }
    ClosedSides sides = said.closed();
    Envelope room = Envelope.of(assembly, place);
    ClosureShapes closures = ClosureShapes.of(room, bearing, false);
    return Stream.of(
            sides.left().flatMap(c -> closures.of(c, true)),
            sides.right().flatMap(c -> closures.of(c, false)))
        .flatMap(Optional::stream)
        .flatMap(piece -> piece.shapes().stream())
        .toList();
  }

  private Point anchor(PartTemplate part, List<Shape> shapes) {
    if (part.anchor().isPresent()) {
      PartTemplate.Span span = part.anchor().get();
      return new Point(assembly.value(span.first()), assembly.value(span.second()) / 2);
    }
    Stroke first = part.strokes().get(0);
    if (first.verb() == Stroke.Verb.BEARING) {
      return bearings.get(first.word()).anchor(first.piece());
    }
    if (first.verb() == Stroke.Verb.SEAL) {
      double[] n = Profile.numbers(first.outside(), assembly);
      return SealShapes.anchor(n[0], n[1], n[2] / 2, n[3] / 2);
    }
    Shape shape = shapes.get(0);
    return new Point((shape.leastX() + shape.mostX()) / 2, (shape.leastR() + shape.mostR()) / 2);
  }

  /** The part from outside in the lower half. */
  private Shape below(PartTemplate.Span span, List<Point> profile, List<Shape> shapes) {
    double from = assembly.value(span.first());
    double to = Math.max(from + 0.1, assembly.value(span.second()));
    if (profile.isEmpty()) {
      double most = shapes.stream().mapToDouble(Shape::mostR).max().orElseThrow();
      return Shape.rectangle(Shape.Look.OUTSIDE, from, to, -most, 0);
    }
    return new Shape(Profile.mirrored(profile, from, to), Shape.Look.OUTSIDE);
  }

  private List<Section.Dimension> dimensions(List<SectionPart> parts) {
    return assembly.arrangement().dimensions().stream().map(d -> dimension(d, parts)).toList();
  }

  private Section.Dimension dimension(DimensionLine line, List<SectionPart> parts) {
    boolean assumed = line.of().map(this::isAssumed).orElse(false);
    double to = assembly.value(line.to());
    if (line.diameter()) {
      return new Section.Dimension(-to / 2, to / 2, to, assumed, true, surfaceFrom(parts, to / 2));
    }
    double from = assembly.value(line.from());
    return new Section.Dimension(from, to, to - from, assumed, false, OptionalDouble.empty());
  }

  /** Where the leftmost surface of a radius begins: two corners beside each other lie on it. */
  private static OptionalDouble surfaceFrom(List<SectionPart> parts, double radius) {
    return parts.stream()
        .flatMap(p -> p.shapes().stream())
        .flatMapToDouble(shape -> shape.surfacesFrom(radius))
        .min();
  }

  /** Whether the size or the bearing of a dimension line is a value that nobody took. */
  private boolean isAssumed(String of) {
    return assembly
        .arrangement()
        .place(of)
        .map(
            p ->
                !assembly.isRead(of)
                    && (p.isNamed() || !assembly.measured().containsKey(of + ".width")))
        .orElseGet(() -> !assembly.measured().containsKey(of));
  }
}
