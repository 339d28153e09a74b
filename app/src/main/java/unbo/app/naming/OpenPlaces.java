package unbo.app.naming;

import java.util.List;
import org.springframework.stereotype.Component;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.core.catalogue.Bearing;

/** Places of open jobs that take a bearing of a family, so that a result can go into a job. */
@Component
class OpenPlaces {

  private static final int MOST = 12;

  /** A place of a job, and its part's word in addresses. */
  public record Place(long job, String title, String place, String part) {}

  private final JobLists jobs;

  OpenPlaces(JobLists jobs) {
    this.jobs = jobs;
  }

  List<Place> taking(Bearing bearing) {
    return jobs.open().stream()
        .flatMap(
            job ->
                job.arrangement().readablePlaces().stream()
                    .filter(p -> NameSheet.mayStandAt(p, bearing))
                    .map(p -> place(job, p.id())))
        .limit(MOST)
        .toList();
  }

  private static Place place(Job job, String id) {
    return new Place(
        job.getId(), job.title(), id + " bearing", job.arrangement().partsOf(id).get(0).id());
  }
}
