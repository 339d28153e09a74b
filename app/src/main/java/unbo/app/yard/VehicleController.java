package unbo.app.yard;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
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
import unbo.app.drawing.VehiclePicture;
import unbo.app.drawing.VehiclePlan;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.app.job.Jobs;
import unbo.app.job.OpenAlready;
import unbo.app.job.SecondJob;
import unbo.app.listening.Listenings;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;
import unbo.app.web.FieldProblems;
import unbo.app.web.NoSuchPage;
import unbo.app.yard.YardRows.OpenJob;
import unbo.core.arrangement.Arrangements;
import unbo.core.units.Digits;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.vehicle.Position;
import unbo.core.vehicle.VehicleTemplate;

/** A vehicle in plan with all its positions, new vehicles, and the opening of a job. */
@Controller
@RequestMapping("/vehicles")
class VehicleController {

  private static final List<TemplateRow> TEMPLATES =
      VehicleTemplate.all().stream().map(TemplateRow::of).toList();

  private static final int LONGEST_COMPLAINT = 500;
  private static final double PLAN_HEIGHT = 620;
  private static final double MOST_KMH = 400;

  private final Vehicles vehicles;
  private final Jobs jobs;
  private final JobLists jobLists;
  private final Listenings listenings;
  private final OwnPositions own;

  VehicleController(
      Vehicles vehicles, Jobs jobs, JobLists jobLists, Listenings listenings, OwnPositions own) {
    this.own = own;
    this.vehicles = vehicles;
    this.jobs = jobs;
    this.jobLists = jobLists;
    this.listenings = listenings;
  }

  /** A position in the list beside the plan. */
  public record PositionRow(
      int number,
      Position position,
      String arrangement,
      OpenJob job,
      long closed,
      boolean removable,
      String converted) {}

  /** What its papers say of its speed; empty for not known. */
  @PostMapping("/{id}/top-speed")
  String topSpeed(
      @PathVariable long id,
      @RequestParam(name = "top-speed", defaultValue = "") String typed,
      Model model,
      HttpServletResponse response) {
    vehicles.get(id);
    FieldProblems problems = new FieldProblems();
    Optional<Double> kmh = problems.take("top-speed", QuantityEntry.SPEED.parse(typed));
    if (kmh.isPresent() && !(kmh.get() >= 1 && kmh.get() <= MOST_KMH)) {
      problems.add(
          "top-speed",
          new Problem(typed, "Not a speed of a vehicle.", "Enter 1 to 400 km/h, or nothing."));
    }
    if (!problems.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("topSpeed", typed);
      model.addAttribute("topSpeedProblem", problems.at("top-speed"));
      return show(id, model);
    }
    vehicles.recordTopSpeed(id, kmh.orElse(null));
    return "redirect:/vehicles/" + id;
  }

  @GetMapping("/{id}")
  String show(@PathVariable long id, Model model) {
    Vehicle vehicle = vehicles.get(id);
    if (!model.containsAttribute("topSpeed")) {
      OptionalDouble kmh = vehicle.topSpeed();
      model.addAttribute("topSpeed", kmh.isPresent() ? Digits.exact(kmh.getAsDouble()) : "");
    }
    List<Job> all = jobLists.of(vehicle);
    List<OpenJob> open = all.stream().filter(j -> !j.isClosed()).map(YardRows::open).toList();
    VehiclePlan plan = VehiclePlan.alone(vehicle.layout(), PLAN_HEIGHT);
    YardRows.Row row = YardRows.row(vehicle, plan, open, listenings.standing());
    model.addAttribute("row", row);
    Set<String> removable = own.removable(vehicle, all);
    Map<String, String> converted = new java.util.HashMap<>();
    jobLists.conversions(vehicle).forEach(c -> converted.put(c.getPosition(), c.getNow()));
    model.addAttribute(
        "positions",
        plan.marks().stream()
            .map(
                m ->
                    new PositionRow(
                        m.number(),
                        m.position(),
                        Arrangements.of(m.position().arrangement()).title(),
                        row.openAt(m.position()),
                        closedAt(all, m.position()),
                        removable.contains(m.position().code()),
                        converted.getOrDefault(m.position().code(), "")))
            .toList());
    model.addAttribute("past", all.stream().filter(Job::isClosed).toList());
    return "vehicle";
  }

