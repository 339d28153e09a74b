package unbo.app.listening;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
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
import unbo.app.job.OpenAlready;
import unbo.app.job.SecondJob;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;
import unbo.app.web.FieldProblems;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/** Ends a search: in a job at the right position, in a recheck, or in nothing. */
@Controller
@RequestMapping("/listen/{id}")
class ListenEndController {

  private static final int LONGEST_NOTE = 500;
  private static final int MOST_YEARS_AHEAD = 5;
  private static final double MOST_KM = 50_000;

  private final Listenings listenings;
  private final ListenPage page;
  private final Vehicles vehicles;
  private final Clock clock;

  ListenEndController(Listenings listenings, ListenPage page, Vehicles vehicles, Clock clock) {
    this.listenings = listenings;
    this.page = page;
    this.vehicles = vehicles;
    this.clock = clock;
  }

  /** Opens the job; its findings are what counts now. */
  @PostMapping("/job")
  String job(
      @PathVariable long id,
      @RequestParam String position,
      @RequestParam(defaultValue = "") String vehicle,
      @RequestParam(defaultValue = "false") boolean another,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    Listening listening = listenings.get(id);
    if (listening.getJobId() != null) {
      return "redirect:/jobs/" + listening.getJobId();
    }
    listenings.goingOn(id);
    Optional<Vehicle> at = at(listening, vehicle, position);
    if (at.isEmpty()) {
      FieldProblems problems = new FieldProblems();
      problems.add(
          "vehicle",
          new Problem(
              "",
              "The job needs a vehicle from the yard with this position.",
              "Choose one, or add the vehicle under New vehicle first."));
      return refused(model, id, new EndingForm("", "", "", vehicle, problems), response);
    }
    try {
      Job job = listenings.open(id, at.get(), position, person.getName(), another);
      return "redirect:" + Selection.at(Station.NAME, job).address(job);
    } catch (OpenAlready e) {
      Map<String, String> fields = Map.of("position", position, "vehicle", vehicle);
      return SecondJob.ask(e, "/listen/" + id + "/job", fields, model, response);
    }
  }

  private Optional<Vehicle> at(Listening listening, String vehicle, String position) {
    Optional<Vehicle> named = Optional.ofNullable(listening.getVehicle());
    if (named.isEmpty() && vehicle.matches("\\d{1,9}")) {
      named = Optional.of(vehicles.get(Long.parseLong(vehicle)));
    }
    return named
        .filter(v -> v.getKind() == listening.getKind())
        .filter(v -> v.position(position).isPresent());
  }

  /** Books a recheck: none of these, or not yet. */
  @PostMapping("/recheck")
  String recheck(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String recheckOn,
      @RequestParam(defaultValue = "") String recheckKm,
      @RequestParam(defaultValue = "") String note,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    listenings.goingOn(id);
    FieldProblems problems = new FieldProblems();
    LocalDate on = day(recheckOn, problems);
    Optional<Double> km =
        problems.take(
            "recheckKm",
            QuantityEntry.DISTANCE
                .parse(recheckKm)
                .check(
                    v ->
                        v >= 1 && v <= MOST_KM
                            ? Optional.empty()
                            : Optional.of(
                                new Problem(recheckKm, "Out of range.", "Enter 1 to 50 000 km."))));
    if (note.length() > LONGEST_NOTE) {
      problems.add(
          "note",
          new Problem(note.substring(0, 40) + "…", "Too long.", "Enter at most 500 characters."));
    }
    if (!problems.isEmpty()) {
      return refused(model, id, new EndingForm(recheckOn, recheckKm, note, "", problems), response);
    }
    listenings.recheck(
        id, on, km.map(v -> (int) Math.round(v)).orElse(null), note.strip(), person.getName());
    return "redirect:/listen/" + id;
  }

  private LocalDate day(String typed, FieldProblems problems) {
    LocalDate today = LocalDate.now(clock);
    try {
      LocalDate day = LocalDate.parse(typed.strip());
      if (!day.isBefore(today) && day.isBefore(today.plusYears(MOST_YEARS_AHEAD))) {
        return day;
      }
    } catch (DateTimeParseException e) {
      // Said below, with an example.
    }
    problems.add(
        "recheckOn",
        new Problem(
            typed,
            "Date not understood, or not within the next five years.",
            "Write it as " + today.plusWeeks(2) + "."));
    return null;
  }

  private String refused(Model model, long id, EndingForm form, HttpServletResponse response) {
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute("ending", form);
    return page.show(model, id, "", "");
  }

  @PostMapping("/drop")
  String drop(@PathVariable long id, @AuthenticationPrincipal Person person) {
    listenings.drop(id, person.getName());
    return "redirect:/listen";
  }
}
