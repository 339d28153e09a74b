package unbo.app.roadside;

import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.core.roadside.RoadCard;

/** From a few plain signs to stop, crawl, or finish and book; the same for a running event. */
@Controller
class RoadCardController {

  @GetMapping("/road")
  String card(@RequestParam(required = false) List<String> sign, Model model) {
    Set<String> ticked = sign == null ? Set.of() : Set.copyOf(sign);
    model.addAttribute("signs", RoadCard.signs());
    model.addAttribute("ticked", ticked);
    model.addAttribute("answer", sign == null ? null : RoadCard.of(ticked));
    return "road";
  }

  /**
   * The same signs at a running event with a crew: come in now, finish the stint, look afterwards.
   */
  @GetMapping("/road/event")
  String event(@RequestParam(required = false) List<String> sign, Model model) {
    Set<String> ticked = sign == null ? Set.of() : Set.copyOf(sign);
    model.addAttribute("signs", RoadCard.signs());
    model.addAttribute("ticked", ticked);
    model.addAttribute("answer", sign == null ? null : RoadCard.event(ticked));
    return "road-event";
  }
}
