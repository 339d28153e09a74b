package unbo.app.speed;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.List;
import java.util.Map;
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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import unbo.app.account.Person;
import unbo.app.web.FieldProblems;
import unbo.core.speed.TestRun;

/** The shop's test runs, and what they say of speed, level and oil. */
@Controller
@RequestMapping("/runs")
class RunController {

  private final BearingRunRepository runs;
  private final Clock clock;

  RunController(BearingRunRepository runs, Clock clock) {
    this.runs = runs;
    this.clock = clock;
  }

  /** A series; without a name the first one. */
  @GetMapping
  String show(@RequestParam(defaultValue = "") String series, Model model) {
    return show(series, new RunForm(Map.of("series", series), new FieldProblems()), model);
  }

  private String show(String series, RunForm form, Model model) {
    List<String> all = runs.series();
    String shown = series.isEmpty() && !all.isEmpty() ? all.get(0) : series;
    model.addAttribute("all", all);
    model.addAttribute("form", form);
    model.addAttribute("sheet", RunSheet.of(shown, runs.findTop200BySeriesOrderByIdDesc(shown)));
    return "runs";
  }

  @PostMapping
  String add(
      @RequestParam Map<String, String> fields,
      @AuthenticationPrincipal Person person,
      Model model,
      RedirectAttributes next,
      HttpServletResponse response) {
    RunForm form = new RunForm(fields, new FieldProblems());
    Optional<TestRun> run = form.read();
    if (run.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(form.get("series"), form, model);
    }
    runs.save(new BearingRun(form.get("series"), run.get(), person.getName(), clock.instant()));
    next.addAttribute("series", form.get("series"));
    return "redirect:/runs";
  }

  @GetMapping("/{id}/remove")
  String again(@PathVariable long id) {
    return "redirect:/runs";
  }

  /** A run that was written down wrong. */
  @PostMapping("/{id}/remove")
  String remove(@PathVariable long id, RedirectAttributes next) {
    Optional<BearingRun> run = runs.findById(id);
    run.ifPresent(
        r -> {
          runs.delete(r);
          next.addAttribute("series", r.getSeries());
        });
    return "redirect:/runs";
  }
}
