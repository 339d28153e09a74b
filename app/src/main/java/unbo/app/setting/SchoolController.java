package unbo.app.setting;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.job.Job;
import unbo.app.job.JobPage;
import unbo.app.job.Jobs;
import unbo.app.job.OtherSchools;
import unbo.app.job.Selection;
import unbo.app.job.StaleStation;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.web.NoSuchPage;
import unbo.core.measure.Verdict;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;

/** Keeps a vehicle to a school, and records what the schools without a dial leave behind. */
@Controller
@RequestMapping("/jobs/{id}/set")
class SchoolController {

  private final Jobs jobs;
  private final JobPage page;

  SchoolController(Jobs jobs, JobPage page) {
    this.jobs = jobs;
    this.page = page;
  }

  /** The school belongs to the vehicle and holds for all its jobs. */
  @PostMapping("/school")
  String keep(
      @PathVariable long id,
      @RequestParam String school,
      @RequestParam int revision,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    School kept = named(school);
    try {
      return "redirect:" + address(jobs.keepTo(id, revision, person.getName(), kept));
    } catch (StaleStation e) {
      return stale(id, e, model, response);
    }
  }

  @PostMapping("/other")
  String record(
      @PathVariable long id,
      @RequestParam Map<String, String> form,
      @RequestParam(name = "school") String filledFor,
      @RequestParam int revision,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Job job = jobs.get(id);
    School school = named(filledFor);
    Optional<LeftSchool> left = LeftSchool.of(job, school, OtherSchoolSheet.words(form));
    if (left.isPresent()) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("leftSchool", left.get());
      return page.show(model, job, Selection.at(Station.SET, job));
    }
    OtherSchoolSheet sheet = OtherSchoolSheet.typed(school, form);
    Optional<OtherSchools> record = sheet.record(school);
    model.addAttribute("other", sheet);
    if (record.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page.show(model, job, Selection.at(Station.SET, job));
    }
    try {
      SettingOutcome outcome = OtherSchoolSheet.outcome(school, record.get()).orElseThrow();
      StationMark.State state =
          outcome.inWindow() == Verdict.YES ? StationMark.State.DONE : StationMark.State.WORKED_ON;
      Job changed =
          jobs.change(
              id,
              Station.SET,
              revision,
              person.getName(),
              state,
              school.title() + ": " + outcome.text(),
              (work, s) -> work.setOtherSchools(record.get()));
      return "redirect:" + address(changed);
    } catch (StaleStation e) {
      return stale(id, e, model, response);
    }
  }

  private static School named(String school) {
    return Arrays.stream(School.values())
        .filter(s -> s.name().equals(school))
        .findFirst()
        .orElseThrow(() -> new NoSuchPage("There is no such setting method."));
  }

  private String stale(long id, StaleStation e, Model model, HttpServletResponse response) {
    response.setStatus(HttpStatus.CONFLICT.value());
    model.addAttribute("stale", e.latest());
    return page.show(model, jobs.get(id), Selection.at(Station.SET, jobs.get(id)));
  }

  private static String address(Job job) {
    return Selection.at(Station.SET, job).address(job);
  }
}
