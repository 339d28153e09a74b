package unbo.app.demo;

import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.Marked;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.WorkRecord;
import unbo.app.vehicle.Vehicle;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.DesignationReader;

/** Does what a person would have done at some time in the past, through the same doors. */
final class DemoScript {

  private final Jobs jobs;
  private final String person;

  DemoScript(Jobs jobs, String person) {
    this.jobs = jobs;
    this.person = person;
  }

  Job openAt(Vehicle vehicle, String position, String complaint) {
    return jobs.openAt(vehicle, position, complaint, person);
  }

  void note(Job job, Station station, StationMark.State state, String note) {
    jobs.note(job.getId(), station, job.work().revision(station), person, state, note);
  }

  void read(Job job, String place, String marking) {
    Bearing bearing = DesignationReader.standard().read(marking).readings().get(0).bearing();
    StationMark.State state =
        place.equals("inboard") ? StationMark.State.WORKED_ON : StationMark.State.DONE;
    change(
        job,
        Station.NAME,
        state,
        "“" + marking + "” read as " + bearing.designation(),
        (work, s) -> work.setBearing(place, Marked.read(bearing.designation(), marking)));
  }

  void close(Job job) {
    jobs.close(job.getId(), job.work().revision(Station.BOOK), person, j -> true);
  }

  void change(
      Job job,
      Station station,
      StationMark.State state,
      String text,
      java.util.function.BiConsumer<WorkRecord, Jobs.Signature> change) {
    jobs.change(job.getId(), station, job.work().revision(station), person, state, text, change);
  }
}
