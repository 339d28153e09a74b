package unbo.app.packing;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;

/** The drag of a vehicle's wheel bearings in one list; nothing is kept. */
@Controller
class DragController {

  private static final int LONGEST = 100;

  private final Vehicles vehicles;
  private final Jobs jobs;

  DragController(Vehicles vehicles, Jobs jobs) {
    this.vehicles = vehicles;
    this.jobs = jobs;
  }

  @GetMapping("/vehicles/{id}/drag")
  String show(@PathVariable long id, @RequestParam Map<String, String> typed, Model model) {
    Vehicle vehicle = vehicles.get(id);
    Map<String, String> fields = new LinkedHashMap<>();
    typed.forEach((k, v) -> fields.put(k, v.length() > LONGEST ? v.substring(0, LONGEST) : v));
    boolean asked = !fields.getOrDefault("kmh", "").isBlank();
    model.addAttribute("vehicle", vehicle);
    model.addAttribute("drag", VehicleDrag.of(vehicle, asked ? last(vehicle) : Map.of(), fields));
    return "vehicle-drag";
  }

  /** The last job at each position knows what was read there. */
  private Map<String, Job> last(Vehicle vehicle) {
    Map<String, Long> newest = new LinkedHashMap<>();
    List<Job> all = jobs.of(vehicle);
    all.forEach(j -> newest.putIfAbsent(j.getPosition(), j.getId()));
    Map<String, Job> last = new LinkedHashMap<>();
    newest.forEach((position, job) -> last.put(position, jobs.get(job)));
    return last;
  }
}
