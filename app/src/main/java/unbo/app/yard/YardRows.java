package unbo.app.yard;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import unbo.app.drawing.VehiclePlan;
import unbo.app.job.Job;
import unbo.app.job.StationLine;
import unbo.app.listening.Listening;
import unbo.app.vehicle.Vehicle;

/** Vehicles with what is open at which position. */
final class YardRows {

  private YardRows() {}

  /** A vehicle as a page shows it, with its open jobs and what is still searched for. */
  public record Row(
      Vehicle vehicle,
      VehiclePlan plan,
      List<OpenJob> open,
      Map<String, OpenJob> byPosition,
      List<Listening> searches) {}

  /** An open job with where it stands. */
  public record OpenJob(Job job, StationLine stations, String next) {}

  static OpenJob open(Job job) {
    return new OpenJob(
        job, StationLine.of(job, StationLine.next(job)), StationLine.next(job).title());
  }

  static Row row(Vehicle vehicle, VehiclePlan plan, List<OpenJob> open, List<Listening> standing) {
    Map<String, OpenJob> byPosition =
        open.stream().collect(Collectors.toMap(j -> j.job().getPosition(), j -> j, (a, b) -> a));
    List<Listening> searches = standing.stream().filter(l -> l.isOn(vehicle)).toList();
    return new Row(vehicle, plan, open, byPosition, searches);
  }
}
