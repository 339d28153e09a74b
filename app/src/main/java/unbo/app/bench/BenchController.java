package unbo.app.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.drawing.DrawnSection;
import unbo.app.drawing.DrawnSections;
import unbo.app.drawing.PartStates;
import unbo.app.drawing.SectionDrawing;
import unbo.app.drawing.SectionFrame;
import unbo.app.job.ContactLine;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.app.web.ViewPreferences;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.PartTemplate;
import unbo.core.arrangement.SizeTemplate;
import unbo.core.catalogue.Bearing;

/** Any arrangement on the bench, drawn from what stands in the address. */
@Controller
@RequestMapping("/bench")
class BenchController {

  private final DrawnSections sections;
  private final Figures figures;

  BenchController(DrawnSections sections, Figures figures) {
    this.sections = sections;
    this.figures = figures;
  }

  /** An arrangement of the list with its small drawing. */
  public record Card(Arrangement arrangement, SectionDrawing drawing) {}

  /** A field of the open part: name, label, unit, text typed, and what stands in for it. */
  public record Field(String name, String label, String unit, String typed, String hint) {}

  @GetMapping
  String all(Model model) {
    model.addAttribute(
        "cards",
        Arrangements.standard().all().stream()
            .map(a -> new Card(a, sections.thumbnail(a)))
            .toList());
    return "bench-list";
  }

  @GetMapping("/{id}")
  String show(
      @PathVariable String id,
      @RequestParam(defaultValue = "") String part,
      @RequestParam Map<String, String> parameters,
      Model model) {
    Arrangement arrangement =
        Arrangements.standard()
            .find(id)
            .orElseThrow(() -> new NoSuchPage("There is no arrangement " + id + "."));
    BenchForm form = BenchForm.of(arrangement, parameters);
    PartTemplate open = arrangement.part(part).orElseGet(() -> firstWithFields(arrangement));
    List<Field> fields = fields(form, open);
    model.addAttribute("arrangement", arrangement);
    model.addAttribute("form", form);
    model.addAttribute("open", open);
    model.addAttribute("fields", fields);
    model.addAttribute("elsewhere", form.elsewhere(fields.stream().map(Field::name).toList()));
    model.addAttribute("contacts", ContactLine.of(arrangement, open));
    model.addAttribute("benchStations", BenchStationController.stations(form, null));
    model.addAttribute("sheet", "");
    model.addAttribute("section", frame(form, open, ViewPreferences.inch(model)));
    return "bench";
  }

  private SectionFrame frame(BenchForm form, PartTemplate open, boolean inch) {
    Arrangement arrangement = form.arrangement();
    DrawnSection drawn = sections.of(form.assembly(), 0, open, PartStates.NONE, List.of(), inch);
    return new SectionFrame(
        "Half section to scale",
        arrangement.fact("drawn") + "; touch a part",
        arrangement.title(),
        form.base(),
        drawn,
        drawn.bench().parts().stream().map(BenchController::row).toList());
  }

  private static SectionFrame.Row row(SectionDrawing.PartView part) {
    boolean asked = part.part().isBearing() || !part.part().sizes().isEmpty();
    String state = part.assumed() ? "assumed" : asked ? "measured" : "follows";
    return new SectionFrame.Row(
        part.number(), part.part().id(), part.name(), "", state, part.selected());
  }

  private static PartTemplate firstWithFields(Arrangement arrangement) {
    return arrangement.parts().stream()
        .filter(p -> p.isBearing() || !p.sizes().isEmpty())
        .findFirst()
        .orElseGet(() -> arrangement.parts().get(0));
  }

  /** The open part's bearing number, if it goes by one, and its sizes. */
  private List<Field> fields(BenchForm form, PartTemplate open) {
    List<Field> fields = new ArrayList<>();
    open.place()
        .flatMap(form.arrangement()::place)
        .filter(form.arrangement().readablePlaces()::contains)
        .ifPresent(
            p ->
                fields.add(
                    new Field(
                        p.id(),
                        "Number of the " + p.title(),
                        "",
                        form.get(p.id()),
                        read(form, p))));
    for (SizeTemplate size : open.sizes()) {
      String hint =
          form.assembly().isMeasured(size)
              ? (size.isCount() ? "" : figures.takenAs(form.get(size.id())))
              : "assumed " + figures.size(form.assembly().value(size)) + " " + size.unit();
      fields.add(new Field(size.id(), size.label(), size.unit(), form.get(size.id()), hint));
    }
    return fields;
  }

  private String read(BenchForm form, BearingPlace place) {
    return form.assembly()
        .bearingAt(place.id())
        .map(b -> read(form, place, b))
        .orElse("no number: its sizes are asked");
  }

  private String read(BenchForm form, BearingPlace place, Bearing bearing) {
    return (form.assembly().isRead(place.id()) ? "" : "assumed ")
        + bearing.designation()
        + ", "
        + figures.size(bearing.boreMm())
        + " × "
        + figures.size(bearing.outerMm())
        + " × "
        + figures.size(bearing.widthMm())
        + " mm";
  }
}
