package unbo.app.listening;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.vehicle.VehicleKind;

/** Narrows a complaint down to a cause, for some car, some trailer, or a vehicle of the yard. */
@Controller
@RequestMapping("/listen")
class ListenController {

  private final Vehicles vehicles;
  private final Figures figures;

  ListenController(Vehicles vehicles, Figures figures) {
    this.vehicles = vehicles;
    this.figures = figures;
  }

  /** The kinds that have tables, and the vehicles of the yard that belong to them. */
  @GetMapping
  String choose(Model model) {
    model.addAttribute("kinds", new TreeSet<>(DiagnosisModel.kinds()));
    model.addAttribute(
        "vehicles",
        vehicles.all().stream().filter(v -> DiagnosisModel.of(v.getKind()).isPresent()).toList());
    return "listen-list";
  }

  @GetMapping("/{kind}")
  String show(
      @PathVariable String kind,
      @RequestParam(defaultValue = "") String vehicle,
      @RequestParam Map<String, String> parameters,
      Model model) {
    DiagnosisModel tables =
        VehicleKind.withId(kind)
            .flatMap(DiagnosisModel::of)
            .orElseThrow(() -> new NoSuchPage("There are no tables for that kind of vehicle yet."));
    Map<String, String> answers = new LinkedHashMap<>();
    parameters.forEach(
        (test, answer) ->
            tables
                .test(test)
                .flatMap(t -> t.answer(answer))
                .ifPresent(a -> answers.put(test, answer)));
    Vehicle named = vehicle.matches("\\d{1,9}") ? vehicles.get(Long.parseLong(vehicle)) : null;
    boolean fits = named != null && named.getKind() == tables.kind();
    Diagnosis diagnosis = Diagnosis.of(tables, answers);
    model.addAttribute("kind", tables.kind());
    model.addAttribute("vehicle", fits ? named : null);
    model.addAttribute("unread", unread(parameters, answers));
    model.addAttribute(
        "listen", ListenSheet.of(diagnosis, tables, answers, fits ? vehicle : "", figures));
    return "listen";
  }

  /** What stands in the address and is no test or no answer of one. */
  private static List<String> unread(Map<String, String> parameters, Map<String, String> answers) {
    return parameters.keySet().stream()
        .filter(p -> !p.equals("vehicle") && !answers.containsKey(p))
        .limit(5)
        .toList();
  }
}
