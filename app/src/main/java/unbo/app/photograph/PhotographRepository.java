package unbo.app.photograph;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** What is said of photographs. */
interface PhotographRepository extends JpaRepository<Photograph, Long> {

  List<Photograph> findByJobIdOrderById(long jobId);

  long countByJobIdAndDeletedAtIsNull(long jobId);
}
