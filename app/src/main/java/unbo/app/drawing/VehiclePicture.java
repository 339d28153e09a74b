package unbo.app.drawing;

import java.util.Map;
import unbo.core.vehicle.Position;

/**
 * A vehicle in plan with what is open at its positions, each the way to its job or to opening one.
 *
 * @param plan the drawing
 * @param name the vehicle's
 * @param address of the vehicle; null for one that is not in the yard yet, whose positions lead
 *     nowhere
 * @param open what is open, by the position's code
 */
public record VehiclePicture(
    VehiclePlan plan, String name, String address, Map<String, OpenAt> open) {

  /**
   * A job that is open.
   *
   * @param next the station that it stands at
   */
  public record OpenAt(long job, String number, String next) {}

  public VehiclePicture {
    open = Map.copyOf(open);
  }

  /** Whether its positions lead anywhere. */
  public boolean isLinked() {
    return address != null;
  }

  public boolean isOpen(Position position) {
    return open.containsKey(position.code());
  }

  /** Where a position leads; null when nowhere. */
  public String href(Position position) {
    OpenAt at = open.get(position.code());
    if (at != null) {
      return "/jobs/" + at.job();
    }
    return isLinked() ? address + "/positions/" + position.code() + "/open" : null;
  }

  /** What a position's link says to who does not see it; null where it leads nowhere. */
  public String label(Position position) {
    String where = name + ", " + position.title() + ": ";
    OpenAt at = open.get(position.code());
    if (at != null) {
      return where + "job " + at.number() + ", next: " + at.next();
    }
    return isLinked() ? where + "open a job" : null;
  }
}
