package unbo.app.job;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.web.Figures;
import unbo.app.web.ViewPreferences;

/** Fills the model of a job's page, whatever sheet is open on it. */
@Component
public class JobPage {

  /** The template. */
  public static final String VIEW = "job";

  private final Map<Station, Worksheet> worksheets;
  private final Figures figures;
  private final Jobs jobs;
  private final JobSection section;

  JobPage(List<Worksheet> worksheets, Jobs jobs, JobSection section, Figures figures) {
    this.jobs = jobs;
    this.section = section;
    this.worksheets =
        worksheets.stream().collect(Collectors.toMap(Worksheet::station, Function.identity()));
    this.figures = figures;
  }

  /** Shows a job with what the record writes on its section. */
  public String show(Model model, Job job, Selection selection) {
    return show(model, job, selection, SectionResults.of(job, figures));
  }

  /** Shows a job with other results on its section, such as those of a form not saved yet. */
  public String show(Model model, Job job, Selection selection, List<String> results) {
    model.addAttribute("job", job);
    model.addAttribute("selection", selection);
    boolean inch = ViewPreferences.inch(model);
    model.addAttribute("section", section.frame(job, selection.part(), results, inch));
    model.addAttribute("stations", StationLine.of(job, selection.station()));
    model.addAttribute("sheet", sheet(job, selection.station()));
    model.addAttribute("selectionAddress", selection.address(job));
    model.addAttribute("next", next(job, selection.station()));
    model.addAttribute("lastChange", jobs.lastChange(job).orElse(null));
    Station station = selection.station();
    if (station == null) {
      PartSheet.fill(model, job, selection.part(), figures);
    } else if (isClosedToSetting(job, station)) {
      model.addAttribute("revision", job.work().revision(Station.READ));
    } else if (hasWorksheet(job, station)) {
      worksheets.get(station).fill(model, job, selection.part());
    } else {
      NoteSheet.fill(model, job, station);
    }
    return VIEW;
  }

  /** Where to go from a station that is behind the job; null while it is not, or at the end. */
  private static Station next(Job job, Station station) {
    boolean behind =
        station != null
            && job.work()
                .mark(station)
                .map(m -> m.getState() != StationMark.State.WORKED_ON)
                .orElse(false);
    Station next = StationLine.next(job);
    return behind && next != station && !job.isClosed() ? next : null;
  }

  private String sheet(Job job, Station station) {
    if (station == null) {
      return "part";
    }
    if (isClosedToSetting(job, station)) {
      return "look";
    }
    return hasWorksheet(job, station) ? station.id() : "note";
  }

  private static boolean isClosedToSetting(Job job, Station station) {
    return station == Station.SET && job.isLookedForFirst() && !job.isClosed();
  }

  /** Whether a station has a sheet of its own for a job's arrangement. */
  boolean hasWorksheet(Job job, Station station) {
    return worksheets.containsKey(station) && worksheets.get(station).serves(job.arrangement());
  }
}
