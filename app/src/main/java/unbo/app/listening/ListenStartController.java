package unbo.app.listening;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import unbo.app.account.Person;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;
import unbo.app.web.NoSuchPage;
import unbo.core.diagnosis.Complaint;
import unbo.core.diagnosis.DiagnosisModel;
import unbo.core.vehicle.VehicleKind;

/** Starts a search on a vehicle of the yard, or on some car or trailer. */
@Controller
@RequestMapping("/listen")
class ListenStartController {

  private static final int LONGEST_WORDS = 400;

  /** Signs to pick from, for who does not care to type. */
  private static final List<String> SIGNS =
      List.of("growl", "click", "knock", "squeal", "scrape", "wobble", "hot hub", "smoke", "kerb");

  private final Listenings listenings;
  private final Vehicles vehicles;

  ListenStartController(Listenings listenings, Vehicles vehicles) {
    this.listenings = listenings;
    this.vehicles = vehicles;
  }

  @GetMapping
  String choose(@RequestParam(required = false) Long vehicle, Model model) {
    model.addAttribute("typed", "");
    model.addAttribute("picked", List.of());
    return start(model, vehicle == null ? "" : "vehicle-" + vehicle);
  }

  private String start(Model model, String subject) {
    model.addAttribute("kinds", DiagnosisModel.kinds());
    model.addAttribute(
        "vehicles",
        vehicles.all().stream().filter(v -> DiagnosisModel.of(v.layout()).isPresent()).toList());
    model.addAttribute("signs", SIGNS);
    model.addAttribute("subject", subject);
    model.addAttribute("running", listenings.running());
    model.addAttribute("rechecks", listenings.rechecks());
    return "listen-list";
  }

  @PostMapping
  String begin(
      @RequestParam(defaultValue = "") String subject,
      @RequestParam(defaultValue = "") String words,
      @RequestParam(required = false) List<String> sign,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response,
      RedirectAttributes next) {
    List<String> picked = sign == null ? List.of() : sign.stream().filter(SIGNS::contains).toList();
    Optional<Vehicle> vehicle = vehicle(subject);
    Optional<VehicleKind> kind = vehicle.map(Vehicle::getKind).or(() -> kind(subject));
    if (kind.isEmpty() || words.length() > LONGEST_WORDS) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("typed", words);
      model.addAttribute("picked", picked);
      model.addAttribute("noSubject", kind.isEmpty());
      if (words.length() > LONGEST_WORDS) {
        model.addAttribute("wordsProblem", ListenController.problemWith(words));
      }
      return start(model, subject);
    }
    String all = String.join(", ", picked) + (picked.isEmpty() ? "" : ", ") + words.strip();
    String said = all.endsWith(", ") ? all.substring(0, all.length() - 2) : all;
    Listening listening =
        listenings.start(kind.get(), vehicle.orElse(null), said, person.getName());
    if (!said.isEmpty()) {
      next.addFlashAttribute(
          "heard", HeardWords.of(Complaint.read(listening.model(), said), listening.model()));
    }
    return "redirect:/listen/" + listening.getId();
  }

  private Optional<Vehicle> vehicle(String subject) {
    if (!subject.matches("vehicle-\\d{1,9}")) {
      return Optional.empty();
    }
    Vehicle vehicle = vehicles.get(Long.parseLong(subject.substring("vehicle-".length())));
    if (DiagnosisModel.of(vehicle.layout()).isEmpty()) {
      throw new NoSuchPage("There are no tables for that kind of vehicle yet.");
    }
    return Optional.of(vehicle);
  }

  private static Optional<VehicleKind> kind(String subject) {
    return VehicleKind.withId(subject).filter(k -> DiagnosisModel.kinds().contains(k));
  }
}