  private static long closedAt(List<Job> all, Position position) {
    return all.stream()
        .filter(j -> j.isClosed() && j.getPosition().equals(position.code()))
        .count();
  }

  /** Templates to start from, or the form of one. */
  @GetMapping("/new")
  String ask(@RequestParam(required = false) String template, Model model) {
    if (template == null) {
      model.addAttribute("templates", TEMPLATES);
    } else {
      form(model, VehicleForm.from(template(template)));
    }
    return "new-vehicle";
  }

  /** A template to choose, with a drawing that says its kind sooner than its words. */
  public record TemplateRow(VehicleTemplate template, VehiclePicture picture) {
    private static final double HEIGHT = 92;

    static TemplateRow of(VehicleTemplate template) {
      VehiclePlan plan = VehiclePlan.small(template.layout(), HEIGHT);
      return new TemplateRow(template, new VehiclePicture(plan, template.title(), null, Map.of()));
    }
  }

  @PostMapping("/new")
  String add(
      @RequestParam String template,
      @RequestParam Map<String, String> fields,
      Model model,
      HttpServletResponse response) {
    VehicleForm form = VehicleForm.typed(template(template), fields);
    Optional<Vehicle> vehicle = form.vehicle();
    if (vehicle.isPresent()) {
      return "redirect:/vehicles/" + vehicles.save(vehicle.get()).getId();
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    form(model, form);
    return "new-vehicle";
  }

  private static void form(Model model, VehicleForm form) {
    model.addAttribute("form", form);
    Vehicle drawn =
        new Vehicle("the new vehicle", form.template().layout().kind(), "", "")
            .withLayout(form.layout().orElse(form.template().layout()));
    model.addAttribute(
        "row", YardRows.row(drawn, VehiclePlan.alone(drawn.layout(), 420), List.of(), List.of()));
  }

  private static VehicleTemplate template(String id) {
    return VehicleTemplate.withId(id)
        .orElseThrow(() -> new NoSuchPage("There is no such kind of vehicle to start from."));
  }

  /** The form to open a job at a position. */
  @GetMapping("/{id}/positions/{position}/open")
  String ask(@PathVariable long id, @PathVariable String position, Model model) {
    return openForm(model, vehicles.get(id), position, "", null);
  }

  @PostMapping("/{id}/positions/{position}/open")
  String open(
      @PathVariable long id,
      @PathVariable String position,
      @RequestParam(defaultValue = "") String complaint,
      @RequestParam(defaultValue = "false") boolean another,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Vehicle vehicle = vehicles.get(id);
    place(vehicle, position);
    Optional<Problem> problem = problemWith(complaint);
    if (problem.isPresent()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return openForm(model, vehicle, position, complaint, problem.get());
    }
    try {
      Job job = jobs.openOnce(vehicle, position, complaint.strip(), person.getName(), another);
      return "redirect:/jobs/" + job.getId();
    } catch (OpenAlready e) {
      String address = "/vehicles/" + id + "/positions/" + position + "/open";
      return SecondJob.ask(e, address, Map.of("complaint", complaint), model, response);
    }
  }

  private static String openForm(
      Model model, Vehicle vehicle, String position, String complaint, Problem problem) {
    Position place = place(vehicle, position);
    model.addAttribute("vehicle", vehicle);
    model.addAttribute("place", place);
    model.addAttribute("arrangement", Arrangements.of(place.arrangement()));
    model.addAttribute("complaint", complaint);
    model.addAttribute("problem", problem);
    return "open-job";
  }

  private static Optional<Problem> problemWith(String complaint) {
    if (complaint.isBlank()) {
      return Optional.of(
          new Problem(
              "",
              "The complaint is missing.",
              "Enter in a few words what was noticed: a growl, a loose wheel, a hot cap."));
    }
    return complaint.length() > LONGEST_COMPLAINT
        ? Optional.of(
            new Problem(
                complaint, "Too long.", "Enter at most " + LONGEST_COMPLAINT + " characters."))
        : Optional.empty();
  }

  private static Position place(Vehicle vehicle, String position) {
    return vehicle
        .position(position)
        .orElseThrow(() -> new NoSuchPage("There is no such position."));
  }
}
