package unbo.app.setting;

import java.util.Arrays;
import unbo.app.job.Press;
import unbo.app.job.StationMark;
import unbo.app.vehicle.Vehicle;
import unbo.app.web.NoSuchPage;
import unbo.core.setting.School;

/** Keeps a vehicle to a school; it belongs to the vehicle and holds for all its jobs. */
public final class SchoolPress {

  private SchoolPress() {}

  /** The change of a vehicle's school, at one of its jobs. */
  public static Press.Taken of(Vehicle vehicle, School school) {
    String text =
        "setting method of "
            + vehicle.getName()
            + ": "
            + vehicle.getSchool().title()
            + " → "
            + school.title();
    return Press.Taken.here(
        StationMark.State.WORKED_ON, text, (job, by) -> job.getVehicle().keepTo(school));
  }

  /** The school of a word in a form. */
  static School named(String school) {
    return Arrays.stream(School.values())
        .filter(s -> s.name().equals(school))
        .findFirst()
        .orElseThrow(() -> new NoSuchPage("There is no such setting method."));
  }
}
