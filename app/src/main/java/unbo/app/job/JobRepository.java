package unbo.app.job;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;
import unbo.app.vehicle.Vehicle;

/**
 * Jobs by where they stand, by vehicle, and by what is written in them. A list is one question and
 * brings of each record what lists show; the whole is read when one job is asked for, see {@link
 * Jobs#get}.
 */
public interface JobRepository extends JpaRepository<Job, Long> {

  /** A job that nobody else changes until this transaction ends: who comes second waits. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select j from Job j where j.id = :id")
  Optional<Job> toChange(long id);

  /** A vehicle to which nobody else opens a job until this transaction ends. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select v from Vehicle v where v.id = :id")
  Optional<Vehicle> vehicleToChange(long id);

  @Query(
      "select j from Job j where j.vehicle.id = :vehicle and j.position = :position"
          + " and j.closedAt is null order by j.id desc")
  List<Job> openAt(long vehicle, String position);

  @Query(
      "select j from Job j join fetch j.vehicle left join fetch j.work.stations"
          + " where j.closedAt is null order by j.id")
  List<Job> open();

  // A question for each collection, so that many jobs ask no more than few: what they bring is the
  // same jobs, filled.

  @Query("select j from Job j left join fetch j.work.bearings where j.closedAt is null")
  List<Job> openWithBearings();

  @Query("select j from Job j left join fetch j.work.dimensions where j.closedAt is null")
  List<Job> openWithDimensions();

  @Query("select j from Job j left join fetch j.work.parts where j.closedAt is null")
  List<Job> openWithParts();

  @Query("select j from Job j left join fetch j.work.openingFindings where j.closedAt is null")
  List<Job> openWithOpeningFindings();

  @Query("select j from Job j left join fetch j.work.sheets where j.closedAt is null")
  List<Job> openWithSheets();

  @Query(
      "select j from Job j join fetch j.vehicle left join fetch j.work.sheets where j.id in :ids")
  List<Job> withSheets(List<Long> ids);

  @Query(
      "select j from Job j join fetch j.vehicle where j.arrangement = :arrangement"
          + " and j.closedAt is null order by j.id desc limit 20")
  List<Job> openOn(String arrangement);

  @Query(
      "select j from Job j join fetch j.vehicle where j.closedAt is not null"
          + " order by j.closedAt desc limit 20")
  List<Job> lately();

  @Query(
      "select j from Job j join fetch j.vehicle left join fetch j.work.stations"
          + " where j.vehicle = :vehicle order by j.id desc")
  List<Job> of(Vehicle vehicle);

  @Query(
      "select j from Job j join fetch j.vehicle left join fetch j.work.parts"
          + " where j.vehicle = :vehicle and j.closedAt < :moment order by j.id desc")
  List<Job> closedBefore(Vehicle vehicle, Instant moment);

  /** Id of the last job that was closed at a position before another. */
  @Query(
      "select max(j.id) from Job j where j.vehicle.id = :vehicle and j.position = :position"
          + " and j.id < :before and j.closedAt is not null")
  Optional<Long> closedAt(long vehicle, String position, long before);

  /** What was converted on a vehicle, in the order of its jobs. */
  @Query(
      nativeQuery = true,
      value =
          """
          select j.position as position, s.converted as now from job j
          join job_sheet s on s.job_id = j.id and s.converted is not null
          where j.vehicle_id = :vehicle order by j.id""")
  List<Converted> conversions(long vehicle);

  @Query("select j from Job j join fetch j.vehicle where j.id in :ids order by j.id desc")
  List<Job> named(List<Long> ids);

  /**
   * Ids of closed jobs whose recheck is booked for some day until {@code until}, written {@code
   * 2026-12-24}, and after which no job was opened at the same position.
   */
  @Query(
      nativeQuery = true,
      value =
          """
          select j.id from job j join job_sheet s on s.job_id = j.id and s.station = 'PROVE'
          where s.recheck_on <= :until and j.closed_at is not null
            and not exists (select 1 from job n where n.vehicle_id = j.vehicle_id
              and n.position = j.position and n.id > j.id)
          order by s.recheck_on, j.id limit 50""")
  List<Long> dueUntil(String until);

  /** The same for grease that is to be renewed, as Pack booked it. */
  @Query(
      nativeQuery = true,
      value =
          """
          select j.id from job j join job_sheet s on s.job_id = j.id and s.station = 'PACK'
          where s.grease_until <= :until and j.closed_at is not null
            and not exists (select 1 from job n where n.vehicle_id = j.vehicle_id
              and n.position = j.position and n.id > j.id)
          order by s.grease_until, j.id limit 50""")
  List<Long> greaseDueUntil(String until);

  /** Ids of jobs that have a sheet of a station, the newest first, five hundred at the most. */
  @Query(
      nativeQuery = true,
      value =
          "select job_id from job_sheet where station = :station order by job_id desc limit 500")
  List<Long> withSheetOf(String station);

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
