package unbo.app.yard;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.app.round.Rounds;
import unbo.app.vehicle.Vehicle;
import unbo.core.vehicle.OwnPosition;

/** Which positions that were added to a vehicle can go again: those that no record names. */
@Component
class OwnPositions {

  private final JobLists jobs;
  private final Rounds rounds;

  OwnPositions(JobLists jobs, Rounds rounds) {
    this.jobs = jobs;
    this.rounds = rounds;
  }

  Set<String> removable(Vehicle vehicle) {
    return removable(vehicle, jobs.of(vehicle));
  }

  /** The same with the vehicle's jobs at hand; a vehicle without any of its own asks nothing. */
  Set<String> removable(Vehicle vehicle, List<Job> all) {
    Set<String> codes = new TreeSet<>();
    vehicle.layout().own().stream().map(OwnPosition::code).forEach(codes::add);
    all.forEach(j -> codes.remove(j.getPosition()));
    if (!codes.isEmpty()) {
      codes.removeAll(rounds.named(vehicle));
    }
    return codes;
  }
}
