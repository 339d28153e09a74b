package unbo.app.job;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import unbo.app.photograph.Photographs;
import unbo.app.web.Figures;
import unbo.app.web.ViewPreferences;

/** Fills the model of a job's page, whatever sheet is open on it. */
@Component
public class JobPage {

  /** The template. */
  public static final String VIEW = "job";

  private static final String PREVIEW = "job-preview";

  /** Attribute of the photographs; one that is there already is kept. */
  static final String PHOTOGRAPHS = "photographs";

  private final Worksheets worksheets;
  private final Figures figures;
  private final Jobs jobs;
  private final JobSection section;
  private final Photographs photographs;

  JobPage(
      Worksheets worksheets,
      Jobs jobs,
      JobSection section,
      Photographs photographs,
      Figures figures) {
    this.photographs = photographs;
    this.jobs = jobs;
    this.section = section;
    this.worksheets = worksheets;
    this.figures = figures;
  }

  /** Shows a job as its record stands. */
  public String show(Model model, Job job, Selection selection) {
    return show(model, job, selection, Form.none());
  }

  /** Shows a job with a form that is not saved; its section follows what is typed. */
  public String show(Model model, Job job, Selection selection, Form form) {
    Station station = selection.station();
    model.addAttribute("stations", StationLine.of(job, station));
    model.addAttribute("selectionAddress", selection.address(job));
    model.addAttribute("advice", worksheets.advice(job, station));
    model.addAttribute("next", next(job, station));
    model.addAttribute("lastChange", jobs.lastChange(job).orElse(null));
    if (!model.containsAttribute(PHOTOGRAPHS)) {
      model.addAttribute(PHOTOGRAPHS, PhotographSheet.of(station, photographs.of(job.getId())));
    }
    work(model, job, selection, form);
    return VIEW;
  }

  /**
   * The section and the sheet alone, as if the form were saved: a preview replaces nothing else.
   */
  String preview(Model model, Job job, Selection selection, Form form) {
    work(model, job, selection, form);
    return PREVIEW;
  }

  private void work(Model model, Job job, Selection selection, Form form) {
    Station station = selection.station();
    model.addAttribute("job", job);
    model.addAttribute("piece", job);
    model.addAttribute("selection", selection);
    boolean inch = ViewPreferences.inch(model);
    Marks marks = worksheets.marks(job, station, form);
    model.addAttribute("section", section.frame(job, selection.part(), marks, inch));
    model.addAttribute("sheet", sheet(job, station));
    fill(model, job, selection, form);
  }

  private void fill(Model model, Job job, Selection selection, Form form) {
    Station station = selection.station();
    if (station == null) {
      PartSheet.fill(model, job, selection.part(), figures);
      return;
    }
    if (isClosedToSetting(job, station)) {
      model.addAttribute("revision", job.work().revision(Station.READ));
      return;
    }
    model.addAttribute("revision", job.work().revision(station));
    worksheets.at(station, job).ifPresent(w -> w.fill(model, job, selection, form));
    if (worksheets.takesNote(station, job)) {
      NoteSheet.fill(model, job, station);
    }
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
    return worksheets.at(station, job).map(w -> w.template(job)).orElse("note");
  }

  private static boolean isClosedToSetting(Job job, Station station) {
    return station == Station.SET && job.isLookedForFirst() && !job.isClosed();
  }
}
