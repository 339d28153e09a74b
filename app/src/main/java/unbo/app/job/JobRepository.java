package unbo.app.job;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Jobs by where they stand. */
public interface JobRepository extends JpaRepository<Job, Long> {
  List<Job> findByClosedAtIsNullOrderByNumber();

  List<Job> findTop20ByClosedAtIsNotNullOrderByClosedAtDesc();

  Optional<Job> findTopByOrderByIdDesc();
}
