package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.web.Figures;

/** What the last closed job at a job's position left: the reference for this one. */
@Component
public class LastTime {

  private final JobRepository repository;
  private final Figures figures;

  LastTime(JobRepository repository, Figures figures) {
    this.repository = repository;
    this.figures = figures;
  }

  /**
   * The last time somebody closed a job here.
   *
   * @param when number and day, in words
   */
  public record Reference(Job job, String when) {}

  private static Job whole(Job job) {
    job.work().initialize();
    return job;
  }

  /** Empty for the first job at its position, and off a vehicle. */
  @Transactional(readOnly = true)
  public Optional<Reference> at(Workpiece piece) {
    if (!(piece instanceof Job job)) {
      return Optional.empty();
    }
    return repository
        .closedAt(job.getVehicle().getId(), job.getPosition(), job.getId())
        .flatMap(repository::findById)
        .map(LastTime::whole)
        .filter(earlier -> earlier.arrangement().id().equals(job.arrangement().id()))
        .map(
            earlier ->
                new Reference(
                    earlier,
                    "job " + earlier.getNumber() + ", " + figures.dayOf(earlier.getClosedAt())));
  }

  /** What converted a job's position, the latest last; empty off a vehicle. */
  @Transactional(readOnly = true)
  public List<Converted> conversions(Workpiece piece) {
    if (!(piece instanceof Job job)) {
      return List.of();
    }
    List<Converted> here = new ArrayList<>(repository.conversions(job.getVehicle().getId()));
    here.removeIf(c -> !c.getPosition().equals(job.getPosition()));
    return List.copyOf(here);
  }
}
