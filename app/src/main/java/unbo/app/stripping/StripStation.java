package unbo.app.stripping;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.LastTime;
import unbo.app.job.PaperLine;
import unbo.app.job.Press;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.Hold;
import unbo.core.arrangement.PartTemplate;
import unbo.core.strip.Circumstances;
import unbo.core.strip.Circumstances.State;
import unbo.core.strip.Tool;
import unbo.core.strip.ToolRange;
import unbo.core.units.Problem;

/** Strip: the order of coming apart, ways for tight rings, what was kept, and the shop's tools. */
@Component
class StripStation implements Worksheet {

  private static final int LONGEST = 500;
  private static final int LONGEST_DETAIL = 100;

  private final ShopToolRepository tools;
  private final LastTime lastTime;
  private final Figures figures;

  StripStation(ShopToolRepository tools, LastTime lastTime, Figures figures) {
    this.tools = tools;
    this.lastTime = lastTime;
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.STRIP;
  }

  /** Somebody else may have taken it apart. */
  @Override
  public boolean takesNote(Arrangement arrangement) {
    return true;
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    PartTemplate part = selection.part();
    String shown = form.has("step") ? form.get("step") : part == null ? "" : part.id();
    model.addAttribute(
        "strip", StripSheet.of(piece, shown, record(piece), tools.findAll(), figures));
    model.addAttribute("stripForm", form);
    Optional<LastTime.Reference> last = lastTime.at(piece);
    model.addAttribute("lastTime", last.map(LastTime.Reference::when).orElse(""));
    model.addAttribute(
        "lastLines", last.map(l -> LastStrip.lines(piece, l.job())).orElse(List.of()));
    model.addAttribute("converted", lastTime.conversions(piece));
    model.addAttribute("ring", ring(piece, (StripSheet) model.getAttribute("strip"), form));
    model.addAttribute("seal", seal(piece, (StripSheet) model.getAttribute("strip"), form));
  }

  /** Where the ring of the open step stood; null where it is no ring of a bearing. */
  private static RingDepth ring(Workpiece piece, StripSheet sheet, Form form) {
    Optional<String> place =
        sheet.open() == null
            ? Optional.empty()
            : piece.arrangement().part(sheet.open().part()).flatMap(PartTemplate::place);
    return place
        .map(
            p ->
                RingDepth.of(form)
                    .orElseGet(
                        () -> record(piece).rings().getOrDefault(p, new RingDepth(null, null))))
        .orElse(null);
  }

  /** The seal of the step that is open; null where it has none. */
  private SealSheet seal(Workpiece piece, StripSheet sheet, Form form) {
    String part = sheet.open() == null ? "" : sheet.open().part();
    boolean isSeal =
        piece.arrangement().contacts().stream()
            .anyMatch(c -> c.part().equals(part) && c.holds().contains(Hold.LIP));
    if (!isSeal) {
      return null;
    }
    SealDepths typed =
        SealDepths.of(form)
            .orElseGet(() -> record(piece).seals().getOrDefault(part, new SealDepths(null, null)));
    return SealSheet.of(typed, figures);
  }

  private static StripRecord record(Workpiece piece) {
    return piece.work().sheet(StripRecord.TYPE);
  }

  @Override
  public Press press(Job job, Form form, Press.By by) {
    if (form.action().equals("tools")) {
      return own(form, by);
    }
    Optional<PartTemplate> part = job.arrangement().part(form.get("step"));
    FieldProblems problems = new FieldProblems();
    String kept = form.get("kept").strip();
    if (kept.length() > LONGEST) {
      problems.add("kept", tooLong(kept, LONGEST));
    }
    if (part.isEmpty()) {
      problems.add(
          "kept", new Problem(form.get("step"), "No such part here.", "Open the step again."));
    }
    unknownState(form)
        .ifPresent(
            s ->
                problems.add(
                    "kept",
                    new Problem(
                        s,
                        "Not a state of a fit.",
                        "Choose as drawn, rusted, seized or left behind.")));
    Optional<SealDepths> seal = SealDepths.of(form);
    seal.ifPresent(s -> s.read(problems));
    Optional<RingDepth> ring = RingDepth.of(form);
    ring.ifPresent(r -> r.check(problems));
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    StripRecord off =
        states(job, form, record(job))
            .with(new StripRecord.Taken(part.get().id(), kept, by.name(), by.at()));
    StripRecord sealed = seal.map(s -> off.with(part.get().id(), s)).orElse(off);
    StripRecord now =
        ring.flatMap(r -> part.get().place().map(p -> sealed.with(p, r))).orElse(sealed);
    boolean all = StripSheet.isAllOff(job, now);
    return Press.Taken.here(
        all ? StationMark.State.DONE : StationMark.State.WORKED_ON,
        StripWords.capital(part.get().title()) + " off" + (kept.isEmpty() ? "" : ": " + kept),
        (changed, s) -> changed.work().write(StripRecord.TYPE, now));
  }

  private static Optional<String> unknownState(Form form) {
    return form.fields().entrySet().stream()
        .filter(e -> e.getKey().startsWith("state-"))
        .flatMap(e -> e.getValue().stream())
        .filter(s -> !s.isEmpty() && State.withId(s).isEmpty())
        .findFirst();
  }

  /** What the form says of contacts; words that are none are as drawn. */
  private static StripRecord states(Job job, Form form, StripRecord record) {
    StripRecord now = record;
    for (var c : job.arrangement().contacts()) {
      String name = Circumstances.name(c);
      String field = "state-" + name.replace(' ', '-');
      if (form.has(field)) {
        now = now.with(name, State.withId(form.get(field)));
      }
    }
    return now;
  }

  private Press own(Form form, Press.By by) {
    FieldProblems problems = new FieldProblems();
    List<ShopTool> owned = new ArrayList<>();
    for (Tool tool : Tool.values()) {
      String detail = form.get("detail-" + tool.id()).strip();
      if (detail.length() > LONGEST_DETAIL) {
        problems.add("detail-" + tool.id(), tooLong(detail, LONGEST_DETAIL));
      } else if (ToolRange.problem(detail).isPresent()) {
        problems.add("detail-" + tool.id(), ToolRange.problem(detail).get());
      } else if (form.all("tool").contains(tool.id())) {
        owned.add(new ShopTool(tool.id(), detail, by.name(), by.at()));
      }
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    tools.deleteAll();
    tools.flush();
    tools.saveAll(owned);
    return new Press.Done();
  }

  private static Problem tooLong(String typed, int longest) {
    return new Problem(typed, "Too long.", "Write " + longest + " characters at most.");
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    StripRecord record = record(piece);
    StripWords words = new StripWords(piece.arrangement());
    List<PaperLine> lines = new ArrayList<>();
    int number = 1;
    for (StripRecord.Taken taken : record.taken()) {
      boolean known = piece.arrangement().part(taken.part()).isPresent();
      lines.add(
          new PaperLine(
              number++ + ". off", known ? words.name(taken.part()) : taken.part(), taken.kept()));
    }
    return lines;
  }

  @Override
  public String recorded(Job job) {
    int off = record(job).taken().size();
    return off == 1 ? "1 step off" : off + " steps off";
  }
}
