package unbo.app.job;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Assembly;
import unbo.core.safety.Cautions;
import unbo.core.setting.School;
import unbo.core.vehicle.Position;

/**
 * What a station works on: an arrangement with facts. A job is one, whose record is kept; the bench
 * is one, whose record ends with the page.
 */
public interface Workpiece {

  Arrangement arrangement();

  /** Facts and sheets. */
  WorkRecord work();

  /** The arrangement as far as its bearings and sizes are known. */
  Assembly assembly();

  /** Where on its vehicle it stands; empty on the bench. */
  default Optional<Position> position() {
    return Optional.empty();
  }

  /** Id of the kind of vehicle that it is on; empty on the bench. */
  default Optional<String> vehicleKind() {
    return Optional.empty();
  }

  /** Top speed in its vehicle's papers, km/h; empty while not recorded, and on the bench. */
  default OptionalDouble topSpeedKmh() {
    return OptionalDouble.empty();
  }

  /** Whether another position mirrors its own, so that one can be judged by the other. */
  default boolean hasOtherSide() {
    return true;
  }

  /** What must be minded at a station. */
  default List<String> cautions(Station station) {
    return station == null
        ? List.of()
        : Cautions.at(station.id(), arrangement(), vehicleKind(), position());
  }

  /** The setting method that it keeps to. */
  School school();

  String title();

  /** The address that a station's id is put behind: {@code /jobs/12}. */
  String address();

  /** The address of a station's sheet with a part marked. */
  default String at(String station, String part) {
    return address() + "?at=" + station + "&part=" + part;
  }

  /** What must travel with a form, because it is not kept: empty for a job. */
  default java.util.Map<String, String> facts() {
    return java.util.Map.of();
  }

  /** Whether what is done here is kept. */
  boolean isKept();

  /** Whether nothing can be changed any more. */
  boolean isClosed();
}
