package unbo.app.job;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.vehicle.Vehicle;
import unbo.app.web.NoSuchPage;
import unbo.core.setting.School;
import unbo.core.vehicle.Position;

/**
 * Opens and changes single jobs. Every change is one transaction with a line in the history; what
 * is listed of many is at {@link JobLists}.
 */
@Service
public class Jobs {

  private static final String TOOK_BACK = "undone: ";
  private static final String DID_AGAIN = "redone: ";

  private final JobRepository jobs;
  private final JobEventRepository events;
  private final JobUndoRepository undos;
  private final List<Worksheet> worksheets;
  private final Clock clock;

  public Jobs(
      JobRepository jobs,
      JobEventRepository events,
      JobUndoRepository undos,
      List<Worksheet> worksheets,
      Clock clock) {
    this.worksheets = worksheets;
    this.jobs = jobs;
    this.events = events;
    this.undos = undos;
    this.clock = clock;
  }

  /** What a change is told: who and when. */
  public record Signature(String person, Instant at) {}

  /** A job with its whole record. */
  @Transactional(readOnly = true)
  public Job get(long id) {
    return whole(jobs.findById(id), id);
  }

  /** The lock comes first: what is read before it may be of another time. */
  private Job toChange(long id) {
    return whole(jobs.toChange(id), id);
  }

  private static Job whole(Optional<Job> found, long id) {
    Job job = found.orElseThrow(() -> new NoSuchPage("There is no job " + id + "."));
    job.work().initialize();
    return job;
  }

  @Transactional(readOnly = true)
  public List<JobEvent> history(long id) {
    return events.of(id);
  }

  /**
   * Changes a station of a job.
   *
   * @param revision the station's revision on the page that is being saved
   * @param state what the station is after the change
   * @param text the line for the history, naming old values
   * @throws StaleStation when somebody else changed the station since
   * @throws ClosedJob when the job is closed
   */
  @Transactional
  public Job change(
      long id,
      Station station,
      int revision,
      String person,
      StationMark.State state,
      String text,
      BiConsumer<WorkRecord, Signature> change) {
    return apply(
        id,
        station,
        revision,
        new Entry(person, state, null, text, false),
        (job, signature) -> change.accept(job.work(), signature));
  }

  /**
   * Changes the sizes and the state of a part, which other stations write too.
   *
   * @param revision the part's revision on the page that is being saved
   * @throws StaleStation when the part was written since, at whatever station
   * @throws ClosedJob when the job is closed
   */
  @Transactional
  public Job changePart(
      long id,
      String part,
      int revision,
      String person,
      StationMark.State state,
      String text,
      Consumer<WorkRecord> change) {
    Job now = toChange(id);
    WorkRecord work = now.work();
    if (!now.isClosed() && work.partRevision(part) != revision) {
      throw new StaleStation(lastAt(work.writerOf(part), id));
    }
    return apply(
        id,
        Station.STRIP,
        work.revision(Station.STRIP),
        new Entry(person, state, null, text, false),
        (job, signature) -> change.accept(job.work()));
  }

  /**
   * Closes a job; nothing of it can be changed afterwards.
   *
   * @param isProved judges the job under its lock: what was judged before may be of another time
   * @throws NotProved when it is not
   */
  @Transactional
  public Job close(long id, int revision, String person, Predicate<Job> isProved) {
    return apply(
        id,
        Station.BOOK,
        revision,
        new Entry(person, StationMark.State.DONE, null, "closed", false),
        (job, signature) -> {
          if (!isProved.test(job)) {
            throw new NotProved(job);
          }
          job.close(signature.person(), signature.at());
        });
  }

  /** What a press at a station comes to, written. */
  @Transactional
  public Job press(long id, Station station, int revision, String person, Press.Taken taken) {
    return apply(
        id,
        station,
        revision,
        new Entry(person, taken.state(), null, taken.text(), false),
        taken.change()::apply);
  }

  /**
   * Marks what follows by itself from a person's change, such as <em>proved</em>; both are taken
   * back together.
   *
   * @param isSo judges under the lock whether it follows; else nothing is marked
   */
  @Transactional
  public Job follow(
      long id,
      Station station,
      String person,
      StationMark.State state,
      String text,
      Predicate<Job> isSo) {
    Job job = toChange(id);
    if (job.isClosed() || !isSo.test(job)) {
      return job;
    }
    int revision = job.work().revision(station);
    return apply(
        id, station, revision, new Entry(person, state, null, text, true), (work, s) -> {});
  }

  /** What is written of a change: a null note leaves the station's note as it is. */
  private record Entry(
      String person, StationMark.State state, String note, String text, boolean follows) {}

  private Job apply(
      long id, Station station, int revision, Entry entry, BiConsumer<Job, Signature> change) {
    Job job = toChange(id);
    if (job.isClosed()) {
      throw new ClosedJob(job);
    }
    if (job.work().revision(station) != revision) {
      throw new StaleStation(lastAt(station, id));
    }
    if (station == Station.SET && job.isLookedForFirst()) {
      throw new LookFirst(job);
    }
    Instant now = clock.instant();
    School school = job.getVehicle().getSchool();
    WorkRecord work = job.work();
    work.begin();
    JobState facts = work.before(station);
    change.accept(job, new Signature(entry.person, now));
    School left = job.getVehicle().getSchool() == school ? null : school;
    String old = work.mark(station).map(StationMark::getNote).orElse("");
    work.mark(station, entry.state, entry.note == null ? old : entry.note, entry.person, now);
    JobEvent event = events.save(new JobEvent(id, now, entry.person, station, entry.text));
    if (entry.follows) {
      undos.findById(id).ifPresent(u -> u.goesWith(event));
    } else {
      undos.save(new JobUndo(event, facts.with(work.overwritten()).text(), left));
    }
    return jobs.saveAndFlush(job);
  }

