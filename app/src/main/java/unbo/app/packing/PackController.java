package unbo.app.packing;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.Map;
import org.springframework.context.annotation.Lazy;
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
import unbo.app.job.Job;
import unbo.app.job.JobPage;
import unbo.app.job.Jobs;
import unbo.app.job.Selection;
import unbo.app.job.StaleStation;
import unbo.app.job.Station;
import unbo.app.job.StationLine;
import unbo.app.job.StationMark;
import unbo.app.job.Worksheet;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.PartTemplate;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/** Charges for the bearings and hollows of a job, and the calibration of the shop's gun. */
@Controller
@RequestMapping("/jobs/{id}/pack")
class PackController implements Worksheet {

  private static final double MOST_PER_STROKE_G = 10;

  private final Jobs jobs;
  private final JobPage page;
  private final GreaseGunRepository guns;
  private final Figures figures;
  private final Clock clock;

  PackController(
      Jobs jobs, @Lazy JobPage page, GreaseGunRepository guns, Figures figures, Clock clock) {
    this.jobs = jobs;
    this.page = page;
    this.guns = guns;
    this.figures = figures;
    this.clock = clock;
  }

  @Override
  public Station station() {
    return Station.PACK;
  }

  @Override
  public boolean serves(Arrangement arrangement) {
    return !arrangement.namedPlaces().isEmpty();
  }

  @Override
  public void fill(Model model, Job job, PartTemplate selected) {
    if (!model.containsAttribute("pack")) {
      model.addAttribute("pack", sheet(job, PackInput.recorded(job), new FieldProblems()));
    }
    model.addAttribute("revision", job.work().revision(Station.PACK));
    if (!model.containsAttribute("packed")) {
      model.addAttribute("packed", job.work().getPack().duty().isPresent());
    }
  }

  private PackSheet sheet(Job job, Map<String, String> fields, FieldProblems problems) {
    return PackSheet.of(job, fields, problems, guns.findTopByOrderByIdDesc(), figures);
  }

  @GetMapping
  String again(@PathVariable long id) {
    return "redirect:/jobs/" + id + "?at=pack";
  }

  /** The page as if the form were saved, nothing written. */
  @PostMapping("/preview")
  String preview(@PathVariable long id, @RequestParam Map<String, String> fields, Model model) {
    return show(model, jobs.get(id), fields);
  }

  @PostMapping
  String save(
      @PathVariable long id,
      @RequestParam Map<String, String> fields,
      @RequestParam int revision,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Job job = jobs.get(id);
    PackInput input = PackInput.of(job, fields);
    if (!input.problems().isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(model, job, fields);
    }
    try {
      Job saved =
          jobs.change(
              id,
              Station.PACK,
              revision,
              person.getName(),
              StationMark.State.DONE,
              describe(job, input),
              (work, s) -> work.setPack(input.record(), input.masses()));
      return "redirect:" + Selection.at(StationLine.next(saved), saved).address(saved);
    } catch (StaleStation e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("stale", e.latest());
      return show(model, jobs.get(id), fields);
    }
  }

  /** Weighs the gun: so many strokes gave so many grams. */
  @PostMapping("/gun")
  String gun(
      @PathVariable long id,
      @RequestParam Map<String, String> fields,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    FieldProblems problems = new FieldProblems();
    double strokes =
        problems.take("strokes", required(QuantityEntry.COUNT, fields, "strokes")).orElse(0.0);
    double grams =
        problems.take("grams", required(QuantityEntry.MASS, fields, "grams")).orElse(0.0);
    if (problems.isEmpty() && !(strokes >= 1 && strokes <= 200)) {
      problems.add("strokes", impossible(fields.get("strokes"), "Count 1 to 200 strokes."));
    }
    if (problems.isEmpty() && !(grams > 0 && grams / strokes <= MOST_PER_STROKE_G)) {
      problems.add(
          "grams", impossible(fields.get("grams"), "A hand gun gives up to 10 g per stroke."));
    }
    Job job = jobs.get(id);
    if (problems.isEmpty()) {
      guns.save(new GreaseGun((int) strokes, grams, person.getName(), clock.instant()));
      return "redirect:/jobs/" + id + "?at=pack";
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    Map<String, String> all = PackInput.recorded(job);
    all.putAll(fields);
    model.addAttribute("pack", sheet(job, all, problems));
    return page.show(model, job, Selection.at(Station.PACK, job));
  }

  private static unbo.core.units.Entry<Double> required(
      QuantityEntry kind, Map<String, String> fields, String field) {
    String typed = fields.getOrDefault(field, "");
    return typed.isBlank()
        ? unbo.core.units.Entry.refused(typed, "Missing.", "Weigh the grease of ten strokes.")
        : kind.parse(typed);
  }

  private static Problem impossible(String typed, String remedy) {
    return new Problem(typed, "Out of range.", remedy);
  }

  private String show(Model model, Job job, Map<String, String> fields) {
    PackInput input = PackInput.of(job, fields);
    model.addAttribute("packed", false);
    job.work().setPack(input.record(), input.masses());
    model.addAttribute("pack", sheet(job, fields, input.problems()));
    return page.show(model, job, Selection.at(Station.PACK, job));
  }

  private static String describe(Job job, PackInput input) {
    String was = job.work().getPack().duty().map(d -> d.title() + " → ").orElse("");
    return was
        + input.record().duty().orElseThrow().title()
        + (input.record().byHand() ? ", packed by hand" : ", by share")
        + (input.masses().isEmpty() ? "" : ", masses weighed " + input.masses());
  }
}
