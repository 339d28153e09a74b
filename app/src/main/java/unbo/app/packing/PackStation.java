package unbo.app.packing;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.drag.DragSheet;
import unbo.app.drawing.NoteText;
import unbo.app.drawing.SectionNote;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Marks;
import unbo.app.job.PaperLine;
import unbo.app.job.Press;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.tin.GreaseTin;
import unbo.app.tin.GreaseTinRepository;
import unbo.app.tin.Taken;
import unbo.app.tin.TinStock;
import unbo.app.tin.TinsForWork;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.app.working.WorkingView;
import unbo.core.arrangement.Arrangement;

/** Pack: charges for bearings and hollows, and the calibration of the shop's gun. */
@Component
class PackStation implements Worksheet {

  /** Where the charge stands on the page. */
  private static final String ANSWER = "pack-answer";

  private final GreaseGunRepository guns;
  private final GunCalibration calibration;
  private final GreaseTinRepository tins;
  private final TinStock stock;
  private final Figures figures;

  PackStation(GreaseGunRepository guns, GreaseTinRepository tins, TinStock stock, Figures figures) {
    this.stock = stock;
    this.guns = guns;
    this.tins = tins;
    this.calibration = new GunCalibration(guns);
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.PACK;
  }

  @Override
  public boolean serves(Arrangement arrangement) {
    return !arrangement.namedPlaces().isEmpty();
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    PackRecord recorded = record(piece);
    Map<String, String> fields = PackInput.recorded(recorded);
    FieldProblems problems = form.problems();
    PackRecord shown = recorded;
    boolean typed = form.typed() && !form.action().equals("gun");
    if (typed) {
      PackInput input = PackInput.of(piece, form.single());
      fields = form.single();
      input.problems().copyTo(problems);
      shown = input.record();
    } else {
      fields.putAll(form.single());
    }
    model.addAttribute(
        "pack",
        PackSheet.of(piece, shown, fields, problems, guns.findTopByOrderByIdDesc(), figures));
    if (!form.isOnlyFor(ANSWER)) {
      fillFolded(model, piece, shown, fields);
    }
    model.addAttribute("packed", !typed && recorded.duty().isPresent());
  }

  /** What stands folded under the charge: previews of the charge leave it as it is. */
  private void fillFolded(
      Model model, Workpiece piece, PackRecord shown, Map<String, String> fields) {
    List<GreaseTin> standing = tins.findByUsedUpFalseOrderByName();
    TinsForWork forWork = TinsForWork.of(piece, fields, standing);
    DragSheet drag = DragSheet.of(piece, forWork, forWork.problems(), figures).orElse(null);
    Optional<GreaseLasts> lasts = GreaseLasts.of(piece, fields, forWork.problems());
    model.addAttribute("beside", PackBeside.of(piece, shown, fields));
    model.addAttribute("tins", forWork);
    model.addAttribute("drag", drag);
    model.addAttribute("lasts", LastsPanel.of(lasts));
    model.addAttribute("cartridge", CartridgePanel.of(piece, shown, fields, lasts, drag));
    model.addAttribute(
        "tinStock",
        piece.isKept()
            ? stock.stocked(withTaken(standing, record(piece)))
            : List.<TinStock.Stocked>of());
  }

  private static PackRecord record(Workpiece piece) {
    return piece.work().sheet(PackRecord.TYPE);
  }

  /** What the fields say, else the record. */
  private static PackRecord shown(Workpiece piece, Form form) {
    return form.typed() && form.has("duty")
        ? PackInput.of(piece, form.single()).record()
        : record(piece);
  }

