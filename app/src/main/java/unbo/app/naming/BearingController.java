package unbo.app.naming;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.drawing.ToleranceDrawing;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.core.designation.Equivalents;
import unbo.core.designation.Reading;
import unbo.core.tolerance.Limits;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.tolerance.ToleranceCard;

/** The card of one bearing: drawn, its spellings, what it may measure, how loose it is. */
@Controller
@RequestMapping("/name/bearing")
class BearingController {

  private static final double WIDTH = 480;

  private final Readings readings;
  private final Figures figures;

  BearingController(Readings readings, Figures figures) {
    this.readings = readings;
    this.figures = figures;
  }

  /** A dimension with its least and greatest size, millimetres. */
  public record Size(String title, String nominal, String least, String most, String source) {}

  @GetMapping
  String card(
      @RequestParam String text,
      @RequestParam(defaultValue = "") String cls,
      @RequestParam(defaultValue = "false") boolean close,
      Model model) {
    Reading reading =
        readings
            .best(text)
            .orElseThrow(() -> new NoSuchPage("No bearing number is read in this address."));
    RingKind kind = RingKind.of(reading.bearing());
    String marked =
        kind == RingKind.INCH_TAPER && reading.tolerance().equals("Normal")
            ? kind.usualClass()
            : reading.tolerance();
    List<String> classes = RingTolerances.classes(kind);
    String asked = classes.contains(cls) ? cls : marked;
    ToleranceCard card = ToleranceCard.of(reading.bearing(), asked);
    model.addAttribute("reading", reading);
    model.addAttribute("row", ReadingRow.of(readings.report(text), reading, figures));
    model.addAttribute("text", text);
    model.addAttribute("spellings", Equivalents.current(reading.bearing()));
    model.addAttribute("older", Equivalents.older(reading.bearing()));
    model.addAttribute("card", card);
    model.addAttribute("classes", classes);
    model.addAttribute("sizes", sizes(reading, card));
    model.addAttribute("zones", ToleranceDrawing.of(card, reading.clearance(), WIDTH));
    Readings.draw(model, List.of(reading), close);
    return "bearing";
  }

  private List<Size> sizes(Reading reading, ToleranceCard card) {
    List<Size> sizes = new ArrayList<>();
    var b = reading.bearing();
    card.bore().ifPresent(l -> sizes.add(size("bore", b.boreMm(), l)));
    card.outside().ifPresent(l -> sizes.add(size("outside", b.outerMm(), l)));
    card.width().ifPresent(l -> sizes.add(size(b.isTaper() ? "width T" : "width", b.widthMm(), l)));
    return sizes;
  }

  private Size size(String title, double nominal, Limits limits) {
    return new Size(
        title,
        figures.fine(nominal),
        figures.fine(limits.leastMm(nominal)),
        figures.fine(limits.mostMm(nominal)),
        limits.source());
  }
}
