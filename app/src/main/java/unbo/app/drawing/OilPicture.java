package unbo.app.drawing;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import unbo.core.arrangement.Assembly;
import unbo.core.arrangement.BearingPlace;
import unbo.core.section.Point;
import unbo.core.section.SectionBuilder;
import unbo.core.section.SectionPart;
import unbo.core.section.Shape;

/**
 * The lower half of a bearing in its pocket with the oil that stands in it: fed on one side over
 * the level, drained on the other at the level, so that what comes in has to go through. To scale;
 * the pocket is our own.
 *
 * @param height of the view box, whose width is given
 * @param parts outlines with their looks
 * @param oil what stands, as a path behind them
 * @param levelY where it stands
 * @param feed the way in, an arrow
 * @param drain the way out, an arrow
 * @param wall of the pocket
 */
public record OilPicture(
    double height,
    List<SectionDrawing.Outline> parts,
    String oil,
    double levelY,
    String feed,
    String drain,
    String wall) {

  public static final double WIDTH = 240;

  private static final double MARGIN = 8;
  private static final double MOST_HEIGHT = 170;
  private static final double BESIDE_MM = 8;
  private static final double UNDER_MM = 3;

  /**
   * Of a bearing's place.
   *
   * @param belowMm level under the shaft's middle
   */
  public static Optional<OilPicture> of(Assembly assembly, BearingPlace place, double belowMm) {
    List<Shape> shapes =
        SectionBuilder.of(assembly).parts().stream()
            .filter(p -> isOf(p, place))
            .flatMap(p -> p.shapes().stream())
            .filter(s -> s.look() != Shape.Look.OUTSIDE && s.look() != Shape.Look.GREASE)
            .filter(s -> s.leastR() >= 0)
            .map(OilPicture::below)
            .toList();
    return shapes.isEmpty() ? Optional.empty() : Optional.of(draw(shapes, belowMm));
  }

  private static boolean isOf(SectionPart part, BearingPlace place) {
    return part.part().place().filter(place.id()::equals).isPresent();
  }

  private static Shape below(Shape s) {
    return new Shape(s.outline().stream().map(p -> new Point(p.x(), -p.r())).toList(), s.look());
  }

  private static OilPicture draw(List<Shape> shapes, double belowMm) {
    double from = extreme(shapes, Shape::leastX, false) - BESIDE_MM;
    double to = extreme(shapes, Shape::mostX, true) + BESIDE_MM;
    double top = extreme(shapes, Shape::mostR, true);
    double bottom = extreme(shapes, Shape::leastR, false) - UNDER_MM;
    double unit =
        Math.min((WIDTH - 2 * MARGIN) / (to - from), (MOST_HEIGHT - 2 * MARGIN) / (top - bottom));
    double origin = (WIDTH - (to - from) * unit) / 2 - from * unit;
    Scale scale = new Scale(unit, origin, MARGIN + top * unit);
    double level = Math.max(-belowMm, bottom);
    double left = scale.x(from);
    double right = scale.x(to);
    double levelY = scale.y(level);
    double bottomY = scale.y(bottom);
    return new OilPicture(
        bottomY + MARGIN,
        SectionDrawing.outlines(shapes.stream(), scale),
        "M%s %s H%s V%s H%s Z"
            .formatted(
                Spot.number(left),
                Spot.number(levelY),
                Spot.number(right),
                Spot.number(bottomY),
                Spot.number(left)),
        levelY,
        arrow(left + 6, MARGIN, left + 6, levelY - 4),
        arrow(right - 14, levelY - 3, right + 6, levelY - 3),
        "M%s %s V%s H%s V%s"
            .formatted(
                Spot.number(left),
                Spot.number(MARGIN),
                Spot.number(bottomY),
                Spot.number(right),
                Spot.number(levelY)));
  }

  private static double extreme(
      List<Shape> shapes, java.util.function.ToDoubleFunction<Shape> of, boolean greatest) {
    Stream<Double> values = shapes.stream().map(of::applyAsDouble);
    return (greatest ? values.max(Double::compare) : values.min(Double::compare)).orElse(0.0);
  }

  /** Straight down, or to the right. */
  private static String arrow(double x, double y, double toX, double toY) {
    String head = toX > x ? " m-6 -4 l6 4 l-6 4" : " m-4 -6 l4 6 l4 -6";
    return "M%s %s L%s %s%s"
        .formatted(Spot.number(x), Spot.number(y), Spot.number(toX), Spot.number(toY), head);
  }
}
