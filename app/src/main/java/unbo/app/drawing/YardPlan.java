package unbo.app.drawing;

import java.util.List;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleKind;
import unbo.app.vehicle.WheelPosition;

/**
 * A vehicle in plan view, front upwards, to scale with the others of the yard: wheels from track
 * and axle distance, body from length.
 *
 * @param width of the view box
 * @param height of the view box
 * @param body path of the body
 * @param detail path of drawbar or windscreen
 * @param wheels its wheels
 */
public record YardPlan(
    double width, double height, String body, String detail, List<Wheel> wheels) {

  private static final double UNITS_PER_MM = 0.05;
  private static final double MARGIN = 26;
  private static final double WHEEL_LENGTH_MM = 620;
  private static final double WHEEL_WIDTH_MM = 200;

  /** A wheel: its rectangle, and the place of its mark beside it. */
  public record Wheel(
      WheelPosition position,
      double x,
      double y,
      double width,
      double height,
      double markX,
      double markY) {}

  /** Draws a vehicle. */
  public static YardPlan of(Vehicle vehicle) {
    double track = vehicle.getTrackMm() * UNITS_PER_MM;
    double length = vehicle.getLengthMm() * UNITS_PER_MM;
    double middle = MARGIN + 30 + track / 2;
    double width = 2 * middle;
    boolean trailer = vehicle.getKind() == VehicleKind.TRAILER;
    return new YardPlan(
        width,
        length + 2 * 10,
        trailer ? trailerBody(middle, track, length) : carBody(middle, track, length),
        trailer ? drawbar(middle, track, length) : glass(middle, track, length),
        vehicle.positions().stream().map(p -> wheel(p, middle)).toList());
  }

  private static Wheel wheel(WheelPosition position, double middle) {
    double x = middle + position.rightMm() * UNITS_PER_MM;
    double y = 10 + position.backMm() * UNITS_PER_MM;
    double w = WHEEL_WIDTH_MM * UNITS_PER_MM;
    double h = WHEEL_LENGTH_MM * UNITS_PER_MM;
    double side = Math.signum(position.rightMm());
    return new Wheel(position, x - w / 2, y - h / 2, w, h, x + side * 26, y);
  }

  private static String trailerBody(double middle, double track, double length) {
    double half = track / 2 - 9;
    double top = 10 + length * 0.3;
    return rectangle(middle - half, top, 2 * half, length * 0.7);
  }

  private static String drawbar(double middle, double track, double length) {
    double half = track / 2 - 9;
    double top = 10 + length * 0.3;
    return "M"
        + new Spot(middle, 10).pair()
        + " L"
        + new Spot(middle - half * 0.7, top).pair()
        + " M"
        + new Spot(middle, 10).pair()
        + " L"
        + new Spot(middle + half * 0.7, top).pair()
        + " M"
        + new Spot(middle - 5, 10).pair()
        + " L"
        + new Spot(middle + 5, 10).pair();
  }

  private static String carBody(double middle, double track, double length) {
    double half = track / 2 + 2;
    Spot a = new Spot(middle - half * 0.8, 10);
    return "M"
        + a.pair()
        + " Q"
        + new Spot(middle - half, 10).pair()
        + " "
        + new Spot(middle - half, 10 + length * 0.14).pair()
        + " L"
        + new Spot(middle - half, 10 + length * 0.93).pair()
        + " Q"
        + new Spot(middle - half, 10 + length).pair()
        + " "
        + new Spot(middle - half * 0.8, 10 + length).pair()
        + " L"
        + new Spot(middle + half * 0.8, 10 + length).pair()
        + " Q"
        + new Spot(middle + half, 10 + length).pair()
        + " "
        + new Spot(middle + half, 10 + length * 0.93).pair()
        + " L"
        + new Spot(middle + half, 10 + length * 0.14).pair()
        + " Q"
        + new Spot(middle + half, 10).pair()
        + " "
        + new Spot(middle + half * 0.8, 10).pair()
        + "Z";
  }

  private static String glass(double middle, double track, double length) {
    double half = track / 2 - 4;
    double top = 10 + length * 0.36;
    return "M"
        + new Spot(middle - half, top).pair()
        + " L"
        + new Spot(middle + half, top).pair()
        + " M"
        + new Spot(middle - half * 0.85, top + length * 0.1).pair()
        + " L"
        + new Spot(middle + half * 0.85, top + length * 0.1).pair()
        + " M"
        + new Spot(middle - half * 0.85, top + length * 0.4).pair()
        + " L"
        + new Spot(middle + half * 0.85, top + length * 0.4).pair();
  }

  private static String rectangle(double x, double y, double w, double h) {
    return "M"
        + new Spot(x, y).pair()
        + " H"
        + Spot.number(x + w)
        + " V"
        + Spot.number(y + h)
        + " H"
        + Spot.number(x)
        + "Z";
  }
}
