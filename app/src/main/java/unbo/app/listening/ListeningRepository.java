package unbo.app.listening;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

/** Searches for a cause, running and ended. */
public interface ListeningRepository extends JpaRepository<Listening, Long> {

  /** A search that nobody else changes until this transaction ends: who comes second waits. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select l from Listening l where l.id = :id")
  Optional<Listening> toChange(long id);

  @Query(
      "select l from Listening l left join fetch l.vehicle"
          + " where l.ending is null order by l.id desc limit 20")
  List<Listening> running();

  /** The search that ended in a job, if one did. */
  @Query("select l from Listening l where l.jobId = :job")
  Optional<Listening> thatOpened(long job);

  @Query(
      "select l from Listening l left join fetch l.vehicle"
          + " where l.ending = unbo.app.listening.Listening.Ending.RECHECK"
          + " and not exists (select 1 from Listening n where n.vehicle = l.vehicle and n.id > l.id)"
          + " order by l.recheckOn, l.id")
  List<Listening> rechecks();
}
