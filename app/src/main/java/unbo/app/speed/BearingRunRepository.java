package unbo.app.speed;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Test runs of the shop. */
public interface BearingRunRepository extends JpaRepository<BearingRun, Long> {

  List<BearingRun> findTop200BySeriesOrderByIdDesc(String series);

  @Query("select distinct r.series from BearingRun r order by r.series")
  List<String> series();
}
