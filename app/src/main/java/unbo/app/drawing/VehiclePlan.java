package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleKind;
import unbo.core.vehicle.VehicleLayout;

/**
 * A vehicle in plan view, front upwards: wheels from track and wheelbase, body from length, every
 * bearing position marked. In the yard all vehicles share one scale and only wheels can be touched;
 * on its own page a vehicle is drawn large with a numbered balloon for each position.
 *
 * @param width of the view box
 * @param height of the view box
 * @param body path of the body
 * @param detail path of what tells the kind: drawbar, glass, handlebar, frame
 * @param wheels its wheels
 * @param marks the other positions
 */
public record VehiclePlan(
    double width, double height, String body, String detail, List<Wheel> wheels, List<Mark> marks) {

  private static final double YARD_UNITS_PER_MM = 0.05;
  private static final double MARGIN = 42;
  static final double END = 12;
  private static final double FLAG_BESIDE = 22;

  /** A wheel: its rectangle, and the place of its flag beside it. */
  public record Wheel(
      Position position,
      double x,
      double y,
      double width,
      double height,
      double markX,
      double markY) {}

  /** A position without a wheel; its balloon stands only on the large plan. */
  public record Mark(Position position, int number, Spot spot, Spot balloon, Spot leaderEnd) {

    /** The line from the balloon to the place. */
    public String leader() {
      return Spot.line(leaderEnd, spot);
    }
  }

  /** A vehicle at the scale of the yard. */
  public static VehiclePlan inYard(VehicleLayout layout) {
    return new Drawer(layout, YARD_UNITS_PER_MM, MARGIN).draw(false);
  }

  /** A vehicle as small as beside a line of text, to know its kind by: body and wheels alone. */
  public static VehiclePlan small(VehicleLayout layout, double height) {
    VehiclePlan plan = new Drawer(layout, (height - 2 * END) / layout.lengthMm(), END).draw(false);
    return new VehiclePlan(plan.width, plan.height, plan.body, plan.detail, plan.wheels, List.of());
  }

  /** A vehicle alone, as large as a height allows, with balloons. */
  public static VehiclePlan alone(VehicleLayout layout, double height) {
    return new Drawer(layout, scaleAlone(layout, height), 110).draw(true);
  }

  /** Units for a millimetre of a vehicle that stands alone. */
  static double scaleAlone(VehicleLayout layout, double height) {
    double scale = (height - 2 * END) / layout.lengthMm();
    double widest = layout.trackMm() + Wheels.of(layout.kind()).widthMm();
    return Math.min(scale, 300 / Math.max(600, widest));
  }

  /** Sizes of the wheels of a kind, in millimetres; typical ones, for the drawing only. */
  private record Wheels(double lengthMm, double widthMm) {
    static Wheels of(VehicleKind kind) {
      return switch (kind) {
        case CAR, TRAILER -> new Wheels(620, 200);
        case MOTORCYCLE, SIDECAR -> new Wheels(620, 130);
        case BICYCLE -> new Wheels(680, 60);
        case TRICYCLE -> new Wheels(500, 60);
      };
    }
  }

  private static final class Drawer {
    private final VehicleLayout layout;
    private final double scale;
    private final double middle;

    Drawer(VehicleLayout layout, double scale, double margin) {
      this.layout = layout;
      this.scale = scale;
      double half = (layout.trackMm() + Wheels.of(layout.kind()).widthMm()) / 2 * scale;
      this.middle = margin + Math.max(half, 300 * scale);
    }

    VehiclePlan draw(boolean balloons) {
      List<Position> all = layout.positions();
      List<Position> others = all.stream().filter(p -> !p.wheel()).toList();
      VehicleBody body = new VehicleBody(layout, scale, middle, END);
      return new VehiclePlan(
          2 * middle,
          layout.lengthMm() * scale + 2 * END + (balloons ? 30 : 0),
          body.outline(),
          body.detail(),
          all.stream().filter(Position::wheel).map(this::wheel).toList(),
          balloons ? numbered(all) : plain(others));
    }

    private Wheel wheel(Position position) {
      Wheels size = Wheels.of(layout.kind());
      Spot at = spot(position);
      double w = size.widthMm() * scale;
      double h = size.lengthMm() * scale;
      double side = position.rightMm() < 0 ? -1 : 1;
      return new Wheel(
          position,
          at.x() - w / 2,
          at.y() - h / 2,
          w,
          h,
          at.x() + side * (w / 2 + FLAG_BESIDE - 5),
          at.y());
    }

    private Spot spot(Position position) {
      return new Spot(middle + position.rightMm() * scale, END + position.backMm() * scale);
    }

    private List<Mark> plain(List<Position> positions) {
      return positions.stream().map(p -> new Mark(p, 0, spot(p), spot(p), spot(p))).toList();
    }

    /** Balloons in two columns beside the vehicle, in the order of their places: none crosses. */
    private List<Mark> numbered(List<Position> positions) {
      BalloonColumns columns = new BalloonColumns(2 * middle, layout.lengthMm() * scale + 2 * END);
      List<Spot> anchors = positions.stream().map(this::spot).toList();
      List<Spot> places = columns.place(anchors);
      List<Mark> marks = new ArrayList<>();
      for (int i = 0; i < positions.size(); i++) {
        marks.add(
            new Mark(
                positions.get(i),
                i + 1,
                anchors.get(i),
                places.get(i),
                columns.edge(places.get(i), anchors.get(i))));
      }
      return marks;
    }
  }
}
