package unbo.app.job;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Jobs by where they stand. */
public interface JobRepository extends JpaRepository<Job, Long> {
  List<Job> findByClosedAtIsNullOrderById();

  List<Job> findTop20ByClosedAtIsNotNullOrderByClosedAtDesc();
}
