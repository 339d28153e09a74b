package unbo.app.job;

import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.units.Problem;

/** A job's page, the notes of its stations and the sheets of its parts. */
@Controller
@RequestMapping("/jobs/{id}")
class JobController {

  private static final int LONGEST_NOTE = 500;
  private static final int LONGEST_NUMBER = 100;

  private final Jobs jobs;
  private final JobPage page;
  private final Worksheets worksheets;
  private final Figures figures;

  JobController(Jobs jobs, JobPage page, Worksheets worksheets, Figures figures) {
    this.worksheets = worksheets;
    this.jobs = jobs;
    this.page = page;
    this.figures = figures;
  }

  /** In one transaction: each of its own costs a connection and a word to end it. */
  @GetMapping
  @Transactional(readOnly = true)
  String show(
      @PathVariable long id,
      @RequestParam(required = false) String at,
      @RequestParam(required = false) String part,
      Model model) {
    Job job = jobs.get(id);
    return page.show(model, job, Selection.of(at, part, job));
  }

  @GetMapping("/stations/{station}/note")
  String noteAgain(@PathVariable long id, @PathVariable String station) {
    return "redirect:/jobs/" + id + "?at=" + Station.withId(station).map(Station::id).orElse("");
  }

  @GetMapping("/parts/{part}")
  String partAgain(@PathVariable long id, @PathVariable String part) {
    return "redirect:/jobs/"
        + id
        + "?at=part&part="
        + jobs.get(id).arrangement().part(part).map(PartTemplate::id).orElse("");
  }

  /** Takes back the last change, if it still is the last one. */
  @PostMapping("/take-back")
  String takeBack(
      @PathVariable long id,
      @RequestParam long change,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Optional<Job> restored =
        jobs.takeBack(id, change, person.getName(), person.getRole().mayWaive());
    if (restored.isPresent()) {
      return "redirect:/jobs/" + id;
    }
    response.setStatus(HttpStatus.CONFLICT.value());
    model.addAttribute("overtaken", true);
    Job job = jobs.get(id);
    return page.show(model, job, Selection.of(null, null, job));
  }

  @GetMapping("/take-back")
  String takenBack(@PathVariable long id) {
    return "redirect:/jobs/" + id;
  }

  @PostMapping("/stations/{station}/note")
  String note(
      @PathVariable long id,
      @PathVariable String station,
      @RequestParam int revision,
      @RequestParam(defaultValue = "") String note,
      @RequestParam(name = "do", defaultValue = "elsewhere") String what,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Job noted = jobs.get(id);
    Station named =
        Station.withId(station)
            .filter(s -> worksheets.takesNote(s, noted))
            .orElseThrow(() -> new NoSuchPage("There is no such station for a note."));
    boolean skip = what.equals("skip");
    Problem problem = skip && note.isBlank() ? null : NoteSheet.problemWith(note);
    if (problem == null) {
      try {
        StationMark.State state = skip ? StationMark.State.SKIPPED : StationMark.State.ELSEWHERE;
        Job job = jobs.note(id, named, revision, person.getName(), state, note.strip());
        return "redirect:" + Selection.at(StationLine.next(job), job).address(job);
      } catch (StaleStation e) {
        model.addAttribute("stale", e.latest());
      }
    }
    response.setStatus(
        problem == null ? HttpStatus.CONFLICT.value() : HttpStatus.UNPROCESSABLE_ENTITY.value());
    Job job = jobs.get(id);
    model.addAttribute("note", new NoteSheet(named, note, problem));
    return page.show(model, job, Selection.at(named, job));
  }

