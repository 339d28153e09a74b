package unbo.core.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Family;
import unbo.core.designation.Closure;
import unbo.core.designation.Reading;
import unbo.core.section.BearingShapes.Envelope;
import unbo.core.section.Section.ContactLine;

/**
 * A bearing alone, cut above its axis, to scale: rings, elements, cage and what closes it. Its left
 * face stands at x = 0. Only the envelope is data; what lies inside is the estimate of {@link
 * InternalGeometry} and of the shapes it is drawn by.
 *
 * @param pieces in drawing order
 * @param contactLines from the elements to the axis, where it carries at an angle that is known
 * @param inside the estimate, empty for plain bearings
 */
public record BearingPortrait(
    Bearing bearing,
    double widthMm,
    List<Piece> pieces,
    List<ContactLine> contactLines,
    Optional<InternalGeometry> inside) {

  private static final double USUAL_ANGLE_DEG = 25;

  /** A piece with its name, such as {@code outer ring}. */
  public record Piece(String name, List<Shape> shapes) {
    public Piece {
      shapes = List.copyOf(shapes);
    }

    /** Where its name points: in the piece near its right end, in an element above its middle. */
    public Point anchor() {
      Shape shape = shapes.stream().max(Comparator.comparingDouble(Shape::mostX)).orElseThrow();
      double right = shape.mostX();
      double width = right - shape.leastX();
      if (shape.look() == Shape.Look.UNCUT) {
        double height = shape.mostR() - shape.leastR();
        return new Point(right - 0.35 * width, shape.mostR() - 0.3 * height);
      }
      double x = right - 0.08 * width;
      return new Point(x, widestAt(shape, x));
    }

    /** The middle of what is solid at an x, of its longest stretch: beside a groove, not in it. */
    private static double widestAt(Shape shape, double x) {
      double[] crossed = shape.radiiAt(x);
      double middle = shape.mostR();
      double longest = -1;
      for (int i = 0; i + 1 < crossed.length; i += 2) {
        if (crossed[i + 1] - crossed[i] > longest) {
          longest = crossed[i + 1] - crossed[i];
          middle = (crossed[i] + crossed[i + 1]) / 2;
        }
      }
      return middle;
    }
  }

  /** The portrait of what a number says, letters and all. */
  public static BearingPortrait of(Reading reading) {
    return of(
        reading.bearing(),
        reading.left(),
        reading.right(),
        reading.cage().equals("none"),
        reading.contactAngleDeg());
  }

  /** The portrait of a bare catalogue row. */
  public static BearingPortrait of(Bearing bearing) {
    return of(bearing, Closure.OPEN, Closure.OPEN, false, OptionalDouble.empty());
  }

  private static BearingPortrait of(
      Bearing bearing, Closure left, Closure right, boolean full, OptionalDouble angle) {
    Envelope room = InternalGeometry.room(bearing);
    List<Piece> pieces = new ArrayList<>(rings(bearing, room, full, angle));
    boolean shown = bearing.family().isEnvelopeOnly();
    if (!full && !shown && bearing.family() != Family.THRUST_NEEDLE) {
      boolean thrust = bearing.family().isThrustBall();
      cage(pieces, thrust ? CageBars::aroundAxialBall : CageBars::beside).ifPresent(pieces::add);
    }
    if (!shown && ClosureShapes.canBeDrawn(bearing)) {
      ClosureShapes closures = ClosureShapes.of(room, bearing, full);
      closures.of(left, true).ifPresent(pieces::add);
      closures.of(right, false).ifPresent(pieces::add);
    }
    return new BearingPortrait(
        bearing,
        bearing.widthMm(),
        List.copyOf(pieces),
        lines(bearing, room, angle),
        InternalGeometry.estimate(bearing, full, angle));
  }

  private static List<Piece> rings(
      Bearing bearing, Envelope room, boolean full, OptionalDouble angle) {
    return switch (bearing.family()) {
      case TAPERED_ROLLER -> {
        TaperShapes shapes = TaperShapes.placed(bearing, 0, true);
        List<Shape> cone = shapes.shapes("cone");
        yield List.of(
            new Piece("cone", cone.subList(0, 1)),
            new Piece("rollers", cone.subList(1, cone.size())),
            new Piece("cup", shapes.shapes("cup")));
      }
      case CYLINDRICAL_ROLLER -> {
        RibbedRollerShapes shapes = new RibbedRollerShapes(room);
        yield List.of(
            new Piece("inner ring", shapes.inner(bearing.series())),
            new Piece("rollers", List.of(shapes.rollerShape())),
            new Piece("outer ring", List.of(shapes.outer(bearing.series()))));
      }
      case SELF_ALIGNING_BALL -> {
        SelfAligningShapes shapes = new SelfAligningShapes(room);
        yield List.of(
            new Piece("inner ring", List.of(shapes.inner())),
            new Piece("balls", shapes.balls()),
            new Piece("outer ring", List.of(shapes.outer())));
      }
      case SPHERICAL_ROLLER -> {
        SphericalRollerShapes shapes = new SphericalRollerShapes(room);
        yield List.of(
            new Piece("inner ring", List.of(shapes.inner())),
            new Piece("rollers", shapes.rollers()),
            new Piece("outer ring", List.of(shapes.outer())));
      }
      case TWO_WAY_THRUST_BALL -> new TwoWayThrustShapes(room).pieces();
      case INSERT_BALL -> InsertShapes.pieces(room, bearing);
      case TRACK_ROLLER -> TrackRollerShapes.pieces(room);
      case THRUST_NEEDLE ->
          List.of(new Piece("needles and cage", new NeedleCageShapes(room, true).shapes("all")));
      case NEEDLE_CAGE ->
          List.of(
              new Piece(
                  "needles",
                  List.of(
                      Shape.rectangle(
                          Shape.Look.UNCUT,
                          room.middle() - 0.4 * room.width(),
                          room.middle() + 0.4 * room.width(),
                          room.bore(),
                          room.outer()))));
      default -> split(shapes(bearing, room, full, angle), bearing);
    };
  }

  private static BearingShapes shapes(
      Bearing bearing, Envelope room, boolean full, OptionalDouble angle) {
    return switch (bearing.family()) {
      case ANGULAR_CONTACT_BALL, HEADSET ->
          BallShapes.angular(room, true, angle.orElse(USUAL_ANGLE_DEG));
      case TWO_ROW_ANGULAR_BALL, TWO_ROW_BALL, WHEEL_UNIT -> BallShapes.doubleRow(room);
      case DRAWN_CUP_NEEDLE -> RollerShapes.drawnCup(room);
      case ONE_WAY_CLUTCH ->
          bearing.series().equals("CSK")
              ? BallShapes.deepGroove(room)
              : RollerShapes.drawnCup(room);
      case ROD_END -> new SphericalPlainShapes(room);
      case NEEDLE_ROLLER ->
          RollerShapes.machined(room, !bearing.isWithoutInnerRing())
              .withOuterRing(bearing.otherWidthMm().orElse(room.width()));
      case THRUST_BALL -> new ThrustBallShapes(room);
      case SPHERICAL_PLAIN -> new SphericalPlainShapes(room);
      default -> full ? BallShapes.fullComplement(room) : BallShapes.deepGroove(room);
    };
  }

  private static String elements(Bearing bearing) {
    boolean clutch = bearing.family() == Family.ONE_WAY_CLUTCH && !bearing.series().equals("CSK");
    return clutch ? "rollers" : bearing.family().isNeedle() ? "needles" : "balls";
  }

  /** Inner pieces, elements and outer pieces told apart by how they are drawn. */
  private static List<Piece> split(BearingShapes shapes, Bearing bearing) {
    boolean thrust = bearing.family().isThrustBall();
    List<Shape> outer = new ArrayList<>(shapes.shapes("outer"));
    List<Shape> elements = new ArrayList<>();
    List<Shape> inner = new ArrayList<>();
    for (Shape shape : shapes.shapes("inner")) {
      if (shape.look() == Shape.Look.UNCUT) {
        elements.add(shape);
      } else if (!bearing.isWithoutInnerRing()) {
        inner.add(shape);
      }
    }
    List<Piece> pieces = new ArrayList<>();
    add(pieces, thrust ? "shaft washer" : "inner ring", inner);
    add(pieces, elements(bearing), elements.isEmpty() ? uncut(outer) : elements);
    outer.removeIf(s -> s.look() == Shape.Look.UNCUT);
    add(pieces, thrust ? "housing washer" : "outer ring", outer);
    return pieces;
  }

  private static List<Shape> uncut(List<Shape> shapes) {
    return shapes.stream().filter(s -> s.look() == Shape.Look.UNCUT).toList();
  }

  private static void add(List<Piece> pieces, String name, List<Shape> shapes) {
    if (!shapes.isEmpty()) {
      pieces.add(new Piece(name, shapes));
    }
  }

  /** A cage, seen as bars beside every element where no ring is. */
  private static Optional<Piece> cage(List<Piece> pieces, Function<Shape, List<Shape>> beside) {
    List<Shape> bars =
        pieces.stream()
            .flatMap(p -> p.shapes().stream())
            .filter(s -> s.look() == Shape.Look.UNCUT)
            .flatMap(s -> beside.apply(s).stream())
            .toList();
    return bars.isEmpty() ? Optional.empty() : Optional.of(new Piece("cage", bars));
  }

  private static List<ContactLine> lines(Bearing bearing, Envelope room, OptionalDouble angle) {
    if (bearing.isTaper()) {
      return TaperShapes.placed(bearing, 0, true).contactLines();
    }
    boolean known = angle.isPresent() && angle.getAsDouble() > 0;
    return known ? shapes(bearing, room, false, angle).contactLines() : List.of();
  }
}
