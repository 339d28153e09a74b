package unbo.app.naming;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.web.Figures;
import unbo.app.working.Workings;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.designation.Reading;
import unbo.core.enquiry.Enquiry;
import unbo.core.measure.Instrument;
import unbo.core.size.MeasuredSize;
import unbo.core.size.SizeDimension;
import unbo.core.size.SizeSearch;

/** The one line: a number, a size or a place, and what it is. Nothing is kept. */
@Controller
@RequestMapping("/name")
class FindController {

  private static final String USUAL = "caliper";
  private static final List<String> INSTRUMENTS =
      List.of("rule", "vernier", "caliper", "micrometer", "bore-gauge");

  private final Readings readings;
  private final OpenPlaces places;
  private final Figures figures;

  FindController(Readings readings, OpenPlaces places, Figures figures) {
    this.readings = readings;
    this.places = places;
    this.figures = figures;
  }

  @GetMapping
  String find(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "") String position,
      @RequestParam(defaultValue = USUAL) String instrument,
      @RequestParam(defaultValue = "") String see,
      @RequestParam(required = false) List<String> over,
      @RequestParam(defaultValue = "false") boolean close,
      Model model) {
    Enquiry enquiry = Enquiry.of(q, readings.reader());
    Optional<Arrangement> at = Readings.position(position).or(enquiry::position);
    Instrument used =
        Instrument.withId(instrument).orElseGet(() -> Instrument.withId(USUAL).orElseThrow());
    Workings workings = new Workings("name");
    FindSheet sheet = sheet(enquiry, at, used, workings);
    List<String> laid = over == null ? List.of() : over.stream().distinct().limit(2).toList();
    List<Reading> drawn = drawn(sheet, see, laid);
    model.addAttribute("find", sheet);
    model.addAttribute("q", q);
    model.addAttribute("kept", q.length() > Enquiry.LONGEST ? "" : q);
    model.addAttribute("at", at.orElse(null));
    model.addAttribute("used", used);
    model.addAttribute(
        "instruments", INSTRUMENTS.stream().map(i -> Instrument.withId(i).orElseThrow()).toList());
    model.addAttribute("positions", Arrangements.standard().all());
    model.addAttribute("over", laid);
    model.addAttribute("seen", drawn.isEmpty() ? null : drawn.get(0));
    model.addAttribute("seenText", drawn.isEmpty() ? "" : seenText(sheet, see, drawn.get(0)));
    model.addAttribute(
        "openPlaces", drawn.isEmpty() ? List.of() : places.taking(drawn.get(0).bearing()));
    Readings.draw(model, drawn, close, workings, figures);
    return "find";
  }

  private FindSheet sheet(
      Enquiry enquiry, Optional<Arrangement> at, Instrument used, Workings workings) {
    return switch (enquiry.kind()) {
      case NUMBERS -> FindSheet.ofNumbers(enquiry, figures, workings);
      case SIZE -> {
        Map<SizeDimension, MeasuredSize> measured = new EnumMap<>(SizeDimension.class);
        enquiry.sizes().forEach((d, mm) -> measured.put(d, new MeasuredSize(mm, used)));
        yield measured.isEmpty()
            ? FindSheet.other(enquiry)
            : FindSheet.ofSize(enquiry, SizeSearch.find(measured, at), measured, figures, workings);
      }
      default -> FindSheet.other(enquiry);
    };
  }

  /** The one looked at, then those laid over it. */
  private List<Reading> drawn(FindSheet sheet, String see, List<String> over) {
    List<Reading> drawn = new ArrayList<>();
    seen(sheet, see).ifPresent(drawn::add);
    if (!drawn.isEmpty()) {
      over.forEach(text -> readings.best(text).ifPresent(drawn::add));
    }
    return drawn;
  }

  private Optional<Reading> seen(FindSheet sheet, String see) {
    List<Reading> read = sheet.enquiry().report().readings();
    if (sheet.enquiry().kind() == Enquiry.Kind.NUMBERS) {
      int place = sheet.texts().indexOf(see);
      return Optional.of(read.get(Math.max(0, place)));
    }
    String wanted =
        see.isEmpty() && !sheet.sizes().isEmpty() ? sheet.sizes().get(0).designation() : see;
    return wanted.isEmpty() ? Optional.empty() : readings.best(wanted, wanted);
  }

  private static String seenText(FindSheet sheet, String see, Reading seen) {
    if (sheet.enquiry().kind() != Enquiry.Kind.NUMBERS) {
      return seen.bearing().designation();
    }
    return sheet.texts().contains(see) ? see : sheet.texts().get(0);
  }
}
