package unbo.app.fitting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.LastTime;
import unbo.app.job.Marks;
import unbo.app.job.PaperLine;
import unbo.app.job.PaperPicture;
import unbo.app.job.Press;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.stripping.RingDepth;
import unbo.app.stripping.ShopPress;
import unbo.app.stripping.StripRecord;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.web.ViewPreferences;
import unbo.core.arrangement.Arrangement;
import unbo.core.fit.Fit;
import unbo.core.units.Problem;

/** Fit: will it hold, will it lock, how hot, how hard. */
@Component
class FitStation implements Worksheet {

  private static final int LONGEST = 200;

  private final ShopPress shopPress;
  private final LastTime lastTime;
  private final Figures figures;

  FitStation(ShopPress shopPress, LastTime lastTime, Figures figures) {
    this.shopPress = shopPress;
    this.lastTime = lastTime;
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.FIT;
  }

  @Override
  public boolean serves(Arrangement arrangement) {
    return FitPlace.isIn(arrangement);
  }

  /** Somebody else may have pressed it. */
  @Override
  public boolean takesNote(Arrangement arrangement) {
    return true;
  }

  /** A note where no bearing that was read there has limits in our tables. */
  @Override
  public String template(Workpiece piece) {
    return !FitPlace.of(piece).isEmpty() ? "fit" : piece.isKept() ? "note" : "none";
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    if (FitPlace.of(piece).isEmpty()) {
      return;
    }
    FitPlace place = place(piece, selection, form);
    boolean typed = form.typed() && FitFields.NAMES.stream().anyMatch(form::has);
    FieldProblems found = new FieldProblems();
    form.problems().copyTo(found);
    Map<String, String> fields = typed ? fields(form) : recorded(piece, place);
    FitSheet sheet = FitSheet.of(piece, place, fields, found, figures);
    found.copyTo(form.problems());
    model.addAttribute("fit", sheet);
    model.addAttribute("fitPress", ofPress(sheet.fit()));
    model.addAttribute("fitForm", form);
    addTried(model, record(piece).triedAt(place.id()), sheet.heat());
    model.addAttribute("conversion", record(piece).conversion());
    model.addAttribute("conversionQuestions", Conversion.QUESTIONS);
    model.addAttribute("converted", pictures(piece, ViewPreferences.inch(model)));
    model.addAttribute(
        "seatsSince",
        lastTime.at(piece).map(l -> SeatsSince.lines(sheet, l, figures)).orElse(List.of()));
    model.addAttribute("fitSaved", !typed && !record(piece).at(place.id()).isEmpty());
  }

  /** Fields of the record, with what other records of this job and its vehicle know already. */
  private Map<String, String> recorded(Workpiece piece, FitPlace place) {
    Map<String, String> fields = new LinkedHashMap<>(record(piece).at(place.id()));
    piece
        .topSpeedKmh()
        .ifPresent(kmh -> fields.putIfAbsent(FitFields.TOP_SPEED, figures.whole(kmh)));
    RingDepth stood = piece.work().sheet(StripRecord.TYPE).rings().get(place.id());
    if (stood != null) {
      fields.putIfAbsent("depth-then", stood.depth());
      fields.putIfAbsent("depth-stand-in", stood.from());
    }
    return fields;
  }

  /** The attempts so far, and what the last of them teaches. */
  private static void addTried(Model model, List<Tried> tried, HeatSheet heat) {
    model.addAttribute("tried", tried);
    String next =
        tried.isEmpty() || heat == null
            ? ""
            : tried.get(tried.size() - 1).attempt().next(heat.plan());
    model.addAttribute("triedNext", next);
  }

  /** The press of this workshop against the forces; empty where one of them is not known. */
  private String ofPress(Fit fit) {
    OptionalDouble owned = shopPress.kilonewtons();
    if (fit == null || owned.isEmpty()) {
      return "";
    }
    double press = Math.max(fit.inner().pressForceN(), fit.outer().pressForceN()) / 1000;
    double pull = Math.max(fit.inner().pullForceN(), fit.outer().pullForceN()) / 1000;
    double kn = owned.getAsDouble();
    String says =
        kn < press
            ? "too weak even to press"
            : kn < pull ? "enough to press, too weak to pull it again" : "enough";
    return "This workshop’s press of %.0f kN is %s: %.1f kN to press, %.1f kN to pull, oiled."
        .formatted(kn, says, press, pull);
  }

  private static FitRecord record(Workpiece piece) {
    return piece.work().sheet(FitRecord.TYPE);
  }

  /** The place that the form names, else the selected part's, else the first. */
  private static FitPlace place(Workpiece piece, Selection selection, Form form) {
    List<FitPlace> places = FitPlace.of(piece);
    String named = form.get("place");
    String selected = selection.part() == null ? "" : selection.part().place().orElse("");
    return places.stream()
        .filter(p -> p.id().equals(named.isEmpty() ? selected : named))
        .findFirst()
        .orElse(places.get(0));
  }

  private static Map<String, String> fields(Form form) {
    Map<String, String> fields = new LinkedHashMap<>();
    FitFields.NAMES.stream()
        .filter(f -> !form.get(f).isBlank())
        .forEach(f -> fields.put(f, form.get(f).strip()));
    return fields;
  }