  @PostMapping("/parts/{part}")
  String part(
      @PathVariable long id,
      @PathVariable String part,
      @RequestParam int revision,
      @RequestParam Map<String, String> form,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Job job = jobs.get(id);
    PartTemplate named =
        job.arrangement().part(part).orElseThrow(() -> new NoSuchPage("There is no such part."));
    FieldProblems problems = new FieldProblems();
    Map<SizeTemplate, Double> sizes = new HashMap<>();
    named.askedSizes().forEach(d -> sizes.put(d, PartSheet.read(d, form.get(d.id()), problems)));
    PartMark mark = partMark(form, problems);
    String number = number(named, form, problems);
    int status = HttpStatus.UNPROCESSABLE_ENTITY.value();
    if (problems.isEmpty()) {
      try {
        jobs.changePart(
            id,
            part,
            revision,
            person.getName(),
            stateAfter(job),
            describe(job, named, mark, sizes) + numbered(job, named, number),
            work -> {
              sizes.forEach((size, value) -> work.setDimension(size.id(), value));
              work.setPart(named.id(), mark, Station.STRIP);
              named.number().ifPresent(label -> work.setMarking(named.id(), number));
            });
        return "redirect:" + new Selection(null, named).address(job);
      } catch (StaleStation e) {
        model.addAttribute("stale", e.latest());
        model.addAttribute("recorded", jobs.get(id).work().stateOf(part).title());
        status = HttpStatus.CONFLICT.value();
      }
    }
    response.setStatus(status);
    model.addAttribute(
        "partSheet", PartSheet.typed(jobs.get(id), named, mark, form, problems, figures));
    return page.show(model, job, new Selection(null, named));
  }

  /** A number that is kept as text. */
  private static String number(
      PartTemplate part, Map<String, String> form, FieldProblems problems) {
    String typed = part.number().isPresent() ? form.getOrDefault("number", "").strip() : "";
    if (typed.length() > LONGEST_NUMBER) {
      problems.add(
          "number",
          new Problem(
              typed,
              "The number is too long.",
              "Enter at most " + LONGEST_NUMBER + " characters, as marked."));
    }
    return typed;
  }

  private static String numbered(Job job, PartTemplate part, String number) {
    return number.equals(job.work().markingOf(part.id())) || part.number().isEmpty()
        ? ""
        : ", number “" + number + "”";
  }

  /** Sizes and states of parts are kept under Strip, whose own sheet is still a note. */
  private static StationMark.State stateAfter(Job job) {
    return job.work()
        .mark(Station.STRIP)
        .map(StationMark::getState)
        .orElse(StationMark.State.WORKED_ON);
  }

  private static PartMark partMark(Map<String, String> form, FieldProblems problems) {
    String note = form.getOrDefault("note", "").strip();
    if (note.length() > LONGEST_NOTE) {
      problems.add(
          "note",
          new Problem(
              note, "The note is too long.", "Enter at most " + LONGEST_NOTE + " characters."));
    }
    try {
      return new PartMark(PartMark.State.valueOf(form.getOrDefault("state", "AS_FOUND")), note);
    } catch (IllegalArgumentException e) {
      problems.add(
          "state",
          new Problem(form.get("state"), "There is no such state.", "Choose one from the list."));
      return new PartMark(PartMark.State.AS_FOUND, note);
    }
  }

  private String describe(
      Job job, PartTemplate part, PartMark mark, Map<SizeTemplate, Double> sizes) {
    List<String> changes = new ArrayList<>();
    if (mark.getState() != job.work().stateOf(part.id())) {
      changes.add(job.work().stateOf(part.id()).title() + " → " + mark.getState().title());
    }
    sizes.forEach(
        (dimension, value) -> {
          Double old = job.assembly().measured().get(dimension.id());
          if (!java.util.Objects.equals(old, value)) {
            changes.add(
                dimension.label() + " " + shown(dimension, old) + " → " + shown(dimension, value));
          }
        });
    return part.title()
        + ": "
        + (changes.isEmpty() ? "nothing changed" : String.join(", ", changes));
  }

  private String shown(SizeTemplate size, Double value) {
    return value == null ? "assumed" : (figures.size(value) + " " + size.unit()).strip();
  }
}
