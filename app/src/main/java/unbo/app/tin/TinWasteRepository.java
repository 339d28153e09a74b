package unbo.app.tin;

import org.springframework.data.jpa.repository.JpaRepository;

/** What left tins without a job. */
public interface TinWasteRepository extends JpaRepository<TinWaste, Long> {}
