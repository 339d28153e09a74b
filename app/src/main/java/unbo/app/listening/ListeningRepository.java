package unbo.app.listening;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Searches for a cause, running and ended. */
public interface ListeningRepository extends JpaRepository<Listening, Long> {
  @Query(
      "select l from Listening l left join fetch l.vehicle"
          + " where l.ending is null order by l.id desc limit 20")
  List<Listening> running();

  @Query(
      "select l from Listening l left join fetch l.vehicle"
          + " where l.ending = unbo.app.listening.Listening.Ending.RECHECK"
          + " and not exists (select 1 from Listening n where n.vehicle = l.vehicle and n.id > l.id)"
          + " order by l.recheckOn, l.id")
  List<Listening> rechecks();
}
