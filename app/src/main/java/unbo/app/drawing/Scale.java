package unbo.app.drawing;

import java.util.List;
import java.util.stream.Collectors;
import unbo.core.section.Point;

/**
 * Millimetres of a section to units of a drawing.
 *
 * @param unitsPerMm the same along both axes
 * @param originX where x = 0 lies
 * @param axisY where the axis lies
 */
public record Scale(double unitsPerMm, double originX, double axisY) {

  Spot at(Point p) {
    return new Spot(x(p.x()), axisY - p.r() * unitsPerMm);
  }

  double x(double xMm) {
    return originX + xMm * unitsPerMm;
  }

  double y(double rMm) {
    return axisY - rMm * unitsPerMm;
  }

  String path(List<Point> outline) {
    return outline.stream().map(p -> at(p).pair()).collect(Collectors.joining(" L", "M", "Z"));
  }
}
