package unbo.app.yard;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import unbo.app.drawing.VehiclePicture;
import unbo.app.drawing.VehiclePlan;
import unbo.app.job.Job;
import unbo.app.job.StationLine;
import unbo.app.listening.Listening;
import unbo.app.vehicle.Vehicle;
import unbo.core.vehicle.Position;

/** Vehicles with what is open at which position. */
final class YardRows {

  private YardRows() {}

  /** A vehicle as a page shows it, with its open jobs and what is still searched for. */
  public record Row(
      Vehicle vehicle, VehiclePicture picture, List<OpenJob> open, List<Listening> searches) {

    /** What is open at a position; null when nothing is. */
    public OpenJob openAt(Position position) {
      return open.stream()
          .filter(o -> o.job.getPosition().equals(position.code()))
          .findFirst()
          .orElse(null);
    }
  }

  /** An open job with where it stands. */
  public record OpenJob(Job job, StationLine stations, String next) {}

  static OpenJob open(Job job) {
    return new OpenJob(
        job, StationLine.of(job, StationLine.next(job)), StationLine.next(job).title());
  }

  static Row row(Vehicle vehicle, VehiclePlan plan, List<OpenJob> open, List<Listening> standing) {
    String address = vehicle.getId() == null ? null : "/vehicles/" + vehicle.getId();
    Map<String, VehiclePicture.OpenAt> byPosition =
        open.stream()
            .collect(Collectors.toMap(o -> o.job.getPosition(), YardRows::at, (a, b) -> a));
    List<Listening> searches = standing.stream().filter(l -> l.isOn(vehicle)).toList();
    VehiclePicture picture = new VehiclePicture(plan, vehicle.getName(), address, byPosition);
    return new Row(vehicle, picture, open, searches);
  }

  private static VehiclePicture.OpenAt at(OpenJob open) {
    return new VehiclePicture.OpenAt(open.job.getId(), open.job.getNumber(), open.next);
  }
}
