package unbo.app.booking;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.JobEventRepository;
import unbo.app.job.NotProved;
import unbo.app.job.Press;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.app.packing.LastsPanel;
import unbo.app.proving.Proofs;
import unbo.app.web.Figures;

/** Book: the history, and the closing of the job. */
@Component
class BookStation implements Worksheet {

  private final Proofs proofs;
  private final JobEventRepository events;
  private final Figures figures;

  BookStation(Proofs proofs, JobEventRepository events, Figures figures) {
    this.figures = figures;
    this.proofs = proofs;
    this.events = events;
  }

  @Override
  public Station station() {
    return Station.BOOK;
  }

  /** Without a job there is nothing to book. */
  @Override
  public boolean servesBench() {
    return false;
  }

  @Override
  public void fill(Model model, Workpiece piece, Selection selection, Form form) {
    Job job = (Job) piece;
    model.addAttribute("prove", proofs.sheet(job));
    model.addAttribute("recheck", proofs.recheck(job));
    model.addAttribute("regrease", LastsPanel.booked(job, figures).orElse(null));
    model.addAttribute("history", events.of(job.getId()));
  }

  /** Closes the job; it is judged under its lock, since what was judged before may be old. */
  @Override
  public Press press(Job job, Form form, Press.By by) {
    return Press.Taken.here(
        StationMark.State.DONE,
        "closed",
        (closed, signature) -> {
          if (!proofs.of(closed).isProved()) {
            throw new NotProved(closed);
          }
          closed.close(signature.person(), signature.at());
        });
  }
}
