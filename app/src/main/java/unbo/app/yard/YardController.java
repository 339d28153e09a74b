package unbo.app.yard;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.drawing.VehiclePlan;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.app.listening.Listening;
import unbo.app.listening.Listenings;
import unbo.app.vehicle.Vehicles;
import unbo.app.yard.YardRows.OpenJob;

/** The yard in plan view and as a list. */
@Controller
class YardController {

  private final Vehicles vehicles;
  private final JobLists jobs;
  private final Listenings listenings;
  private final Mornings mornings;

  YardController(Vehicles vehicles, JobLists jobs, Listenings listenings, Mornings mornings) {
    this.vehicles = vehicles;
    this.jobs = jobs;
    this.listenings = listenings;
    this.mornings = mornings;
  }

  @GetMapping("/")
  String home() {
    return "redirect:/yard";
  }

  @GetMapping("/yard")
  String yard(@RequestParam(defaultValue = "plan") String view, Model model) {
    List<Job> whole = jobs.openWhole();
    List<OpenJob> open = whole.stream().map(YardRows::open).toList();
    Map<Long, List<OpenJob>> byVehicle =
        open.stream().collect(Collectors.groupingBy(j -> j.job().getVehicle().getId()));
    List<Listening> standing = listenings.standing();
    List<YardRows.Row> rows =
        vehicles.all().stream()
            .map(
                v ->
                    YardRows.row(
                        v,
                        VehiclePlan.inYard(v.layout()),
                        byVehicle.getOrDefault(v.getId(), List.of()),
                        standing))
            .toList();
    model.addAttribute("morning", mornings.of(whole, standing));
    model.addAttribute("rows", rows);
    model.addAttribute("open", open);
    model.addAttribute("lately", jobs.lately());
    model.addAttribute("list", view.equals("list"));
    return "yard";
  }
}
