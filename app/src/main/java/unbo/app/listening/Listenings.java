package unbo.app.listening;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.app.job.Jobs;
import unbo.app.vehicle.Vehicle;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.core.diagnosis.Complaint;
import unbo.core.diagnosis.Occasion;
import unbo.core.vehicle.VehicleKind;

/** Starts, answers and ends searches for a cause. */
@Service
public class Listenings {

  private final ListeningRepository listenings;
  private final GivenAnswerRepository answers;
  private final Jobs jobs;
  private final PastOfVehicle past;
  private final Figures figures;
  private final Clock clock;

  public Listenings(
      ListeningRepository listenings,
      GivenAnswerRepository answers,
      Jobs jobs,
      JobLists jobLists,
      Figures figures,
      Clock clock) {
    this.listenings = listenings;
    this.answers = answers;
    this.jobs = jobs;
    this.past = new PastOfVehicle(jobLists);
    this.figures = figures;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public Listening get(long id) {
    return recalled(listenings.findById(id));
  }

  /**
   * A search that has not ended: asked before anything typed is looked at, since the page of one
   * that has ended has no field to say anything at.
   */
  @Transactional(readOnly = true)
  public Listening goingOn(long id) {
    Listening listening = get(id);
    refuseEnded(listening);
    return listening;
  }

  private Listening recalled(Optional<Listening> found) {
    Listening listening =
        found.orElseThrow(() -> new NoSuchPage("There is no such search for a cause."));
    past.recallInto(listening);
    return listening;
  }

  @Transactional(readOnly = true)
  public List<Listening> running() {
    return listenings.running();
  }

  /**
   * Rechecks that were booked because nothing was found, the earliest first; a later search on the
   * same vehicle is the recheck.
   */
  @Transactional(readOnly = true)
  public List<Listening> rechecks() {
    return listenings.rechecks();
  }

  /** What is not at its end: searches that run, and rechecks to come. */
  @Transactional(readOnly = true)
  public List<Listening> standing() {
    return Stream.concat(running().stream(), rechecks().stream()).toList();
  }

  /** Changes with every answer given, struck out or put back. */
  static String stamp(Answers answers) {
    long struck = answers.lines().stream().filter(GivenAnswer::isStruck).count();
    return answers.lines().size() + "-" + struck;
  }

  Answers answers(Listening listening) {
    return Answers.of(answers.of(listening.getId()));
  }

  /** Starts a search; a null vehicle stands for some vehicle of the kind. */
  @Transactional
  public Listening start(VehicleKind kind, Vehicle vehicle, String words, String person) {
    Listening listening =
        listenings.save(new Listening(kind, vehicle, words, person, clock.instant()));
    hear(listening, words, person);
    return listening;
  }

  /**
   * Adds what a person noticed besides, in everyday words.
   *
   * @throws TooManyWords when the search holds no more of them
   */
  @Transactional
  public Complaint addWords(long id, String words, String person) {
    Listening listening = running(id);
    if (!listening.hasRoomFor(words)) {
      throw new TooManyWords();
    }
    listening.addWords(words);
    return hear(listening, words, person);
  }

  private Complaint hear(Listening listening, String words, String person) {
    Complaint complaint = Complaint.read(listening.model(), words);
    complaint
        .answers()
        .forEach(
            (test, answer) ->
                add(listening, test, answer, complaint.heard().get(test), "", person));
    return complaint;
  }

  /**
   * Answers a test; the same answer pressed twice counts once.
   *
   * @param answer empty to pass the test over
   * @throws NoSuchPage when the test or the answer is unknown
   */
  @Transactional
  public void answer(long id, String test, String answer, String reading, String person) {
    Listening listening = running(id);
    boolean known =
        listening
            .model()
            .test(test)
            .filter(t -> answer.isEmpty() || t.answer(answer).isPresent())
            .isPresent();
    if (!known) {
      throw new NoSuchPage("There is no such answer to this test; choose one on the page.");
    }
    Optional<GivenAnswer> now =
        answers(listening).lines().stream()
            .filter(l -> l.getTest().equals(test) && !l.isStruck())
            .reduce((a, b) -> b);
    boolean again =
        now.filter(
                l ->
                    l.getAnswer().equals(answer)
                        && l.getReading().equals(reading)
                        && l.getPerson().equals(person))
            .isPresent();
    if (!again) {
      add(listening, test, answer, "", reading, person);
    }
  }

  private void add(
      Listening listening, String test, String answer, String heard, String reading, String by) {
    answers.save(
        new GivenAnswer(listening.getId(), test, answer, heard, reading, by, clock.instant()));
  }

  /** Strikes an answer out, or puts it back. */
  @Transactional
  public void strike(long id, long line, boolean out, String person) {
    running(id);
    GivenAnswer answer =
        answers
            .findById(line)
            .filter(a -> a.getListeningId() == id)
            .orElseThrow(() -> new NoSuchPage("There is no such answer."));
    if (out) {
      answer.strike(person, clock.instant());
    } else {
      answer.putBack();
    }
  }

  /** Sets what cannot be had here. */
  @Transactional
  public void bar(long id, Set<Occasion> occasions) {
    running(id).bar(occasions);
  }

  /**
   * Ends in a job at a position; its opening findings are what counts now.
   *
   * @param another whether a second job is wanted beside one that is open there
   */
  @Transactional
  public Job open(long id, Vehicle vehicle, String position, String by, boolean another) {
    Listening listening = running(id);
    OpeningFindings found = new OpeningFindings(listening, answers(listening), position, figures);
    Job job = jobs.openWith(vehicle, position, found.complaint(), by, another, found::enter);
    listening.becomes(job.getId());
    listening.end(Listening.Ending.JOB, by, clock.instant());
    return job;
  }

  /** Ends without a cause, with a day or a distance to look again. */
  @Transactional
  public void recheck(long id, LocalDate on, Integer km, String note, String person) {
    Listening listening = running(id);
    listening.recheck(on, km, note);
    listening.end(Listening.Ending.RECHECK, person, clock.instant());
  }

  /** Ends without anything; a booked recheck is taken off the list. */
  @Transactional
  public void drop(long id, String person) {
    Listening listening = toChange(id);
    if (!listening.isRecheck()) {
      refuseEnded(listening);
    }
    listening.end(Listening.Ending.DROPPED, person, clock.instant());
  }

  /** A search that has not ended, to be changed. */
  private Listening running(long id) {
    Listening listening = toChange(id);
    refuseEnded(listening);
    return listening;
  }

  /** The lock comes first: what is read before it may be of another time. */
  private Listening toChange(long id) {
    return recalled(listenings.toChange(id));
  }

  private static void refuseEnded(Listening listening) {
    if (listening.isEnded()) {
      throw new EndedListening();
    }
  }
}
