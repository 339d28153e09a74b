package unbo.app.yard;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.drawing.YardPlan;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.StationLine;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleRepository;
import unbo.app.vehicle.WheelPosition;
import unbo.app.web.NoSuchPage;
import unbo.core.units.Problem;

/** The yard in plan view, as a list, and the opening of a job at a wheel. */
@Controller
class YardController {

  private static final int LONGEST_COMPLAINT = 500;

  private final VehicleRepository vehicles;
  private final Jobs jobs;

  YardController(VehicleRepository vehicles, Jobs jobs) {
    this.vehicles = vehicles;
    this.jobs = jobs;
  }

  /** A vehicle as the yard shows it. */
  public record Row(
      Vehicle vehicle, YardPlan plan, List<OpenJob> open, Map<String, OpenJob> byPosition) {}

  /** An open job with where it stands. */
  public record OpenJob(Job job, List<StationLine.Journal> stations, String next) {}

  @GetMapping("/")
  String home() {
    return "redirect:/yard";
  }

  @GetMapping("/yard")
  String yard(@RequestParam(defaultValue = "plan") String view, Model model) {
    List<OpenJob> open = jobs.open().stream().map(YardController::row).toList();
    Map<Long, List<OpenJob>> byVehicle =
        open.stream().collect(Collectors.groupingBy(j -> j.job().getVehicle().getId()));
    List<Row> rows =
        vehicles.findAll().stream()
            .map(v -> row(v, byVehicle.getOrDefault(v.getId(), List.of())))
            .toList();
    model.addAttribute("rows", rows);
    model.addAttribute("open", open);
    model.addAttribute("lately", jobs.lately());
    model.addAttribute("list", view.equals("list"));
    return "yard";
  }

  /** The form to open a job at a wheel. */
  @GetMapping("/vehicles/{id}/positions/{position}/open")
  String ask(@PathVariable long id, @PathVariable String position, Model model) {
    return form(model, vehicle(id), position, "", null);
  }

  @PostMapping("/vehicles/{id}/positions/{position}/open")
  String open(
      @PathVariable long id,
      @PathVariable String position,
      @RequestParam(defaultValue = "") String complaint,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Vehicle vehicle = vehicle(id);
    wheel(vehicle, position);
    Optional<Problem> problem = problemWith(complaint);
    if (problem.isPresent()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return form(model, vehicle, position, complaint, problem.get());
    }
    Job job = jobs.openAt(vehicle, position, complaint.strip(), person.getName());
    return "redirect:/jobs/" + job.getId();
  }

  private static String form(
      Model model, Vehicle vehicle, String position, String complaint, Problem problem) {
    model.addAttribute("vehicle", vehicle);
    model.addAttribute("wheel", wheel(vehicle, position));
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
              "Say in a few words what was noticed: a growl, a loose wheel, a hot cap."));
    }
    return complaint.length() > LONGEST_COMPLAINT
        ? Optional.of(
            new Problem(
                complaint, "That is too long.", "Say it in " + LONGEST_COMPLAINT + " characters."))
        : Optional.empty();
  }

  private Vehicle vehicle(long id) {
    return vehicles
        .findById(id)
        .orElseThrow(() -> new NoSuchPage("There is no vehicle " + id + "."));
  }

  private static WheelPosition wheel(Vehicle vehicle, String position) {
    return vehicle
        .position(position)
        .filter(WheelPosition::taperPair)
        .orElseThrow(() -> new NoSuchPage("No taper hub stands at that position."));
  }

  private static OpenJob row(Job job) {
    return new OpenJob(
        job, StationLine.of(job, StationLine.next(job)), StationLine.next(job).title());
  }

  private static Row row(Vehicle vehicle, List<OpenJob> open) {
    Map<String, OpenJob> byPosition =
        open.stream().collect(Collectors.toMap(j -> j.job().getPosition(), j -> j, (a, b) -> a));
    return new Row(vehicle, YardPlan.of(vehicle), open, byPosition);
  }
}