  @Override
  public Press press(Job job, Form form, Press.By by) {
    if (form.action().equals("gun")) {
      return calibration.press(form.single(), by);
    }
    PackInput input = PackInput.of(job, form.single());
    FieldProblems problems = new FieldProblems();
    input.problems().copyTo(problems);
    List<GreaseTin> standing = tins.findByUsedUpFalseOrderByName();
    TinsForWork work = TinsForWork.of(job, form.single(), standing);
    work.problems().copyTo(problems);
    Optional<GreaseLasts> lasts = GreaseLasts.of(job, form.single(), problems);
    Optional<Taken> taken =
        GreaseTaking.read(
            form.single(),
            withTaken(standing, record(job)),
            grams(job, input.record()),
            by.at(),
            problems);
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    LocalDate today = LocalDate.ofInstant(by.at(), ZoneId.systemDefault());
    PackRecord record =
        input.record().with(taken.orElse(null), lasts.map(l -> l.from(today)).orElse(null));
    return Press.Taken.onward(
        StationMark.State.DONE,
        describe(record(job), record),
        (changed, s) -> changed.work().write(PackRecord.TYPE, record.by(s.person())));
  }

  /** Also the tin that the record names, though it is used up meanwhile. */
  private List<GreaseTin> withTaken(List<GreaseTin> standing, PackRecord recorded) {
    Taken taken = recorded.taken();
    if (taken == null || standing.stream().anyMatch(t -> t.getId() == taken.tin())) {
      return standing;
    }
    List<GreaseTin> all = new ArrayList<>(standing);
    tins.findById(taken.tin()).ifPresent(all::add);
    return all;
  }

  private static double grams(Job job, PackRecord record) {
    return record.prescribedG() != null
        ? record.prescribedG()
        : PackFigures.of(job, record).map(PackFigures::grams).orElse(0.0);
  }

  private static String describe(PackRecord old, PackRecord now) {
    String was = old.duty().map(d -> d.title() + " → ").orElse("");
    return was
        + now.duty().orElseThrow().title()
        + (now.byHand() ? ", packed by hand" : ", by share")
        + (now.masses().isEmpty() ? "" : ", masses weighed " + now.masses())
        + (now.taken() == null ? "" : ", out of “" + now.taken().name() + "”");
  }

  @Override
  public Marks marks(Workpiece piece, Form form) {
    PackRecord pack = shown(piece, form);
    List<SectionNote> notes =
        PackFigures.of(piece, pack).stream()
            .map(p -> Marks.note(bearings(piece), NoteText.of(p.line(figures))))
            .toList();
    return new Marks(Map.of(), pack.cavityShare(), notes);
  }

  /** The first part of each bearing, in the order of the figures. */
  private static List<String> bearings(Workpiece piece) {
    return piece.arrangement().namedPlaces().stream()
        .map(p -> piece.arrangement().partsOf(p.id()).get(0).id())
        .toList();
  }

  @Override
  public List<WorkingView> workings(Workpiece piece) {
    PackRecord pack = record(piece);
    List<WorkingView> all =
        new ArrayList<>(PackFigures.of(piece, pack).map(p -> p.onPaper()).orElse(List.of()));
    LastsPanel lasts = LastsPanel.of(GreaseLasts.of(piece, pack.work(), new FieldProblems()));
    all.addAll(lasts == null ? List.of() : lasts.workings());
    return all;
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    PackRecord pack = record(piece);
    if (pack.duty().isEmpty()) {
      return List.of();
    }
    PackSheet sheet =
        PackSheet.of(
            piece, pack, Map.of(), new FieldProblems(), guns.findTopByOrderByIdDesc(), figures);
    List<PaperLine> lines = new ArrayList<>();
    lines.add(PaperLine.of("duty", pack.duty().get().title()));
    if (pack.prescribedG() != null) {
      lines.add(PaperLine.of("by the maker", figures.oneDecimal(pack.prescribedG()) + " g in all"));
    }
    sheet.rows().forEach(r -> lines.add(PaperLine.of(r.where(), r.grams().text())));
    if (pack.taken() != null) {
      lines.add(
          PaperLine.of(
              "out of “" + pack.taken().name() + "”",
              figures.oneDecimal(pack.taken().grams()) + " g"));
    }
    GreaseLasts.of(piece, pack.work(), new FieldProblems())
        .ifPresent(l -> lines.add(PaperLine.of("grease lasts", l.hoursText() + ", " + l.orText())));
    return lines;
  }
}
