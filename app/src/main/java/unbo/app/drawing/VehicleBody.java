package unbo.app.drawing;

import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/** The body of a vehicle in plan, our own outline for each kind, from its few sizes. */
final class VehicleBody {

  private final VehicleLayout layout;
  private final double scale;
  private final double middle;
  private final double top;

  VehicleBody(VehicleLayout layout, double scale, double middle, double top) {
    this.layout = layout;
    this.scale = scale;
    this.middle = middle;
    this.top = top;
  }

  String outline() {
    return switch (layout.kind()) {
      case TRAILER -> box(track() / 2 - 180 * scale, 0.3, 1);
      case CAR -> car();
      case MOTORCYCLE -> machine(middle);
      case SIDECAR -> machine(machineX()) + chair();
      case BICYCLE -> frame(middle);
      case TRICYCLE -> frame(middle) + tricycleBox();
    };
  }

  String detail() {
    return switch (layout.kind()) {
      case TRAILER -> drawbar();
      case CAR -> glass();
      case MOTORCYCLE -> bar(middle, 380);
      case SIDECAR -> bar(machineX(), 380) + sidecarFrame();
      case BICYCLE -> bar(middle, 300);
      case TRICYCLE -> bar(middle, 320) + axle();
    };
  }

  private double machineX() {
    return middle - track() / 2;
  }

  private double track() {
    return layout.trackMm() * scale;
  }

  /** A height on the page from a share of the length. */
  private double y(double share) {
    return top + layout.lengthMm() * scale * share;
  }

  private double axleY(double share) {
    return top + (layout.firstAxleMm() + share * layout.axleDistanceMm()) * scale;
  }

  private String box(double half, double from, double to) {
    return "M"
        + new Spot(middle - half, y(from)).pair()
        + " H"
        + Spot.number(middle + half)
        + " V"
        + Spot.number(y(to))
        + " H"
        + Spot.number(middle - half)
        + "Z";
  }

  private String drawbar() {
    double half = (track() / 2 - 180 * scale) * 0.7;
    return line(middle, y(0), middle - half, y(0.3))
        + line(middle, y(0), middle + half, y(0.3))
        + line(middle - 5, y(0), middle + 5, y(0));
  }

  private String car() {
    double half = track() / 2 + 40 * scale;
    double nose = half * 0.8;
    return "M"
        + new Spot(middle - nose, y(0)).pair()
        + curve(middle - half, y(0), middle - half, y(0.14))
        + to(middle - half, y(0.93))
        + curve(middle - half, y(1), middle - nose, y(1))
        + to(middle + nose, y(1))
        + curve(middle + half, y(1), middle + half, y(0.93))
        + to(middle + half, y(0.14))
        + curve(middle + half, y(0), middle + nose, y(0))
        + "Z";
  }

  private String glass() {
    double half = track() / 2 - 80 * scale;
    return line(middle - half, y(0.36), middle + half, y(0.36))
        + line(middle - half * 0.85, y(0.46), middle + half * 0.85, y(0.46))
        + line(middle - half * 0.85, y(0.76), middle + half * 0.85, y(0.76));
  }

  /** Tank and seat of a motorcycle, slim between its wheels. */
  private String machine(double x) {
    double tank = 150 * scale;
    double seat = 110 * scale;
    return "M"
        + new Spot(x - tank * 0.5, axleY(0.24)).pair()
        + curve(x - tank * 1.2, axleY(0.36), x - tank, axleY(0.52))
        + to(x - seat, axleY(0.6))
        + to(x - seat, axleY(1.02))
        + to(x + seat, axleY(1.02))
        + to(x + seat, axleY(0.6))
        + to(x + tank, axleY(0.52))
        + curve(x + tank * 1.2, axleY(0.36), x + tank * 0.5, axleY(0.24))
        + "Z";
  }

  private String chair() {
    double x = middle + track() / 2 - 380 * scale;
    double half = 250 * scale;
    return "M"
        + new Spot(x, axleY(0.02)).pair()
        + curve(x - half, axleY(0.1), x - half, axleY(0.5))
        + to(x - half, axleY(1.0))
        + to(x + half, axleY(1.0))
        + to(x + half, axleY(0.5))
        + curve(x + half, axleY(0.1), x, axleY(0.02))
        + "Z";
  }

  private String sidecarFrame() {
    return line(machineX(), axleY(0.45), middle + track() / 2, axleY(0.45))
        + line(machineX(), axleY(0.82), middle + track() / 2, axleY(0.82));
  }

  private String frame(double x) {
    double tube = 28 * scale;
    return "M"
        + new Spot(x - tube, axleY(0.2)).pair()
        + to(x - tube, axleY(0.62))
        + to(x - 60 * scale, axleY(0.7))
        + to(x - 60 * scale, axleY(0.84))
        + to(x + 60 * scale, axleY(0.84))
        + to(x + 60 * scale, axleY(0.7))
        + to(x + tube, axleY(0.62))
        + to(x + tube, axleY(0.2))
        + "Z";
  }

  private String tricycleBox() {
    boolean front = layout.build().equals("two-front");
    double half = track() / 2 - 90 * scale;
    double from = front ? axleY(-0.2) : axleY(0.72);
    double to = front ? axleY(0.18) : axleY(1.22);
    return "M"
        + new Spot(middle - half, from).pair()
        + to(middle + half, from)
        + to(middle + half, to)
        + to(middle - half, to)
        + "Z";
  }

  private String axle() {
    double y = axleY(layout.build().equals("two-front") ? 0 : 1);
    return line(middle - track() / 2, y, middle + track() / 2, y);
  }

  /** A handlebar. */
  private String bar(double x, double halfMm) {
    double share = layout.kind() == VehicleKind.MOTORCYCLE ? 0.2 : 0.24;
    return line(x - halfMm * scale, axleY(share + 0.03), x + halfMm * scale, axleY(share + 0.03))
        + line(x, axleY(0), x, axleY(share + 0.03));
  }

  private static String line(double x1, double y1, double x2, double y2) {
    return Spot.line(new Spot(x1, y1), new Spot(x2, y2));
  }

  private static String to(double x, double y) {
    return " L" + new Spot(x, y).pair();
  }

  private static String curve(double x1, double y1, double x, double y) {
    return " Q" + new Spot(x1, y1).pair() + " " + new Spot(x, y).pair();
  }
}
