package unbo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.vehicle.Vehicle;
import unbo.app.web.SearchPattern;

/** Finds jobs: what is open, due, closed lately, of a vehicle or has a text. Changes nothing. */
@Service
public class JobLists {

  private final JobRepository jobs;
  private final JobEventRepository events;

  JobLists(JobRepository jobs, JobEventRepository events) {
    this.jobs = jobs;
    this.events = events;
  }

  /** What is open, with its stations. */
  @Transactional(readOnly = true)
  public List<Job> open() {
    return jobs.open();
  }

  /** What was closed last, twenty at the most. */
  @Transactional(readOnly = true)
  public List<Job> lately() {
    return jobs.lately();
  }

  /** Closed jobs with their sheets whose recheck is booked until a day, the earliest first. */
  @Transactional(readOnly = true)
  public List<Job> dueUntil(LocalDate day) {
    return whole(jobs.dueUntil(day.toString()));
  }

  /** The same for grease that is to be renewed. */
  @Transactional(readOnly = true)
  public List<Job> greaseDueUntil(LocalDate day) {
    return whole(jobs.greaseDueUntil(day.toString()));
  }

  private List<Job> whole(List<Long> ids) {
    List<Job> due = new ArrayList<>(ids.isEmpty() ? List.of() : jobs.withSheets(ids));
    due.sort(Comparator.comparingInt(j -> ids.indexOf(j.getId())));
    return due;
  }

  /** What is open, with the whole of its record. */
  @Transactional(readOnly = true)
  public List<Job> openWhole() {
    List<Job> open = jobs.open();
    jobs.openWithBearings();
    jobs.openWithDimensions();
    jobs.openWithParts();
    jobs.openWithOpeningFindings();
    jobs.openWithSheets();
    return open;
  }

  /** The last line of each job's history, by the job's id. */
  @Transactional(readOnly = true)
  public Map<Long, JobEvent> lastChanges(List<Job> of) {
    List<Long> ids = of.stream().map(Job::getId).toList();
    return ids.isEmpty()
        ? Map.of()
        : events.lastOf(ids).stream().collect(Collectors.toMap(JobEvent::getJobId, e -> e));
  }

  /** All jobs of a vehicle with their stations, the newest first. */
  @Transactional(readOnly = true)
  public List<Job> of(Vehicle vehicle) {
    return jobs.of(vehicle);
  }

  /** What was converted on a vehicle: its positions that are not original any more. */
  @Transactional(readOnly = true)
  public List<Converted> conversions(Vehicle vehicle) {
    return jobs.conversions(vehicle.getId());
  }

  /** What was closed on a vehicle before a moment, with the marks of the parts, newest first. */
  @Transactional(readOnly = true)
  public List<Job> closedBefore(Vehicle vehicle, Instant moment) {
    return jobs.closedBefore(vehicle, moment);
  }

  /** Jobs that have a sheet of a station, with all their sheets; five hundred at the most. */
  @Transactional(readOnly = true)
  public List<Job> withSheetOf(Station station) {
    List<Long> ids = jobs.withSheetOf(station.name());
    return ids.isEmpty() ? List.of() : jobs.withSheets(ids);
  }

  /** Jobs with a text anywhere in their record, the newest first, fifty at the most. */
  @Transactional(readOnly = true)
  public List<Job> search(String text) {
    List<Long> ids = jobs.search(SearchPattern.of(text), Job.idOf(text).orElse(-1L));
    return jobs.named(ids);
  }

  /** Open jobs on an arrangement, the newest first. */
  @Transactional(readOnly = true)
  public List<Job> openOn(String arrangement) {
    return jobs.openOn(arrangement);
  }
}
