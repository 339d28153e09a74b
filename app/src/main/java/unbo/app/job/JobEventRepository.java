package unbo.app.job;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Histories, newest first. */
public interface JobEventRepository extends JpaRepository<JobEvent, Long> {
  @Query("select e from JobEvent e where e.jobId = :job order by e.id desc")
  List<JobEvent> of(long job);

  /** The last line of each of some jobs. */
  @Query(
      "select e from JobEvent e where e.id in"
          + " (select max(x.id) from JobEvent x where x.jobId in :jobs group by x.jobId)")
  List<JobEvent> lastOf(List<Long> jobs);
}
