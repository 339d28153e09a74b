package unbo.app.setting;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Marks;
import unbo.app.job.PaperLine;
import unbo.app.job.Press;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.web.Figures;
import unbo.app.working.Gaps;
import unbo.app.working.WorkingView;
import unbo.core.arrangement.Arrangement;
import unbo.core.section.TurnsFree;

/** Set: at the castle nut in the vehicle's school; every other arrangement by the general sheet. */
@Component
class SetStation implements Worksheet {

  /** Where the sheet's answer stands on the page. */
  private static final String ANSWER = "set-answer";

  private final DialledSet dialled;
  private final OtherSet other;
  private final GeneralSet general;
  private final Figures figures;

  SetStation(Figures figures, ShimBoxes boxes) {
    this.dialled = new DialledSet(figures);
    this.other = new OtherSet(figures);
    this.general = new GeneralSet(figures, boxes);
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.SET;
  }

  @Override
  public boolean takesNote(Arrangement arrangement) {
    return !arrangement.isSetByNutPosition();
  }

  @Override
  public String template(Workpiece piece) {
    return isAtNut(piece) ? "set" : "set-general";
  }

  private static boolean isAtNut(Workpiece piece) {
    return piece.arrangement().isSetByNutPosition();
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    // The panels are forms of their own: previews of the sheet's answer leave them as they are,
    // and what is asked of one leaves the sheet as recorded.
    if (!form.isOnlyFor(ANSWER)) {
      model.addAttribute("settingLife", LifePanel.of(piece, form).orElse(null));
      model.addAttribute("sums", SumsPanel.of(piece, form));
      model.addAttribute("turnsFree", Gaps.of(TurnsFree.of(piece.assembly())));
    }
    boolean panel = LifePanel.isMeant(form) || SumsPanel.isMeant(form);
    fillSheet(model, piece, panel ? Form.none() : form);
  }

  private void fillSheet(Model model, Workpiece piece, Form form) {
    if (!isAtNut(piece)) {
      general.fill(model, piece, form);
      return;
    }
    dialled.fill(model, piece, OtherSet.isMeant(form) ? Form.none() : form);
    other.fill(model, piece, OtherSet.isMeant(form) ? form : Form.none());
  }

  @Override
  public Press press(Job job, Form form, Press.By by) {
    if (!isAtNut(job)) {
      return form.action().startsWith("shim-")
          ? general.ofBoxes(job, form, by)
          : general.press(job, form);
    }
    return switch (form.action()) {
      case "school" -> SchoolPress.of(job.getVehicle(), SchoolPress.named(form.get("school")));
      case "other" -> other.press(job, form);
      default -> dialled.press(job, form);
    };
  }

  @Override
  public String recorded(Job job) {
    return isAtNut(job) ? dialled.recorded(job) : null;
  }

  @Override
  public Marks marks(Workpiece piece, Form form) {
    if (LifePanel.isMeant(form)) {
      return Marks.of(LifePanel.of(piece, form).map(p -> p.notes(piece)).orElse(List.of()));
    }
    if (!isAtNut(piece)) {
      return general.marks(piece, form);
    }
    return dialled.marks(piece, OtherSet.isMeant(form) ? Form.none() : form);
  }

  @Override
  public List<WorkingView> workings(Workpiece piece) {
    if (!isAtNut(piece)) {
      List<WorkingView> all =
          new java.util.ArrayList<>(GeneralSheet.of(piece, Form.none(), figures).workings());
      GeneralSet.sums(piece, Form.none()).ifPresent(s -> all.addAll(s.workings()));
      return all;
    }
    return switch (piece.school()) {
      case END_PLAY -> PaperWorkings.dialled(piece, figures);
      default -> OtherSchoolSheet.of(piece, Form.none(), figures).workings();
    };
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    return SetPaper.of(piece, figures);
  }
}
