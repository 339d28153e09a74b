package unbo.app.proving;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.job.FindingMark;
import unbo.app.job.Job;
import unbo.app.job.JobPage;
import unbo.app.job.Jobs;
import unbo.app.job.PartMark;
import unbo.app.job.Selection;
import unbo.app.job.StaleStation;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.StopMark;
import unbo.app.job.TestRecord;
import unbo.app.job.WorkRecord;
import unbo.app.job.Worksheet;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.core.arrangement.PartTemplate;
import unbo.core.units.Problem;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.HardStop;
import unbo.core.verification.Repeat;
import unbo.core.verification.RoadFinding;
import unbo.core.verification.Waiver;

/**
 * Repeats the accusing tests, ticks and waives the hard stops, notes what keeps it off the road.
 */
@Controller
@RequestMapping("/jobs/{id}/prove")
class ProveController implements Worksheet {

  /** Fields whose text goes into the history, with the words for it. */
  private static final Map<String, String> TYPED =
      new TreeMap<>(
          Map.of(
              "recheckOn", "recheck on",
              "recheckKm", "recheck after km",
              "detail-wheel-nuts", "wheel nuts at Nm"));

  private final Jobs jobs;
  private final JobPage page;
  private final Figures figures;
  private final Clock clock;

  ProveController(Jobs jobs, @Lazy JobPage page, Figures figures, Clock clock) {
    this.jobs = jobs;
    this.page = page;
    this.figures = figures;
    this.clock = clock;
  }

  @Override
  public Station station() {
    return Station.PROVE;
  }

  @Override
  public void fill(Model model, Job job, PartTemplate selected) {
    if (!model.containsAttribute("prove")) {
      model.addAttribute("prove", ProveSheet.of(job, recorded(job), new FieldProblems(), figures));
    }
    model.addAttribute("revision", job.work().revision(Station.PROVE));
    model.addAttribute("today", LocalDate.now(clock));
  }

  @PostMapping
  String save(
      @PathVariable long id,
      @RequestParam Map<String, String> form,
      @RequestParam int revision,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Job job = jobs.get(id);
    ProveInput input =
        ProveInput.of(job, form, person.getName(), clock.instant(), LocalDate.now(clock));
    if (!input.problems().isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(model, job, form, input.problems());
    }
    boolean pinned = job.arrangement().part("pin").isPresent();
    try {
      Job saved =
          jobs.change(
              id,
              Station.PROVE,
              revision,
              person.getName(),
              StationMark.State.WORKED_ON,
              describe(form, input),
              (work, s) -> apply(work, pinned, form, input, person, s));
      return "redirect:" + settle(saved, person).address(saved);
    } catch (StaleStation e) {
      return stale(id, form, e, model, response);
    }
  }

  @PostMapping("/waivers/{stop}")
  String waive(
      @PathVariable long id,
      @PathVariable String stop,
      @RequestParam int revision,
      @RequestParam(defaultValue = "") String reason,
      @RequestParam(name = "do", defaultValue = "waive") String what,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    HardStop named =
        HardStop.withId(stop).orElseThrow(() -> new NoSuchPage("There is no such release check."));
    Job job = jobs.get(id);
    boolean lift = what.equals("lift");
    Optional<Problem> problem =
        Waiver.problemWith(person.getRole(), lift ? "removing the waiver" : reason);
    Map<String, String> form = new HashMap<>(recorded(job));
    form.put("waive-" + stop, reason);
    if (problem.isPresent()) {
      FieldProblems problems = new FieldProblems();
      problems.add("waive-" + stop, problem.get());
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(model, job, form, problems);
    }
    try {
      String line =
          lift
              ? "removed the waiver of “" + named.title() + "”"
              : "waived “" + named.title() + "”: " + reason.strip();
      Job saved =
          jobs.change(
              id,
              Station.PROVE,
              revision,
              person.getName(),
              StationMark.State.WORKED_ON,
              line,
              (work, s) -> {
                if (lift) {
                  work.getStops().remove(named);
                } else {
                  work.getStops()
                      .put(
                          named,
                          StopMark.waived(
                              reason.strip(), person.getName(), person.getRole(), s.at()));
                }
              });
      return "redirect:" + settle(saved, person).address(saved);
    } catch (StaleStation e) {
      return stale(id, form, e, model, response);
    }
  }

  /** Marks the station done when nothing is left in the way. */
  private Selection settle(Job job, Person person) {
    Job settled =
        jobs.follow(
            job.getId(),
            Station.PROVE,
            person.getName(),
            StationMark.State.DONE,
            "proved",
            j -> ProveSheet.proof(j, figures).isProved());
    return Selection.at(Station.PROVE, settled);
  }

