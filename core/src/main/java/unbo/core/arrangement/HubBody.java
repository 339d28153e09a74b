package unbo.core.arrangement;

import static unbo.core.arrangement.HubDimension.*;

import java.util.ArrayList;
import java.util.List;

/** The casting between the bearings: bores, cavity, barrel and wheel flange. */
final class HubBody {

  /**
   * Depth of the cup shoulders as a share of the ring section; leaves the cup's face to push on.
   */
  private static final double SHOULDER_SHARE = 0.3;

  private static final double CAP_SEAT_MM = 7;
  private static final double BREAK_BEYOND_MM = 12;

  private final TaperHub hub;
  private final double inboardEnd;

  HubBody(TaperHub hub, double inboardEnd) {
    this.hub = hub;
    this.inboardEnd = inboardEnd;
  }

  double outboardEnd() {
    return hub.outboardFaceMm() + CAP_SEAT_MM;
  }

  Shape upper() {
    List<Point> points = new ArrayList<>(outside());
    double backIn = hub.inboard().widthMm();
    double backOut = backIn + hub.get(SHOULDER_DISTANCE);
    points.add(new Point(outboardEnd(), hub.get(OUTBOARD_BORE) / 2));
    points.add(new Point(backOut, hub.get(OUTBOARD_BORE) / 2));
    points.add(new Point(backOut, shoulder(hub.get(OUTBOARD_BORE), hub.outboard().boreMm())));
    points.add(new Point(backIn, shoulder(hub.get(INBOARD_BORE), hub.inboard().boreMm())));
    points.add(new Point(backIn, hub.get(INBOARD_BORE) / 2));
    points.add(new Point(-0.5, hub.get(INBOARD_BORE) / 2));
    points.add(new Point(-0.5, hub.get(SEAL_OUTSIDE) / 2));
    points.add(new Point(inboardEnd, hub.get(SEAL_OUTSIDE) / 2));
    return new Shape(points, Shape.Look.CUT_CASTING);
  }

  /** The lower half from outside. */
  Shape lower() {
    List<Point> points = new ArrayList<>();
    points.add(new Point(inboardEnd, 0));
    points.add(new Point(inboardEnd, -barrel()));
    brokenFlange(-1).forEach(points::add);
    points.add(new Point(neckFrom(), -barrel()));
    points.add(new Point(outboardEnd(), -neck()));
    points.add(new Point(outboardEnd(), 0));
    return new Shape(points, Shape.Look.OUTSIDE);
  }

  Point anchor() {
    return new Point(
        (flangeFrom() + flangeTo()) / 2,
        barrel() + 0.4 * Math.min(flange() - barrel(), BREAK_BEYOND_MM));
  }

  private List<Point> outside() {
    List<Point> points = new ArrayList<>();
    points.add(new Point(inboardEnd, barrel()));
    points.addAll(brokenFlange(1));
    points.add(new Point(neckFrom(), barrel()));
    points.add(new Point(outboardEnd(), neck()));
    return points;
  }

  /**
   * The flange up to its edge, or broken off with a zigzag where it would fill the sheet (ISO
   * 128-3).
   */
  private List<Point> brokenFlange(int side) {
    double end = Math.min(flange(), barrel() + BREAK_BEYOND_MM);
    double tooth = flange() > end ? 2 : 0;
    double step = (flangeTo() - flangeFrom()) / 4;
    return List.of(
        new Point(flangeFrom(), side * barrel()),
        new Point(flangeFrom(), side * end),
        new Point(flangeFrom() + step, side * (end + tooth)),
        new Point(flangeFrom() + 2 * step, side * (end - tooth)),
        new Point(flangeFrom() + 3 * step, side * (end + tooth)),
        new Point(flangeTo(), side * end),
        new Point(flangeTo(), side * barrel()));
  }

  private double shoulder(double outside, double bore) {
    return outside / 2 - SHOULDER_SHARE * (outside - bore) / 2;
  }

  private double barrel() {
    return hub.get(BARREL_OUTSIDE) / 2;
  }

  private double flange() {
    return Math.max(hub.get(FLANGE_OUTSIDE) / 2, barrel() + 1);
  }

  private double neck() {
    return Math.min(barrel(), hub.get(OUTBOARD_BORE) / 2 + 6);
  }

  /** The flange stands over the middle of the pair, where the wheel load should come down. */
  private double flangeFrom() {
    return hub.outboardFaceMm() * 0.42 - hub.get(FLANGE_THICKNESS) / 2;
  }

  private double flangeTo() {
    return flangeFrom() + hub.get(FLANGE_THICKNESS);
  }

  private double neckFrom() {
    return Math.max(flangeTo(), hub.inboard().widthMm() + hub.get(SHOULDER_DISTANCE) - 4);
  }
}