  private JobEvent lastAt(Station station, long id) {
    List<JobEvent> all = events.of(id);
    return all.stream()
        .filter(e -> e.getStation() == station)
        .findFirst()
        .orElseGet(() -> all.get(0));
  }

  /** The last change of a job, if it can be taken back. */
  @Transactional(readOnly = true)
  public Optional<JobUndo> lastChange(Job job) {
    return job.isClosed() ? Optional.empty() : undos.findById(job.getId());
  }

  /**
   * Takes back the last change; doing so is a change itself and can be taken back in turn.
   *
   * @param eventId the change that the page showed as the last one
   * @param mayWaive whether this person may set and lift waivers
   * @return the job, or empty when another change came since
   * @throws ClosedJob when the job is closed
   * @throws NotYours when it would change what this person may not change directly
   */
  @Transactional
  public Optional<Job> takeBack(long id, long eventId, String person, boolean mayWaive) {
    Job job = toChange(id);
    if (job.isClosed()) {
      throw new ClosedJob(job);
    }
    Optional<JobUndo> last = undos.findById(id).filter(u -> u.getEventId() == eventId);
    if (last.isEmpty()) {
      return Optional.empty();
    }
    JobState before = last.get().before();
    String now = job.work().like(before).text();
    School school = last.get().schoolBefore().isPresent() ? job.getVehicle().getSchool() : null;
    List<Object> waivers = waivers(job.work());
    job.work().restore(before);
    if (!mayWaive && !waivers.equals(waivers(job.work()))) {
      throw new NotYours();
    }
    last.get().schoolBefore().ifPresent(job.getVehicle()::keepTo);
    Station station =
        events.findById(eventId).map(JobEvent::getStation).orElse(StationLine.next(job));
    String text = cut(opposite(last.get().getText()));
    JobEvent event = events.save(new JobEvent(id, clock.instant(), person, station, text));
    undos.save(new JobUndo(event, now, school));
    return Optional.of(jobs.saveAndFlush(job));
  }

  private List<Object> waivers(WorkRecord work) {
    return worksheets.stream().map(w -> w.waivers(work)).toList();
  }

  /** Taking back what was taken back is doing it again: the words do not pile up. */
  private static String opposite(String text) {
    return text.startsWith(TOOK_BACK)
        ? DID_AGAIN + text.substring(TOOK_BACK.length())
        : TOOK_BACK + (text.startsWith(DID_AGAIN) ? text.substring(DID_AGAIN.length()) : text);
  }

  private static String cut(String text) {
    return text.length() > 1000 ? text.substring(0, 1000) : text;
  }

  /** Puts a dated note at a station that was done elsewhere or skipped. */
  @Transactional
  public Job note(
      long id, Station station, int revision, String person, StationMark.State state, String note) {
    String text = state.title() + (note.isEmpty() ? "" : ": " + note);
    return apply(
        id, station, revision, new Entry(person, state, note, text, false), (work, s) -> {});
  }

  /** Opens a job at a position with what was found before. */
  @Transactional
  public Job openWith(
      Vehicle vehicle,
      String position,
      String complaint,
      String person,
      boolean another,
      Consumer<WorkRecord> findings) {
    refuseSecond(vehicle, position, another);
    Job job = openAt(vehicle, position, complaint, person);
    findings.accept(job.work());
    String found = job.work().getOpening().line();
    Instant now = clock.instant();
    for (Station station : List.of(Station.LISTEN, Station.ROCK)) {
      job.work()
          .mark(
              station, StationMark.State.DONE, station == Station.LISTEN ? found : "", person, now);
    }
    events.save(new JobEvent(job.getId(), now, person, Station.ROCK, cut("Found: " + found)));
    return jobs.saveAndFlush(job);
  }

  /**
   * Opens a job at a position where none is open.
   *
   * @param another whether a second one is wanted beside one that is open
   * @throws OpenAlready when one is open and no second one is wanted
   */
  @Transactional
  public Job openOnce(
      Vehicle vehicle, String position, String complaint, String person, boolean another) {
    refuseSecond(vehicle, position, another);
    return openAt(vehicle, position, complaint, person);
  }

  /** The vehicle's lock comes first, so that presses in the same instant see each other's job. */
  private void refuseSecond(Vehicle vehicle, String position, boolean another) {
    jobs.vehicleToChange(vehicle.getId());
    jobs.openAt(vehicle.getId(), position).stream()
        .filter(j -> !another)
        .findFirst()
        .ifPresent(
            j -> {
              throw new OpenAlready(j);
            });
  }

  /** Opens a job at a position. */
  @Transactional
  public Job openAt(Vehicle vehicle, String position, String complaint, String person) {
    Position place =
        vehicle.position(position).orElseThrow(() -> new NoSuchPage("There is no such position."));
    Job job = new Job(vehicle, place, complaint, person, clock.instant());
    Job saved = jobs.save(job);
    events.save(
        new JobEvent(
            saved.getId(), saved.getOpenedAt(), person, Station.LISTEN, "Opened: " + complaint));
    return saved;
  }
}
