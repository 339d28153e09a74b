package unbo.app.round;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;
import unbo.app.web.FieldProblems;
import unbo.app.web.NoSuchPage;
import unbo.core.round.RoundMeasure;

/** Rounds of a vehicle: start, walk, end. */
@Controller
class RoundController {

  private final Rounds rounds;
  private final Vehicles vehicles;

  RoundController(Rounds rounds, Vehicles vehicles) {
    this.rounds = rounds;
    this.vehicles = vehicles;
  }

  @GetMapping("/vehicles/{id}/rounds")
  String list(@PathVariable long id, Model model) {
    Vehicle vehicle = vehicles.get(id);
    List<VehicleRound> all = new java.util.ArrayList<>(rounds.of(vehicle));
    Collections.reverse(all);
    model.addAttribute("vehicle", vehicle);
    model.addAttribute("rounds", all);
    model.addAttribute("positions", vehicle.layout().positions());
    return "rounds";
  }

  @PostMapping("/vehicles/{id}/rounds")
  String start(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String at,
      @AuthenticationPrincipal Person person) {
    Vehicle vehicle = vehicles.get(id);
    if (!at.isEmpty() && vehicle.position(at).isEmpty()) {
      throw new NoSuchPage("There is no such position.");
    }
    return "redirect:/rounds/" + rounds.start(vehicle, at, person.getName()).getId();
  }

  @GetMapping("/rounds/{id}")
  String show(@PathVariable long id, @RequestParam(defaultValue = "") String at, Model model) {
    return show(model, rounds.get(id), at, null);
  }

  private String show(Model model, VehicleRound round, String at, RoundForm typed) {
    RoundSheet sheet = RoundSheet.of(round, rounds.found(round), rounds.trends(round), at);
    model.addAttribute("round", round);
    model.addAttribute("sheet", sheet);
    model.addAttribute(
        "form",
        typed != null ? typed : new RoundForm(new HashMap<>(), new FieldProblems(), Map.of()));
    model.addAttribute("measures", RoundMeasure.values());
    model.addAttribute("feels", RoundForm.FEELS);
    model.addAttribute("before", rounds.before(round).orElse(null));
    return "round";
  }

  @PostMapping("/rounds/{id}/lines")
  String note(
      @PathVariable long id,
      @RequestParam String position,
      @RequestParam Map<String, String> fields,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    VehicleRound round = rounds.get(id);
    if (round.isEnded() || round.walk().stream().noneMatch(p -> p.code().equals(position))) {
      throw new NoSuchPage("This walkaround check has ended, or has no such position.");
    }
    RoundForm form = RoundForm.of(fields);
    if (!form.problems().isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(model, round, position, form);
    }
    rounds.note(round, position, form, person.getName());
    return "redirect:/rounds/" + id;
  }

  @PostMapping("/rounds/{id}/end")
  String end(@PathVariable long id, @AuthenticationPrincipal Person person) {
    rounds.end(id, person.getName());
    return "redirect:/rounds/" + id;
  }
}
