package unbo.app.yard;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.vehicle.NewPosition;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;
import unbo.app.web.NoSuchPage;

/** Positions that a mechanic adds to a vehicle, and takes away again while nothing names them. */
@Controller
@RequestMapping("/vehicles/{id}/positions")
class PositionController {

  private final Vehicles vehicles;
  private final OwnPositions own;

  PositionController(Vehicles vehicles, OwnPositions own) {
    this.vehicles = vehicles;
    this.own = own;
  }

  @GetMapping("/new")
  String ask(@PathVariable long id, @RequestParam Map<String, String> fields, Model model) {
    Vehicle vehicle = vehicles.get(id);
    return form(model, vehicle, PositionForm.of(vehicle.getKind(), fields));
  }

  @PostMapping("/new")
  String add(
      @PathVariable long id,
      @RequestParam Map<String, String> fields,
      Model model,
      HttpServletResponse response) {
    Vehicle vehicle = vehicles.get(id);
    PositionForm form = PositionForm.of(vehicle.getKind(), fields);
    Optional<NewPosition> position = form.position();
    if (position.isPresent()) {
      return "redirect:/vehicles/" + id + "#" + vehicles.add(id, position.get()).code();
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return form(model, vehicle, form);
  }

  private static String form(Model model, Vehicle vehicle, PositionForm form) {
    model.addAttribute("vehicle", vehicle);
    model.addAttribute("form", form);
    return "new-position";
  }

  /** A position that a job or a walkaround names stays: their records would lose their place. */
  @PostMapping("/{position}/remove")
  String remove(@PathVariable long id, @PathVariable String position) {
    Vehicle vehicle = vehicles.get(id);
    if (!own.removable(vehicle).contains(position)) {
      throw new NoSuchPage("There is no position to remove: it is in use, or was never added.");
    }
    vehicles.removePosition(id, position);
    return "redirect:/vehicles/" + id;
  }
}
