package unbo.app.job;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Histories, newest first. */
public interface JobEventRepository extends JpaRepository<JobEvent, Long> {
  List<JobEvent> findByJobIdOrderByIdDesc(Long jobId);
}
