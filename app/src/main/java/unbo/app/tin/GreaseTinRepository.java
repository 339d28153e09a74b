package unbo.app.tin;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import unbo.app.job.KeptSheet;

/** The shop's greases. */
public interface GreaseTinRepository extends JpaRepository<GreaseTin, Long> {

  /** What stands there. */
  List<GreaseTin> findByUsedUpFalseOrderByName();

  List<GreaseTin> findByUsedUpTrueOrderByName();

  /** The sheets of Pack that took something out of a tin. */
  @Query(
      nativeQuery = true,
      value =
          """
          select job_id as jobId, version as version, document as document from job_sheet
          where tin_taken is not null order by job_id""")
  List<KeptSheet> taken();
}
