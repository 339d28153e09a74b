package unbo.app.demo;

import java.util.Map;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.Marked;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.WorkRecord;
import unbo.app.proving.ProveRecord;
import unbo.app.proving.TestRecord;
import unbo.app.vehicle.Vehicle;
import unbo.core.catalogue.Bearing;
import unbo.core.designation.DesignationReader;
import unbo.core.verification.AccusingTest;

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

  /** What accused the bearing, written on a job that was just opened. */
  void accused(Job job, Map<AccusingTest, TestRecord> tests) {
    ProveRecord record = job.work().sheet(ProveRecord.TYPE);
    for (Map.Entry<AccusingTest, TestRecord> test : tests.entrySet()) {
      record = record.with(test.getKey(), test.getValue());
    }
    job.work().write(ProveRecord.TYPE, record);
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
