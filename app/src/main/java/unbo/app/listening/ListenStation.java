package unbo.app.listening;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Selection;
import unbo.app.job.Station;
import unbo.app.job.Workpiece;
import unbo.app.job.Worksheet;
import unbo.core.arrangement.Arrangement;

/**
 * Listen in a job: what a search found when it opened the job, the searches that run on this
 * vehicle, and a way to start one. What was heard without a search stays a dated note.
 */
@Component
class ListenStation implements Worksheet {

  private final ListeningRepository searches;

  ListenStation(ListeningRepository searches) {
    this.searches = searches;
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
}