  private static void apply(
      WorkRecord work,
      boolean pinned,
      Map<String, String> form,
      ProveInput input,
      Person person,
      Jobs.Signature by) {
    input.tests().forEach(work.getTests()::put);
    for (var opening : work.getOpeningFindings().entrySet()) {
      Repeat.Outcome shown = input.repeats().get(opening.getKey());
      if (shown != opening.getValue().getOutcome()) {
        opening.setValue(opening.getValue().with(shown, by.person(), by.at()));
      }
    }
    work.setRecheck(input.recheckOn(), input.recheckKm());
    for (HardStop stop : HardStop.values()) {
      if (stop.isTicked()) {
        tick(
            work,
            stop,
            form.containsKey("stop-" + stop.id()),
            stop == HardStop.WHEEL_NUTS ? input.wheelTorque() : "",
            person,
            by);
      }
    }
    for (RoadFinding finding : RoadFinding.values()) {
      if (!form.containsKey("finding-" + finding.id())) {
        work.getFindings().remove(finding);
      } else {
        work.getFindings().putIfAbsent(finding, new FindingMark(by.person(), by.at()));
      }
    }
    if (form.containsKey("stop-" + HardStop.LOCKING_NEW.id()) && pinned) {
      work.setPart("pin", new PartMark(PartMark.State.RENEWED, work.noteOf("pin")), Station.PROVE);
    }
  }

  /** A tick replaces a waiver; an empty box takes away a tick but never a waiver. */
  private static void tick(
      WorkRecord work,
      HardStop stop,
      boolean ticked,
      String detail,
      Person person,
      Jobs.Signature by) {
    StopMark old = work.getStops().get(stop);
    if (ticked) {
      if (old == null || old.isWaived() || !old.getDetail().equals(detail)) {
        work.getStops()
            .put(stop, StopMark.met(detail, person.getName(), person.getRole(), by.at()));
      }
    } else if (old != null && !old.isWaived()) {
      work.getStops().remove(stop);
    }
  }

  private String show(Model model, Job job, Map<String, String> form, FieldProblems problems) {
    model.addAttribute("prove", ProveSheet.of(job, form, problems, figures));
    return page.show(model, job, Selection.at(Station.PROVE, job));
  }

  private String stale(
      long id,
      Map<String, String> form,
      StaleStation e,
      Model model,
      HttpServletResponse response) {
    response.setStatus(HttpStatus.CONFLICT.value());
    model.addAttribute("stale", e.latest());
    return show(model, jobs.get(id), form, new FieldProblems());
  }

  /** The fields as the record would fill them. */
  private Map<String, String> recorded(Job job) {
    Map<String, String> fields = new HashMap<>();
    for (AccusingTest test : AccusingTest.values()) {
      TestRecord record = job.work().getTests().get(test);
      if (record != null && record.getAfterValue() != null) {
        fields.put("after-" + test.id(), figures.size(record.getAfterValue()));
        fields.put(
            "after-" + test.id() + "-second",
            record.getAfterSecond() == null ? "" : figures.size(record.getAfterSecond()));
      }
    }
    fields.put(
        "recheckOn", job.work().getRecheckOn() == null ? "" : job.work().getRecheckOn().toString());
    fields.put(
        "recheckKm",
        job.work().getRecheckKm() == null ? "" : String.valueOf(job.work().getRecheckKm()));
    job.work()
        .getStops()
        .forEach(
            (stop, mark) -> {
              if (!mark.isWaived()) {
                fields.put("stop-" + stop.id(), "on");
                fields.put("detail-" + stop.id(), mark.getDetail());
              }
            });
    job.work()
        .getOpeningFindings()
        .forEach(
            (place, finding) -> {
              if (finding.getOutcome() != null) {
                fields.put("repeat-" + place, finding.getOutcome().name());
              }
            });
    job.work().getFindings().keySet().forEach(f -> fields.put("finding-" + f.id(), "on"));
    return fields;
  }

  private static String describe(Map<String, String> form, ProveInput input) {
    List<String> parts = new ArrayList<>();
    input
        .tests()
        .forEach(
            (test, record) -> {
              if (record.getAfterValue() != null) {
                parts.add(
                    test.title().toLowerCase(java.util.Locale.ROOT)
                        + " again: "
                        + form.getOrDefault("after-" + test.id(), "from Set"));
              }
            });
    for (HardStop stop : HardStop.values()) {
      if (stop.isTicked() && form.containsKey("stop-" + stop.id())) {
        parts.add("done: “" + stop.title() + "”");
      }
    }
    for (RoadFinding finding : RoadFinding.values()) {
      if (form.containsKey("finding-" + finding.id())) {
        parts.add("found: " + finding.title());
      }
    }
    for (String field : TYPED.keySet()) {
      if (!form.getOrDefault(field, "").isBlank()) {
        parts.add(TYPED.get(field) + " " + form.get(field));
      }
    }
    return parts.isEmpty() ? "nothing entered" : String.join(", ", parts);
  }
}
