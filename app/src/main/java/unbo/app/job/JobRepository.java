package unbo.app.job;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import unbo.app.vehicle.Vehicle;

/** Jobs by where they stand, by vehicle, and by what is written in them. */
public interface JobRepository extends JpaRepository<Job, Long> {
  List<Job> findByClosedAtIsNullOrderById();

  List<Job> findTop20ByClosedAtIsNotNullOrderByClosedAtDesc();

  List<Job> findByVehicleOrderByIdDesc(Vehicle vehicle);

  /** Ids of jobs with a pattern in any text of their record; {@code !} escapes a wildcard. */
  @Query(
      nativeQuery = true,
      value =
          """
          select j.id from job j where j.id = :id
            or j.complaint like :pattern escape '!' or j.position like :pattern escape '!'
            or exists (select 1 from vehicle v where v.id = j.vehicle_id
                 and (v.name like :pattern escape '!' or v.plate like :pattern escape '!'))
            or exists (select 1 from job_bearing b where b.job_id = j.id
                 and (b.designation like :pattern escape '!' or b.marking like :pattern escape '!'))
            or exists (select 1 from job_station s where s.job_id = j.id
                 and s.note like :pattern escape '!')
            or exists (select 1 from job_part p where p.job_id = j.id
                 and p.note like :pattern escape '!')
            or exists (select 1 from job_event e where e.job_id = j.id
                 and e.text like :pattern escape '!')
          order by j.id desc limit 50""")
  List<Long> search(String pattern, long id);
}
