package unbo.app.listening;

import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Opening;
import unbo.app.job.OpeningFinding;
import unbo.app.job.PaperLine;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.web.Figures;
import unbo.core.arrangement.Arrangement;

/**
 * Listen in a job: what a search found when it opened the job, the searches that run on this
 * vehicle, and a way to start one. What was heard without a search stays a dated note.
 */
@Component
class ListenStation implements Worksheet {

  private final ListeningRepository searches;
  private final Figures figures;

  ListenStation(ListeningRepository searches, Figures figures) {
    this.searches = searches;
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.LISTEN;
  }

  /** Without a job a search starts on its own page. */
  @Override
  public boolean servesBench() {
    return false;
  }

  @Override
  public boolean takesNote(Arrangement arrangement) {
    return true;
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    Job job = (Job) piece;
    List<Listening> running =
        searches.running().stream()
            .filter(s -> s.getVehicle() != null)
            .filter(s -> s.getVehicle().getId().equals(job.getVehicle().getId()))
            .toList();
    model.addAttribute("running", running);
    model.addAttribute("opened", searches.thatOpened(job.getId()).orElse(null));
  }

  @Override
  public List<PaperLine> paper(Workpiece piece) {
    Opening opening = piece.work().getOpening();
    if (!opening.isKnown()) {
      return List.of();
    }
    List<PaperLine> lines = new ArrayList<>();
    lines.add(
        PaperLine.of(
            "found before the work", opening.line() + ". " + opening.getUrgency().words()));
    piece.work().getOpeningFindings().values().forEach(f -> lines.add(line(f)));
    if (opening.getLookedAt() != null) {
      lines.add(looked(opening));
    }
    return lines;
  }

  private static PaperLine line(OpeningFinding f) {
    String reading =
        f.getReading() == null || f.getReading().isEmpty() ? "" : ", " + f.getReading();
    String shown =
        f.getOutcome() != null
            ? ": " + f.getOutcome().title() + ", " + f.getPerson()
            : f.isRepeated() ? ": not checked again yet" : "";
    return PaperLine.of(f.getQuestion(), f.getAnswer() + reading + shown);
  }

  private PaperLine looked(Opening opening) {
    return new PaperLine(
        opening.isLookedWaived() ? "inspection before Set waived" : "inspected before Set",
        "by " + opening.getLookedBy() + ", " + figures.moment(opening.getLookedAt()),
        opening.getLookedNote());
  }
}