  @Override
  public Press press(Job job, Form form, Press.By by) {
    FieldProblems problems = new FieldProblems();
    if (FitPlace.of(job).isEmpty()) {
      problems.add(
          "shaft-zone",
          new Problem("", "No ring here has limits in our tables.", "Leave a note instead."));
      return new Press.Refused(problems);
    }
    FitPlace place = place(job, new Selection(Station.FIT, null), form);
    if (form.action().equals("tried")) {
      return TriedPress.press(job, form, by, place);
    }
    if (form.action().equals("converted")) {
      return converted(job, form, by);
    }
    Map<String, String> fields = fields(form);
    fields.forEach(
        (name, text) -> {
          if (text.length() > LONGEST) {
            problems.add(
                name, new Problem(text, "Too long.", "Write " + LONGEST + " characters at most."));
          }
        });
    FitSheet sheet = FitSheet.of(job, place, fields, problems, figures);
    if (problems.isEmpty() && sheet.fit() == null && !sheet.extras().isEntered()) {
      problems.add(
          "shaft-zone",
          new Problem("", "A seat is not known.", "Enter both: a zone, readings, or how it felt."));
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    OptionalDouble speed =
        new FitFields(fields, place, job.arrangement(), new FieldProblems()).topSpeed();
    fields.remove(FitFields.TOP_SPEED);
    FitRecord now = record(job).with(place.id(), fields, by.name());
    boolean all = FitPlace.of(job).stream().allMatch(p -> now.places().containsKey(p.id()));
    return Press.Taken.here(
        all ? StationMark.State.DONE : StationMark.State.WORKED_ON,
        place.title() + ": " + sheet.verdict(),
        (changed, s) -> {
          changed.work().write(FitRecord.TYPE, now);
          speed.ifPresent(kmh -> changed.getVehicle().recordTopSpeed(kmh));
        });
  }

  private static Press converted(Job job, Form form, Press.By by) {
    FieldProblems problems = new FieldProblems();
    Conversion conversion = Conversion.of(form, by, problems);
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    FitRecord now = record(job).with(conversion);
    return Press.Taken.here(
        job.work().mark(Station.FIT).map(StationMark::getState).orElse(StationMark.State.WORKED_ON),
        "not original any more: " + conversion.now(),
        (changed, s) -> changed.work().write(FitRecord.TYPE, now));
  }

  /** The sheets of the places that were worked. */
  private List<FitSheet> worked(Workpiece piece) {
    FitRecord record = record(piece);
    List<FitSheet> sheets = new ArrayList<>();
    for (FitPlace place : FitPlace.of(piece)) {
      if (record.places().containsKey(place.id())) {
        sheets.add(FitSheet.of(piece, place, record.at(place.id()), new FieldProblems(), figures));
      }
    }
    return sheets.stream().filter(s -> s.fit() != null || s.extras().isEntered()).toList();
  }

  @Override
  public Marks marks(Workpiece piece, Form form) {
    if (form.typed() && !FitPlace.of(piece).isEmpty()) {
      FitPlace place = place(piece, new Selection(Station.FIT, null), form);
      return Marks.of(FitMarks.of(piece, place, fields(form)));
    }
    FitRecord record = record(piece);
    if (record.places().isEmpty()) {
      return Marks.none();
    }
    return Marks.of(
        FitPlace.of(piece).stream()
            .filter(p -> record.places().containsKey(p.id()))
            .flatMap(p -> FitMarks.of(piece, p, record.at(p.id())).stream())
            .toList());
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    List<PaperLine> lines = new ArrayList<>();
    for (FitSheet sheet : worked(piece)) {
      lines.add(PaperLine.of(sheet.place().title(), sheet.verdict()));
      sheet.forms().forEach(f -> lines.add(PaperLine.of("seat", f)));
      sheet.extras().lines().forEach(l -> lines.add(PaperLine.of("measured", l)));
      if (sheet.heat() != null) {
        lines.add(
            PaperLine.of(
                "heat",
                sheet.heat().temperature().text() + ", " + sheet.heat().plan().verdict().title()));
      }
    }
    Conversion conversion = record(piece).conversion();
    if (conversion != null) {
      lines.add(new PaperLine("not original", "", conversion.now()));
      conversion.lines().forEach(l -> lines.add(PaperLine.of("conversion", l)));
      conversion.open().forEach(q -> lines.add(PaperLine.of("conversion, open", q)));
    }
    return lines;
  }

  /** What is in a converted position now, over what it was made for. */
  @Override
  public List<PaperPicture> pictures(Workpiece piece, boolean inch) {
    Conversion conversion = record(piece).conversion();
    List<FitPlace> places = FitPlace.of(piece);
    return places.isEmpty()
        ? List.of()
        : ConvertedDrawing.of(conversion, places.get(0), inch).stream()
            .map(
                d ->
                    new PaperPicture(
                        "Not original", d, ConvertedDrawing.says(conversion, places.get(0))))
            .toList();
  }

  @Override
  public String recorded(Job job) {
    List<FitSheet> sheets = worked(job);
    return sheets.isEmpty() ? "nothing yet" : sheets.get(0).verdict();
  }
}
