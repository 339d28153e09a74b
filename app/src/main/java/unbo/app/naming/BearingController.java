package unbo.app.naming;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.drawing.ToleranceDrawing;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.app.working.Figure;
import unbo.app.working.Workings;
import unbo.core.designation.Equivalents;
import unbo.core.designation.Reading;
import unbo.core.tolerance.InternalClearances;
import unbo.core.tolerance.LimitWorkings;
import unbo.core.tolerance.Limits;
import unbo.core.tolerance.RingKind;
import unbo.core.tolerance.RingTolerances;
import unbo.core.tolerance.RunningAccuracy;
import unbo.core.tolerance.ToleranceCard;
import unbo.core.working.Working;

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

  /** Run-out of both rings, and what checks it. */
  public record Running(Figure inner, Figure outer, String check) {}

  /** A dimension with its least and greatest size, millimetres. */
  public record Size(String title, String nominal, Figure least, Figure most, String source) {}

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
    Workings workings = new Workings("name");
    model.addAttribute("reading", reading);
    model.addAttribute("row", ReadingRow.of(readings.report(text), reading, figures, workings));
    model.addAttribute("text", text);
    model.addAttribute("spellings", Equivalents.current(reading.bearing()));
    model.addAttribute("older", Equivalents.older(reading.bearing()));
    model.addAttribute("card", card);
    model.addAttribute("classes", classes);
    model.addAttribute(
        "axial",
        InternalClearances.kindOf(reading.bearing())
            .filter(InternalClearances::isAxial)
            .isPresent());
    model.addAttribute(
        "clearanceSource",
        card.groups().values().stream()
            .map(InternalClearances.Clearance::source)
            .distinct()
            .collect(Collectors.joining(", ")));
    model.addAttribute("sizes", sizes(reading, card, workings));
    model.addAttribute("running", running(reading, card, workings));
    model.addAttribute("zones", ToleranceDrawing.of(card, reading.clearance(), WIDTH));
    Readings.draw(model, List.of(reading), close, workings, figures);
    return "bearing";
  }

  /** How true the rings run, and with what that can be checked; null where no table knows. */
  private Running running(Reading reading, ToleranceCard card, Workings workings) {
    String cls = card.toleranceClass();
    return RunningAccuracy.of(reading.bearing(), cls)
        .map(
            r ->
                new Running(
                    figure(r.working(true, cls), r.innerUm(), workings),
                    figure(r.working(false, cls), r.outerUm(), workings),
                    r.check()))
        .orElse(null);
  }

  private Figure figure(Working working, double um, Workings workings) {
    return workings.figure("", working, figures.oneDecimal(um) + " µm");
  }

  private List<Size> sizes(Reading reading, ToleranceCard card, Workings workings) {
    String cls = card.toleranceClass();
    List<Size> sizes = new ArrayList<>();
    var b = reading.bearing();
    card.bore().ifPresent(l -> sizes.add(size("bore", b.boreMm(), l, cls, workings)));
    card.outside().ifPresent(l -> sizes.add(size("outside", b.outerMm(), l, cls, workings)));
    card.width()
        .ifPresent(
            l -> sizes.add(size(b.isTaper() ? "width T" : "width", b.widthMm(), l, cls, workings)));
    return sizes;
  }

  private Size size(String title, double nominal, Limits limits, String cls, Workings workings) {
    return new Size(
        title,
        figures.fine(nominal),
        workings.figure(
            "",
            LimitWorkings.least(title, nominal, limits, cls),
            figures.fine(limits.leastMm(nominal)) + " mm"),
        workings.figure(
            "",
            LimitWorkings.most(title, nominal, limits, cls),
            figures.fine(limits.mostMm(nominal)) + " mm"),
        limits.source());
  }
}
