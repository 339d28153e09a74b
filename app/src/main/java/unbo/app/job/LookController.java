package unbo.app.job;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.core.units.Problem;
import unbo.core.verification.Waiver;

/** Opens Set on a job that came with play, grit or noise: somebody looked, or waives it by name. */
@Controller
@RequestMapping("/jobs/{id}/looked")
class LookController {

  private static final int SHORTEST = 10;
  private static final int LONGEST = 500;

  private final Jobs jobs;
  private final JobPage page;

  LookController(Jobs jobs, JobPage page) {
    this.jobs = jobs;
    this.page = page;
  }

  @GetMapping
  String again(@PathVariable long id) {
    return "redirect:/jobs/" + id + "?at=set";
  }

  @PostMapping
  String looked(
      @PathVariable long id,
      @RequestParam int revision,
      @RequestParam(defaultValue = "") String seen,
      @RequestParam(name = "do", defaultValue = "looked") String what,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    boolean waive = what.equals("waive");
    Optional<Problem> problem =
        waive ? Waiver.problemWith(person.getRole(), seen) : problemWith(seen);
    if (problem.isEmpty()) {
      try {
        String line =
            (waive ? "waived the inspection before Set: " : "inspected the parts: ") + seen;
        Job job =
            jobs.change(
                id,
                Station.READ,
                revision,
                person.getName(),
                jobs.get(id)
                    .work()
                    .mark(Station.READ)
                    .map(StationMark::getState)
                    .orElse(StationMark.State.WORKED_ON),
                line.strip(),
                (work, s) ->
                    work.setOpening(
                        work.getOpening().looked(seen.strip(), waive, s.person(), s.at())));
        return "redirect:" + Selection.at(Station.SET, job).address(job);
      } catch (StaleStation e) {
        model.addAttribute("stale", e.latest());
      }
    }
    response.setStatus(
        problem.isEmpty() ? HttpStatus.CONFLICT.value() : HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute("seen", seen);
    model.addAttribute("seenProblem", problem.orElse(null));
    Job job = jobs.get(id);
    return page.show(model, job, Selection.at(Station.SET, job));
  }

  private static Optional<Problem> problemWith(String seen) {
    int length = seen.strip().length();
    if (length < SHORTEST) {
      return Optional.of(
          new Problem(
              seen,
              "The inspection result is missing.",
              "Describe raceways and rollers in a few words: even, marked, blue, rusty."));
    }
    return length > LONGEST
        ? Optional.of(new Problem(seen, "Too long.", "Enter at most " + LONGEST + " characters."))
        : Optional.empty();
  }
}
