package unbo.app.photograph;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Their bytes. */
interface PhotographFileRepository extends JpaRepository<PhotographFile, Long> {

  Optional<PhotographFile> findByPhotographIdAndThumbnail(long photographId, boolean thumbnail);

  void deleteByPhotographId(long photographId);
}
