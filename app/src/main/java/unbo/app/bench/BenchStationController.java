package unbo.app.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.drawing.SectionFrame;
import unbo.app.job.Form;
import unbo.app.job.JobLists;
import unbo.app.job.JobSection;
import unbo.app.job.Marks;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.Worksheet;
import unbo.app.job.Worksheets;
import unbo.app.web.NoSuchPage;
import unbo.app.web.ViewPreferences;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Arrangements;
import unbo.core.arrangement.PartTemplate;

/** Every station on the bench without a job: what is typed stands in the address. */
@Controller
@RequestMapping("/bench/{id}/{station:listen|rock|name|strip|read|fit|pack|set|prove|book}")
class BenchStationController {

  private final Worksheets worksheets;
  private final JobSection section;
  private final JobLists jobs;

  BenchStationController(Worksheets worksheets, JobSection section, JobLists jobs) {
    this.worksheets = worksheets;
    this.section = section;
    this.jobs = jobs;
  }

  @GetMapping
  String show(
      @PathVariable String id,
      @PathVariable String station,
      @RequestHeader(name = "HX-Target", defaultValue = "") String target,
      @RequestParam MultiValueMap<String, String> fields,
      Model model) {
    Arrangement arrangement =
        Arrangements.standard()
            .find(id)
            .orElseThrow(() -> new NoSuchPage("There is no arrangement " + id + "."));
    Form form = Form.typed(fields).into(target);
    if (form.has("take")) {
      return taken(arrangement, form);
    }
    BenchForm facts = BenchForm.of(arrangement, form.single());
    BenchPiece piece = BenchPiece.of(facts, form.get("school"));
    Station at = Station.withId(station).orElseThrow();
    Selection selection = Selection.at(at, form.get("part"), piece);
    Optional<Worksheet> sheet = worksheets.at(at, piece);
    boolean typed = fields.keySet().stream().anyMatch(f -> isOfSheet(f, piece));
    Form shown = typed ? form : Form.none();
    Marks marks = worksheets.marks(piece, at, shown);
    model.addAttribute("arrangement", arrangement);
    model.addAttribute("piece", piece);
    model.addAttribute("selection", selection);
    model.addAttribute("benchStations", stations(facts, at));
    model.addAttribute("section", frame(piece, facts, selection, marks, model));
    model.addAttribute("openJobs", jobs.openOn(arrangement.id()));
    model.addAttribute("at", at);
    model.addAttribute("sheet", sheet.map(s -> s.template(piece)).orElse("none"));
    sheet.ifPresent(s -> s.fill(model, piece, selection, shown));
    return "bench";
  }

  private SectionFrame frame(
      BenchPiece piece, BenchForm facts, Selection selection, Marks marks, Model model) {
    boolean inch = ViewPreferences.inch(model);
    return section.frame(piece, selection.part(), marks, facts.base(), inch);
  }

  /** A field that is neither a fact of the arrangement nor of the address. */
  private static boolean isOfSheet(String field, BenchPiece piece) {
    boolean fact =
        piece.arrangement().place(field).isPresent() || piece.arrangement().size(field).isPresent();
    return !fact && !field.equals("part") && !field.equals("at");
  }

  /** A number that was read becomes a fact of the address. */
  private static String taken(Arrangement arrangement, Form form) {
    var facts = form.single();
    PartTemplate part =
        arrangement
            .part(form.get("part"))
            .orElseThrow(() -> new NoSuchPage("There is no such bearing."));
    part.place().ifPresent(place -> facts.put(place, form.get("take")));
    return "redirect:" + BenchForm.of(arrangement, facts).address("name") + "part=" + part.id();
  }

  /** A station of the bench's line. */
  public record Link(Station station, String address, boolean now) {}

  static List<Link> stations(BenchForm form, Station now) {
    return Arrays.stream(Station.values())
        .map(s -> new Link(s, form.address(s.id()), s == now))
        .toList();
  }
}
