package unbo.app.yard;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import unbo.app.job.Job;
import unbo.app.job.JobEvent;
import unbo.app.job.JobLists;
import unbo.app.job.PartMark;
import unbo.app.job.StationLine;
import unbo.app.listening.Listening;
import unbo.app.packing.PackRecord;
import unbo.app.proving.Proofs;
import unbo.app.proving.ProveRecord;
import unbo.app.web.Figures;
import unbo.core.arrangement.PartTemplate;

/** Works out the morning's lines from what is open, booked and searched for. */
@Component
class Mornings {

  /** So many days ahead something is called due. */
  private static final int DAYS_AHEAD = 14;

  private final JobLists jobs;
  private final Proofs proofs;
  private final Figures figures;
  private final Clock clock;

  Mornings(JobLists jobs, Proofs proofs, Figures figures, Clock clock) {
    this.jobs = jobs;
    this.proofs = proofs;
    this.figures = figures;
    this.clock = clock;
  }

  /** The lines for open jobs with their whole records, and searches that still stand. */
  Morning of(List<Job> open, List<Listening> searches) {
    return new Morning(
        open.stream().flatMap(this::stopped).toList(),
        due(searches),
        open.stream().flatMap(this::waits).toList(),
        people(open));
  }

  private Stream<Morning.Row> stopped(Job job) {
    List<String> why = new ArrayList<>();
    if (job.work().getOpening().isStop()) {
      why.add(
          job.work().getOpening().getUrgency().words() + " " + job.work().getOpening().getCause());
    }
    why.addAll(proofs.blocking(job));
    return why.isEmpty()
        ? Stream.empty()
        : Stream.of(new Morning.Row(job.address(), job.title(), String.join(" ", why), true));
  }

  private List<Morning.Row> due(List<Listening> searches) {
    LocalDate today = LocalDate.now(clock);
    LocalDate until = today.plusDays(DAYS_AHEAD);
    Stream<Due> booked =
        jobs.dueUntil(until).stream()
            .map(
                j -> new Due(day(j), j.address(), j.title(), "what was set or torqued, once more"));
    Stream<Due> looked =
        searches.stream()
            .filter(l -> l.getRecheckOn() != null && !l.getRecheckOn().isAfter(until))
            .map(l -> new Due(l.getRecheckOn(), "/listen/" + l.getId(), title(l), note(l)));
    Stream<Due> greased =
        jobs.greaseDueUntil(until).stream()
            .map(
                j ->
                    new Due(
                        j.work().sheet(PackRecord.TYPE).regrease().on(),
                        j.address(),
                        j.title(),
                        "fresh grease"));
    return Stream.of(booked, looked, greased)
        .flatMap(s -> s)
        .sorted(Comparator.comparing(Due::on))
        .map(d -> row(d, today))
        .toList();
  }

  private record Due(LocalDate on, String href, String what, String note) {}

  private static LocalDate day(Job job) {
    return job.work().sheet(ProveRecord.TYPE).recheckOn();
  }

  private static String title(Listening search) {
    return search.getVehicle() == null ? search.getWords() : search.getVehicle().getName();
  }

  private static String note(Listening search) {
    String note = search.getRecheckNote();
    return note == null || note.isBlank() ? search.getWords() : note;
  }

  private Morning.Row row(Due due, LocalDate today) {
    boolean late = due.on.isBefore(today);
    String when = (late ? "Overdue since " : "Due ") + figures.day(due.on) + ": ";
    return new Morning.Row(due.href, due.what, when + due.note, late);
  }

  private Stream<Morning.Row> waits(Job job) {
    String parts =
        job.arrangement().parts().stream()
            .filter(p -> job.work().stateOf(p.id()) == PartMark.State.RENEW)
            .map(p -> named(job, p))
            .distinct()
            .collect(Collectors.joining(", "));
    return parts.isEmpty()
        ? Stream.empty()
        : Stream.of(new Morning.Row(job.address(), job.title(), parts, false));
  }

  /** With its number where that was read: what is to be bought. */
  private static String named(Job job, PartTemplate part) {
    return part.place()
        .filter(place -> job.assembly().isRead(place))
        .map(place -> part.title() + " " + job.assembly().bearing(place).designation())
        .orElse(part.title());
  }

  private List<Morning.Row> people(List<Job> open) {
    Map<Long, JobEvent> last = jobs.lastChanges(open);
    return open.stream()
        .filter(j -> last.containsKey(j.getId()))
        .sorted(Comparator.comparing((Job j) -> last.get(j.getId()).getAt()).reversed())
        .map(j -> person(j, last.get(j.getId())))
        .toList();
  }

  private Morning.Row person(Job job, JobEvent event) {
    String next = StationLine.next(job).title();
    return new Morning.Row(
        job.address(),
        job.title(),
        event.getPerson() + ", " + figures.moment(event.getAt()) + "; next: " + next,
        false);
  }
}
