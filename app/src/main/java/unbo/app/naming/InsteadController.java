package unbo.app.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.Workings;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.comparison.Comparison;
import unbo.core.comparison.PositionDuty;
import unbo.core.designation.Reading;
import unbo.core.units.Problem;

/** May this one go in instead? Both directions, laid over each other. */
@Controller
@RequestMapping("/name/instead")
class InsteadController {

  private final Readings readings;
  private final Figures figures;

  InsteadController(Readings readings, Figures figures) {
    this.figures = figures;
    this.readings = readings;
  }

  @GetMapping
  String compare(
      @RequestParam(defaultValue = "") String old,
      @RequestParam(defaultValue = "") String fresh,
      @RequestParam(defaultValue = "") String position,
      @RequestParam(defaultValue = "false") boolean close,
      Model model) {
    FieldProblems problems = new FieldProblems();
    Optional<Reading> was = read("old", old, problems);
    Optional<Reading> is = read("fresh", fresh, problems);
    Optional<Arrangement> at = Readings.position(position);
    Optional<PositionDuty> duty = at.flatMap(a -> PositionDuty.at(a.id()));
    List<Reading> drawn = new ArrayList<>();
    was.ifPresent(drawn::add);
    is.ifPresent(drawn::add);
    if (was.isPresent() && is.isPresent()) {
      model.addAttribute("forth", Comparison.of(was.get(), is.get(), duty));
      model.addAttribute("back", Comparison.of(is.get(), was.get(), duty));
    }
    model.addAttribute("old", old);
    model.addAttribute("fresh", fresh);
    model.addAttribute("at", at.orElse(null));
    model.addAttribute("positions", Arrangements.standard().all());
    model.addAttribute("problems", problems);
    Readings.draw(model, drawn, close, new Workings("name"), figures);
    return "instead";
  }

  private Optional<Reading> read(String field, String text, FieldProblems problems) {
    if (text.isBlank()) {
      return Optional.empty();
    }
    Optional<Reading> best = readings.best(text);
    if (best.isEmpty()) {
      problems.add(
          field,
          readings
              .report(text)
              .problem()
              .orElse(
                  new Problem(
                      text,
                      "No bearing number yet.",
                      "Enter the whole number, such as 6204-2RS.")));
    }
    return best;
  }
}
