package unbo.app.naming;

import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.shelf.Shelf;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.BearingPlace;
import unbo.core.buying.ShoppingLine;
import unbo.core.buying.Specification;
import unbo.core.comparison.PositionDuty;
import unbo.core.designation.Reading;

/** What to buy for a position: the specification with its reasons, and the shopping line. */
@Controller
@RequestMapping("/name/buy")
class BuyController {

  private final Readings readings;
  private final Shelf shelf;

  BuyController(Readings readings, Shelf shelf) {
    this.readings = readings;
    this.shelf = shelf;
  }

  @GetMapping
  String buy(
      @RequestParam(defaultValue = "") String text,
      @RequestParam(defaultValue = "") String position,
      Model model) {
    Optional<Arrangement> at = Readings.position(position);
    String wanted = text.isBlank() ? at.flatMap(BuyController::assumed).orElse("") : text;
    Optional<Reading> reading = wanted.isBlank() ? Optional.empty() : readings.best(wanted);
    model.addAttribute("text", wanted);
    model.addAttribute("at", at.orElse(null));
    model.addAttribute("positions", Arrangements.standard().all());
    model.addAttribute(
        "problem",
        reading.isEmpty() && !wanted.isBlank()
            ? readings.report(wanted).problem().orElse(null)
            : null);
    model.addAttribute("boreInDoubt", reading.filter(Reading::boreInDoubt).isPresent());
    if (reading.isPresent() && at.isPresent()) {
      Specification s = Specification.of(reading.get().bearing(), at.get());
      model.addAttribute("spec", s);
      ShoppingLine line = ShoppingLine.of(s, at.get(), readings.reader());
      model.addAttribute("line", line);
      model.addAttribute(
          "asRead",
          text.isBlank() ? null : AsRead.of(reading.get(), line, at.get(), readings).orElse(null));
      model.addAttribute(
          "stock",
          shelf.suiting(
              readings.best(line.spellings().get(0)).orElse(reading.get()),
              PositionDuty.at(at.get().id()).orElse(null)));
    }
    return "buy";
  }

  /** The bearing that the arrangement is drawn with while nobody has read one. */
  private static Optional<String> assumed(Arrangement at) {
    return at.namedPlaces().stream().findFirst().flatMap(BearingPlace::assumed);
  }
}
