package unbo.app.yard;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.job.Job;
import unbo.app.job.JobLists;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;

/** Finds vehicles and jobs by anything that is written on them. */
@Controller
class SearchController {

  private static final int LONGEST = 100;

  private final Vehicles vehicles;
  private final JobLists jobs;

  SearchController(Vehicles vehicles, JobLists jobs) {
    this.vehicles = vehicles;
    this.jobs = jobs;
  }

  @GetMapping("/search")
  String search(@RequestParam(name = "q", defaultValue = "") String typed, Model model) {
    String text = typed.strip();
    String taken = text.length() > LONGEST ? text.substring(0, LONGEST) : text;
    List<Job> found = taken.isEmpty() ? List.of() : jobs.search(taken);
    List<Vehicle> matching = taken.isEmpty() ? List.of() : vehicles.search(taken);
    model.addAttribute("typed", typed);
    model.addAttribute("cut", text.length() > LONGEST);
    model.addAttribute("jobs", found);
    model.addAttribute("vehicles", matching);
    return "search";
  }
}
