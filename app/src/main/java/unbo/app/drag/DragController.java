package unbo.app.drag;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.LinkedHashMap;
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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import unbo.app.account.Person;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.app.job.Jobs;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;
import unbo.app.web.FieldProblems;
import unbo.app.web.NumberField;
import unbo.core.units.Problem;

/** The drag of a vehicle's wheel bearings in one list; other ways to spend are the shop's. */
@Controller
class DragController {

  private static final int LONGEST = 100;

  private final Vehicles vehicles;
  private final Jobs jobs;
  private final JobLists jobLists;
  private final OtherWayRepository ways;
  private final Clock clock;

  DragController(
      Vehicles vehicles, Jobs jobs, JobLists jobLists, OtherWayRepository ways, Clock clock) {
    this.vehicles = vehicles;
    this.jobs = jobs;
    this.jobLists = jobLists;
    this.ways = ways;
    this.clock = clock;
  }

  @GetMapping("/vehicles/{id}/drag")
  String show(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
    return show(id, kept(typed), new FieldProblems(), model);
  }

  private static Map<String, String> kept(Map<String, String> typed) {
    Map<String, String> fields = new LinkedHashMap<>();
    typed.forEach((k, v) -> fields.put(k, v.length() > LONGEST ? v.substring(0, LONGEST) : v));
    return fields;
  }

  private String show(long id, Map<String, String> fields, FieldProblems ofWay, Model model) {
    Vehicle vehicle = vehicles.get(id);
    boolean asked = !fields.getOrDefault("kmh", "").isBlank();
    model.addAttribute("vehicle", vehicle);
    model.addAttribute(
        "drag",
        VehicleDrag.of(
            vehicle, asked ? last(vehicle) : Map.of(), ways.findTop50ByOrderByIdDesc(), fields));
    model.addAttribute("ofWay", ofWay);
    return "vehicle-drag";
  }

  @GetMapping("/vehicles/{id}/drag/ways")
  String waysAgain(@PathVariable long id) {
    return "redirect:/vehicles/" + id + "/drag";
  }

  /** Another way to spend, or one that is no longer one. */
  @PostMapping("/vehicles/{id}/drag/ways")
  String way(
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      @AuthenticationPrincipal Person person,
      Model model,
      RedirectAttributes next,
      HttpServletResponse response) {
    Map<String, String> fields = kept(typed);
    String gone = fields.getOrDefault("remove", "");
    FieldProblems problems = new FieldProblems();
    if (gone.matches("\\d{1,18}")) {
      ways.findById(Long.valueOf(gone)).ifPresent(ways::delete);
    } else {
      read(fields, person, problems).ifPresent(ways::save);
    }
    if (!problems.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(id, fields, problems, model);
    }
    VehicleDrag.ASKED.forEach(
        f -> {
          if (!fields.getOrDefault(f, "").isBlank()) {
            next.addAttribute(f, fields.get(f));
          }
        });
    return "redirect:/vehicles/" + id + "/drag";
  }

  private Optional<OtherWay> read(
      Map<String, String> fields, Person person, FieldProblems problems) {
    String words = fields.getOrDefault("way-words", "").strip();
    Optional<Double> watts = needed("way-watts", 0.01, 1e5, fields, problems);
    Optional<Double> price = needed("way-price", 0, 1e7, fields, problems);
    if (words.isEmpty()) {
      problems.add("way-words", new Problem("", "No name.", "Write what it is: tyres, a fairing."));
    }
    return problems.isEmpty()
        ? Optional.of(
            new OtherWay(words, watts.get(), price.get(), person.getName(), clock.instant()))
        : Optional.empty();
  }

  private static Optional<Double> needed(
      String field, double least, double most, Map<String, String> fields, FieldProblems problems) {
    Optional<Double> read =
        NumberField.read(field, fields.getOrDefault(field, ""), least, most, problems);
    if (read.isEmpty() && problems.at(field) == null) {
      problems.add(field, new Problem("", "Missing.", "Enter what it is."));
    }
    return read;
  }

  /** The last job at each position knows what was read there. */
  private Map<String, Job> last(Vehicle vehicle) {
    Map<String, Long> newest = new LinkedHashMap<>();
    List<Job> all = jobLists.of(vehicle);
    all.forEach(j -> newest.putIfAbsent(j.getPosition(), j.getId()));
    Map<String, Job> last = new LinkedHashMap<>();
    newest.forEach((position, job) -> last.put(position, jobs.get(job)));
    return last;
  }
}
