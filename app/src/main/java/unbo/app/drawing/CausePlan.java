package unbo.app.drawing;

import java.util.ArrayList;
import java.util.List;
import unbo.core.vehicle.VehicleLayout;

/**
 * A vehicle in plan with a mark for every place where a fault can sit: a circle for a rolling
 * bearing, a lozenge for the neighbours that imitate one. Each carries its share as a number, and
 * is tinted the more the likelier. Marks stand in two columns beside the vehicle, so that none
 * covers another.
 *
 * @param plan the vehicle
 * @param marks the marks
 */
public record CausePlan(VehiclePlan plan, List<Mark> marks) {

  private static final double HALF = 16;

  /** Shares from which a mark is one shade darker. */
  private static final double[] SHADES = {0.01, 0.05, 0.15, 0.35, 0.6};

  /**
   * A place with its share.
   *
   * @param key the word of addresses
   * @param title what stands there
   * @param rolling whether it is a rolling bearing
   * @param share how likely it is, 0 to 1
   * @param backMm behind the vehicle's front
   * @param rightMm right of the middle
   */
  public record Place(
      String key, String title, boolean rolling, double share, double backMm, double rightMm) {}

  /** A place as drawn. */
  public record Mark(
      Place place, int shade, String number, String shape, Spot spot, Spot at, Spot leaderEnd) {

    /** The class of its shade. */
    public String look() {
      return "shade-" + shade;
    }

    /** The line from the mark to its place. */
    public String leader() {
      return Spot.line(leaderEnd, spot);
    }
  }

  /** Draws a vehicle with its places, as large as a height allows. */
  public static CausePlan of(VehicleLayout layout, List<Place> places, double height) {
    VehiclePlan plan = VehiclePlan.alone(layout, height);
    double scale = VehiclePlan.scaleAlone(layout, height);
    BalloonColumns columns = new BalloonColumns(plan.width(), height);
    List<Spot> spots =
        places.stream()
            .map(
                p ->
                    new Spot(
                        plan.width() / 2 + p.rightMm() * scale,
                        VehiclePlan.END + p.backMm() * scale))
            .toList();
    List<Spot> at = columns.place(spots);
    List<Mark> marks = new ArrayList<>();
    for (int i = 0; i < places.size(); i++) {
      Place place = places.get(i);
      marks.add(
          new Mark(
              place,
              shade(place.share()),
              number(place.share()),
              place.rolling() ? circle(at.get(i)) : lozenge(at.get(i)),
              spots.get(i),
              at.get(i),
              columns.edge(at.get(i), spots.get(i))));
    }
    return new CausePlan(plan, List.copyOf(marks));
  }

  private static int shade(double share) {
    int shade = 0;
    while (shade < SHADES.length && share >= SHADES[shade]) {
      shade++;
    }
    return shade;
  }

  /** Per cent, as short as it must be to stand in a mark. */
  private static String number(double share) {
    return share < 0.005 ? "–" : String.valueOf(Math.round(share * 100));
  }

  private static String circle(Spot at) {
    return "M" + new Spot(at.x() - HALF, at.y()).pair() + arc(HALF) + arc(-HALF) + "Z";
  }

  private static String arc(double half) {
    return " a"
        + Spot.number(HALF)
        + " "
        + Spot.number(HALF)
        + " 0 1 1 "
        + Spot.number(2 * half)
        + " 0";
  }

  private static String lozenge(Spot at) {
    double half = HALF + 2;
    return Spot.line(
            new Spot(at.x() - half, at.y()),
            new Spot(at.x(), at.y() - half),
            new Spot(at.x() + half, at.y()),
            new Spot(at.x(), at.y() + half))
        + "Z";
  }
}
