package unbo.app.setting;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import unbo.app.job.KeptSheet;

/** The shop's boxes of shims. */
interface ShimBoxRepository extends JpaRepository<ShimBox, Long> {

  @Query("select b from ShimBox b order by b.name")
  List<ShimBox> all();

  @Query("select b from ShimBox b where b.name = :name")
  Optional<ShimBox> named(String name);

  /** The sheets of Set that took something out of a box. */
  @Query(
      nativeQuery = true,
      value =
          """
          select job_id as jobId, version as version, document as document from job_sheet
          where shims_booked is not null""")
  List<KeptSheet> booked();
}
