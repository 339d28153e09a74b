package unbo.app.naming;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.drawing.DrawnSections;
import unbo.app.web.Figures;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.recognition.Clue;
import unbo.core.recognition.Recognition;
import unbo.core.recognition.RecognitionTables;
import unbo.core.recognition.SureWorking;

/** Which do I have? A short guided look; the answers stand in the address. */
@Controller
@RequestMapping("/name/which")
class WhichController {

  private final DrawnSections sections;

  private final Figures figures;

  WhichController(DrawnSections sections, Figures figures) {
    this.figures = figures;
    this.sections = sections;
  }

  @GetMapping
  String look(@RequestParam Map<String, String> asked, Model model) {
    Map<String, String> found = known(asked);
    Recognition recognition = Recognition.of(found);
    model.addAttribute("found", found);
    model.addAttribute(
        "foundQuery",
        found.entrySet().stream()
            .map(e -> "&" + e.getKey() + "=" + e.getValue())
            .reduce("", String::concat));
    model.addAttribute("clues", RecognitionTables.all());
    model.addAttribute("recognition", recognition);
    Workings workings = new Workings("which");
    List<Figure> sure =
        recognition.ranked().stream()
            .map(
                c ->
                    workings.figure(
                        c.arrangement().title(),
                        SureWorking.of(c.arrangement(), found),
                        figures.percent(c.sure())))
            .toList();
    model.addAttribute("sure", sure);
    model.addAttribute("workings", workings.all());
    model.addAttribute("answered", answered(found));
    Clue wanted = wanted(asked);
    model.addAttribute("clue", wanted != null ? wanted : recognition.next().orElse(null));
    model.addAttribute("drawing", sections.thumbnail(recognition.ranked().get(0).arrangement()));
    return "which";
  }

  /** What the tables know of an address; the rest is left out. */
  private static Map<String, String> known(Map<String, String> asked) {
    Map<String, String> found = new LinkedHashMap<>();
    for (Clue clue : RecognitionTables.all()) {
      String answer = asked.getOrDefault(clue.id(), "");
      if (clue.answers().stream().anyMatch(a -> a.id().equals(answer))) {
        found.put(clue.id(), answer);
      }
    }
    return found;
  }

  /** A clue that is to be answered out of turn, or again. */
  private static Clue wanted(Map<String, String> asked) {
    return RecognitionTables.all().stream()
        .filter(c -> c.id().equals(asked.get("ask")))
        .findFirst()
        .orElse(null);
  }

  /** The answers given, in words, by clue id. */
  private static Map<String, String> answered(Map<String, String> found) {
    Map<String, String> words = new LinkedHashMap<>();
    for (Clue clue : RecognitionTables.all()) {
      clue.answers().stream()
          .filter(a -> a.id().equals(found.get(clue.id())))
          .forEach(a -> words.put(clue.id(), a.label()));
    }
    return words;
  }
}
