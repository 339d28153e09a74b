package unbo.app.job;

import java.time.Clock;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.web.NoSuchPage;

/** Lines of a job's history for what is kept beside its record, such as photographs. */
@Component
class JobDiary {

  private final JobRepository jobs;
  private final JobEventRepository events;
  private final Clock clock;

  JobDiary(JobRepository jobs, JobEventRepository events, Clock clock) {
    this.jobs = jobs;
    this.events = events;
    this.clock = clock;
  }

  /**
   * Adds a line within the caller's transaction, the job locked until its end.
   *
   * @throws ClosedJob when the job is closed
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void line(long id, Station station, String person, String text) {
    Job job = jobs.toChange(id).orElseThrow(() -> new NoSuchPage("There is no job " + id + "."));
    if (job.isClosed()) {
      throw new ClosedJob(job);
    }
    events.save(new JobEvent(id, clock.instant(), person, station, text));
  }
}
