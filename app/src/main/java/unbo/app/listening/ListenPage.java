package unbo.app.listening;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.Vehicles;
import unbo.app.web.Figures;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisTest;
import unbo.core.diagnosis.Occasion;
import unbo.core.measure.Instrument;

/** Fills the model of a search's page. */
@Component
class ListenPage {

  static final String VIEW = "listen";
  private static final int RECHECK_AFTER_DAYS = 14;

  private final Listenings listenings;
  private final Vehicles vehicles;
  private final Figures figures;
  private final Clock clock;

  ListenPage(Listenings listenings, Vehicles vehicles, Figures figures, Clock clock) {
    this.listenings = listenings;
    this.vehicles = vehicles;
    this.figures = figures;
    this.clock = clock;
  }

  /** Where a job can be opened: the position of a cause, and the vehicles that have it. */
  public record JobOffer(String position, String title, String cause, List<Vehicle> vehicles) {}

  /**
   * The page of a search.
   *
   * @param place a place of the plan whose causes alone are listed; empty for all
   * @param test a test that is to be answered out of turn; empty for the one worth doing next
   */
  String show(Model model, long id, String place, String test) {
    Listening listening = listenings.get(id);
    Answers answers = listenings.answers(listening);
    model.addAttribute("listening", listening);
    model.addAttribute("place", place);
    ListenSheet sheet = ListenSheet.of(listening, answers, place, test, figures);
    model.addAttribute("listen", sheet);
    model.addAttribute("stamp", Listenings.stamp(answers));
    model.addAttribute("lineCount", answers.lines().size());
    if (!model.containsAttribute("news")) {
      model.addAttribute("news", List.of());
    }
    model.addAttribute("offer", offer(listening, answers));
    model.addAttribute("last", answers.last().orElse(null));
    model.addAttribute("lastSaid", answers.last().map(l -> said(listening, l)).orElse(""));
    model.addAttribute(
        "occasions", List.of(Occasion.ROAD, Occasion.JACKED, Occasion.LIFTED, Occasion.OPENED));
    model.addAttribute("barred", listening.barred());
    model.addAttribute("gauges", Instrument.measuring("travel"));
    if (!model.containsAttribute("ending")) {
      LocalDate on = LocalDate.now(clock).plusDays(RECHECK_AFTER_DAYS);
      model.addAttribute("ending", new EndingForm(on.toString(), "", "", "", null));
    }
    if (!model.containsAttribute("gauged")) {
      model.addAttribute("gauged", null);
    }
    return VIEW;
  }

  /** What was added behind the lines that a page knew, in words. */
  List<String> news(Listening listening, Answers answers, int known) {
    return answers.lines().stream()
        .skip(Math.max(0, known))
        .map(l -> l.getPerson() + ": " + said(listening, l))
        .toList();
  }

  private static String said(Listening listening, GivenAnswer line) {
    DiagnosisTest test = listening.model().test(line.getTest()).orElseThrow();
    return test.question()
        + " "
        + test.answer(line.getAnswer()).map(DiagnosisTest.Answer::label).orElse("skipped");
  }

  /** The measuring fields of a test as a fragment or within the page. */
  Gauged gauged(Listening listening, DiagnosisTest test, Map<String, String> form) {
    return Gauged.of(test, listening.layout(), form, figures);
  }

  private JobOffer offer(Listening listening, Answers answers) {
    if (answers.current().isEmpty()) {
      return null;
    }
    Diagnosis diagnosis = Diagnosis.of(listening.model(), answers.byTest());
    String code = diagnosis.first().place().position();
    if (code.isEmpty()) {
      return null;
    }
    List<Vehicle> fitting =
        (listening.getVehicle() == null
                ? vehicles.of(listening.getKind())
                : List.of(listening.getVehicle()))
            .stream().filter(v -> v.position(code).isPresent()).toList();
    String title =
        listening.layout().positions().stream()
            .filter(p -> p.code().equals(code))
            .map(p -> p.title())
            .findFirst()
            .orElse(code);
    return new JobOffer(code, title, diagnosis.first().label(), fitting);
  }
}
