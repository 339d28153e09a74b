package unbo.app.job;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.web.NoSuchPage;

/**
 * The one flow of every station's form: previews, presses with their names, stale and refused
 * forms, and an address asked for again. What a press means is the {@link Worksheet}'s.
 */
@Controller
@RequestMapping("/jobs/{id}/{station:listen|rock|name|strip|read|fit|pack|set|prove|book}")
class StationController {

  private final Jobs jobs;
  private final JobPage page;
  private final Worksheets worksheets;
  private final Clock clock;

  StationController(Jobs jobs, JobPage page, Worksheets worksheets, Clock clock) {
    this.jobs = jobs;
    this.page = page;
    this.worksheets = worksheets;
    this.clock = clock;
  }

  /**
   * With fields in the address the sheet shows them, unsaved; without, somebody loaded it again.
   */
  @GetMapping({"", "/preview", "/{action}", "/{action}/{what}"})
  String again(
      @PathVariable long id,
      @PathVariable String station,
      @RequestParam MultiValueMap<String, String> fields,
      Model model) {
    Job job = jobs.get(id);
    Station at = named(station);
    if (fields.isEmpty() || worksheets.at(at, job).isEmpty()) {
      return "redirect:" + job.address() + "?at=" + at.id();
    }
    return show(model, job, at, Form.typed(fields));
  }

  /** Section and sheet as if the form were saved; nothing is written. */
  @PostMapping("/preview")
  @Transactional(readOnly = true)
  String preview(
      @PathVariable long id,
      @PathVariable String station,
      @RequestHeader(name = "HX-Target", defaultValue = "") String target,
      @RequestParam MultiValueMap<String, String> fields,
      Model model) {
    Job job = jobs.get(id);
    Station at = named(station);
    sheet(at, job);
    Form form = Form.typed(fields).into(target);
    return page.preview(model, job, selection(at, job, form), form);
  }

  @PostMapping({"", "/{action}", "/{action}/{what}"})
  String press(
      @PathVariable long id,
      @PathVariable String station,
      @PathVariable(required = false) String action,
      @PathVariable(required = false) String what,
      @RequestParam MultiValueMap<String, String> fields,
      @RequestParam(defaultValue = "-1") int revision,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Station at = named(station);
    Job job = jobs.get(id);
    Worksheet sheet = sheet(at, job);
    Form form = Form.typed(fields).pressed(action == null ? "" : action, what == null ? "" : what);
    Press press = sheet.press(job, form, new Press.By(person, clock.instant()));
    if (press instanceof Press.Taken taken) {
      return take(job, sheet, form, revision, person, taken, model, response);
    }
    if (press instanceof Press.Done) {
      return "redirect:" + job.address() + "?at=" + at.id();
    }
    if (press instanceof Press.Shown shown) {
      return show(model, job, at, shown.form());
    }
    if (press instanceof Press.Refused refused) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(model, job, at, form.with(refused.problems()));
    }
    response.setStatus(HttpStatus.CONFLICT.value());
    ((Press.Overtaken) press).shown().forEach(model::addAttribute);
    return page.show(model, job, selection(at, job, form));
  }

  private String take(
      Job job,
      Worksheet sheet,
      Form form,
      int revision,
      Person person,
      Press.Taken taken,
      Model model,
      HttpServletResponse response) {
    Station at = sheet.station();
    try {
      Job saved = jobs.press(job.getId(), at, revision, person.getName(), taken);
      saved = follow(saved, sheet, person);
      Station next = taken.stays() ? at : StationLine.next(saved);
      return "redirect:" + Selection.at(next, taken.part(), saved).address(saved);
    } catch (StaleStation e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("stale", e.latest());
      Job now = jobs.get(job.getId());
      model.addAttribute("recorded", sheet.recorded(now));
      return show(model, now, at, form);
    } catch (NotProved e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("refused", List.of());
      return page.show(model, jobs.get(job.getId()), Selection.at(at, job));
    }
  }

  private Job follow(Job saved, Worksheet sheet, Person person) {
    Worksheet.Follows follows = sheet.follows();
    return follows == null
        ? saved
        : jobs.follow(
            saved.getId(),
            sheet.station(),
            person.getName(),
            follows.state(),
            follows.text(),
            follows.isSo());
  }

  private String show(Model model, Job job, Station at, Form form) {
    return page.show(model, job, selection(at, job, form), form);
  }

  private static Selection selection(Station at, Job job, Form form) {
    return Selection.at(at, form.get("part"), job);
  }

  private Worksheet sheet(Station station, Job job) {
    return worksheets
        .at(station, job)
        .orElseThrow(() -> new NoSuchPage("This station takes a note for this arrangement."));
  }

  private static Station named(String station) {
    return Station.withId(station).orElseThrow();
  }
}
