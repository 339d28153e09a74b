package unbo.app.listening;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.app.job.PartMark;
import unbo.core.diagnosis.VehicleHistory;
import unbo.core.diagnosis.VehicleHistory.PastWork;

/** Reads a vehicle's closed jobs for what they say about its bearings now. */
class PastOfVehicle {

  private static final double DAYS_A_MONTH = 30.44;

  private final JobLists jobs;

  PastOfVehicle(JobLists jobs) {
    this.jobs = jobs;
  }

  /** Moves the priors of a search on a vehicle of the yard, by what was done before it began. */
  void recallInto(Listening listening) {
    if (listening.getVehicle() == null) {
      return;
    }
    List<PastWork> past =
        jobs.closedBefore(listening.getVehicle(), listening.getStartedAt()).stream()
            .map(j -> work(j, listening.getStartedAt()))
            .toList();
    if (!past.isEmpty()) {
      listening.remember(
          VehicleHistory.shifts(listening.model(), past, listening.layout().brothers()));
    }
  }

  private static PastWork work(Job job, Instant begun) {
    double days = Duration.between(job.getClosedAt(), begun).toHours() / 24.0;
    boolean renewed =
        job.arrangement().parts().stream()
            .filter(p -> p.isBearing())
            .anyMatch(p -> job.work().stateOf(p.id()) == PartMark.State.RENEWED);
    return new PastWork(job.getPosition(), Math.max(0, days / DAYS_A_MONTH), renewed);
  }
}
