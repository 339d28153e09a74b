package unbo.app.job;

import org.springframework.data.jpa.repository.JpaRepository;

/** The last change of each job. */
public interface JobUndoRepository extends JpaRepository<JobUndo, Long> {}
