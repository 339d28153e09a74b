package unbo.core.section;

import java.util.List;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.TaperGeometry;

/**
 * Cup, cone and roller of one taper, placed in the section. Inside, u runs from the cone back face
 * to its small end; {@code direction} turns u into x.
 */
final class TaperShapes implements BearingShapes {

  /** Height of the large rib over the cone raceway, as a share of the roller diameter. */
  private static final double LARGE_RIB = 0.32;

  private static final double SMALL_RIB = 0.12;
  private static final double CHAMFER_MM = 1;

  private final Bearing bearing;
  private final Bearing.TaperWidths widths;
  private final TaperGeometry inside;
  private final double backFaceX;
  private final int direction;
  private final double axisAngle;

  /**
   * Places a taper.
   *
   * @param backFaceX where the cone's back face stands
   * @param direction 1 when the small end points outboard, −1 when it points inboard
   */
  TaperShapes(Bearing bearing, double backFaceX, int direction) {
    this.bearing = bearing;
    this.widths = bearing.taper().orElseThrow();
    this.inside = TaperGeometry.estimate(bearing);
    this.backFaceX = backFaceX;
    this.direction = direction;
    this.axisAngle = Math.toRadians(inside.rollerAxisAngleDeg());
  }

  /**
   * Places a taper by its left face.
   *
   * @param facingRight whether its small end points to the right
   */
  static TaperShapes placed(Bearing bearing, double from, boolean facingRight) {
    return facingRight
        ? new TaperShapes(bearing, from, 1)
        : new TaperShapes(bearing, from + bearing.widthMm(), -1);
  }

  @Override
  public List<Shape> shapes(String piece) {
    return switch (piece) {
      case "cup" -> List.of(cup());
      case "cone" -> List.of(cone(), roller());
      default -> List.of(cone(), roller(), cup());
    };
  }

  @Override
  public Point anchor(String piece) {
    return piece.equals("cone") ? coneAnchor() : cupAnchor();
  }

  @Override
  public List<Section.ContactLine> contactLines() {
    return List.of(contactLine());
  }

  Shape cup() {
    double from = bearing.widthMm() - widths.cupMm();
    double to = bearing.widthMm();
    double outside = bearing.outerMm() / 2;
    return shape(
        Shape.Look.CUT_RING,
        from,
        cupRaceway(from),
        to,
        cupRaceway(to),
        to,
        outside - CHAMFER_MM,
        to - CHAMFER_MM,
        outside,
        from,
        outside);
  }

  Shape cone() {
    double rollerFrom = inside.middleMm() - rollerHalfSpan();
    double rollerTo = inside.middleMm() + rollerHalfSpan();
    double bore = bearing.boreMm() / 2;
    return shape(
        Shape.Look.CUT_RING,
        CHAMFER_MM,
        bore,
        widths.coneMm(),
        bore,
        widths.coneMm(),
        coneRaceway(widths.coneMm()) + SMALL_RIB * inside.rollerMm(),
        rollerTo,
        coneRaceway(rollerTo) + SMALL_RIB * inside.rollerMm(),
        rollerTo,
        coneRaceway(rollerTo),
        rollerFrom,
        coneRaceway(rollerFrom),
        rollerFrom,
        coneRaceway(rollerFrom) + LARGE_RIB * inside.rollerMm(),
        0,
        coneRaceway(rollerFrom) + LARGE_RIB * inside.rollerMm(),
        0,
        bore + CHAMFER_MM);
  }

  /** The roller: ends square to its own axis, sides on the two raceways. */
  Shape roller() {
    double half = inside.rollerLengthMm() / 2;
    double taper = Math.tan(Math.toRadians((inside.contactAngleDeg() - inside.coneAngleDeg()) / 2));
    double big = inside.rollerMm() / 2 + half * taper;
    double small = inside.rollerMm() / 2 - half * taper;
    return shape(
        Shape.Look.UNCUT,
        flat(corner(-half, big), corner(half, small), corner(half, -small), corner(-half, -big)));
  }

  Section.ContactLine contactLine() {
    return new Section.ContactLine(
        at(inside.middleMm(), inside.pitchDiameterMm() / 2), at(inside.effectiveCentreMm(), 0));
  }

  Point cupAnchor() {
    double u = bearing.widthMm() - 0.3 * widths.cupMm();
    return at(u, (cupRaceway(u) + bearing.outerMm() / 2) / 2);
  }

  Point coneAnchor() {
    double u = widths.coneMm() / 2;
    return at(u, (coneRaceway(u) + bearing.boreMm() / 2) / 2);
  }

  private double rollerHalfSpan() {
    return inside.rollerLengthMm() / 2 * Math.cos(axisAngle);
  }

  private double cupRaceway(double u) {
    double middle = inside.middleMm() + inside.rollerMm() / 2 * Math.sin(axisAngle);
    double radius = inside.pitchDiameterMm() / 2 + inside.rollerMm() / 2 * Math.cos(axisAngle);
    return radius - (u - middle) * Math.tan(Math.toRadians(inside.contactAngleDeg()));
  }

  private double coneRaceway(double u) {
    double middle = inside.middleMm() - inside.rollerMm() / 2 * Math.sin(axisAngle);
    double radius = inside.pitchDiameterMm() / 2 - inside.rollerMm() / 2 * Math.cos(axisAngle);
    return radius - (u - middle) * Math.tan(Math.toRadians(inside.coneAngleDeg()));
  }

  /** A corner of the roller: along its axis from the middle, and across it, outwards positive. */
  private double[] corner(double along, double across) {
    double u = inside.middleMm() + along * Math.cos(axisAngle) + across * Math.sin(axisAngle);
    double r =
        inside.pitchDiameterMm() / 2 - along * Math.sin(axisAngle) + across * Math.cos(axisAngle);
    return new double[] {u, r};
  }

  private static double[] flat(double[]... corners) {
    return java.util.Arrays.stream(corners).flatMapToDouble(java.util.Arrays::stream).toArray();
  }

  private Shape shape(Shape.Look look, double... ur) {
    List<Point> points = Shape.points(ur).stream().map(p -> at(p.x(), p.r())).toList();
    return new Shape(points, look);
  }

  private Point at(double u, double r) {
    return new Point(backFaceX + direction * u, r);
  }
}
