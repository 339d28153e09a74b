package unbo.app.naming;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.job.Job;
import unbo.app.job.JobPage;
import unbo.app.job.Jobs;
import unbo.app.job.Marked;
import unbo.app.job.PartMark;
import unbo.app.job.Selection;
import unbo.app.job.StaleStation;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.Worksheet;
import unbo.app.web.Figures;
import unbo.app.web.NoSuchPage;
import unbo.core.arrangement.HubPart;
import unbo.core.catalogue.Bearing;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.DesignationReader;
import unbo.core.designation.ReadingReport;
import unbo.core.units.Problem;

/** Reads a number as it is typed, and takes a reading into the job. */
@Controller
@RequestMapping("/jobs/{id}/name")
class NameController implements Worksheet {

  private final Jobs jobs;
  private final JobPage page;
  private final Figures figures;
  private final DesignationReader reader = DesignationReader.standard();

  NameController(
      Jobs jobs, @org.springframework.context.annotation.Lazy JobPage page, Figures figures) {
    this.jobs = jobs;
    this.page = page;
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.NAME;
  }

  @Override
  public void fill(Model model, Job job, HubPart selected) {
    HubPart part = selected != null && selected.isBearing() ? selected : HubPart.INBOARD_CONE;
    if (!model.containsAttribute("name")) {
      String typed = job.bearingAt(part).marking().orElse("");
      model.addAttribute("name", NameSheet.of(job, part, reader.read(typed), null, figures));
    }
    model.addAttribute("revision", job.revision(Station.NAME));
    model.addAttribute("inboard", job.bearingAt(HubPart.INBOARD_CONE));
    model.addAttribute("outboard", job.bearingAt(HubPart.OUTBOARD_CONE));
  }

  /** The page with the readings of a text, nothing saved. */
  @GetMapping
  String read(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String text,
      @RequestParam(defaultValue = "inboard-cone") String part,
      Model model) {
    return show(model, jobs.get(id), partOf(part), text, null);
  }

  /** Takes a reading. */
  @PostMapping
  String take(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String text,
      @RequestParam String part,
      @RequestParam int revision,
      @RequestParam(name = "take", defaultValue = "") String designation,
      @RequestParam(required = false) String renewed,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    HubPart named = partOf(part);
    Job job = jobs.get(id);
    Optional<Problem> refusal = refusal(job, named, text, designation);
    if (refusal.isEmpty()) {
      try {
        Bearing bearing = Catalogue.standard().find(designation).orElseThrow();
        Job changed = save(job, named, text.strip(), bearing, revision, renewed != null, person);
        return "redirect:" + next(changed, named).address(changed);
      } catch (StaleStation e) {
        model.addAttribute("stale", e.latest());
        response.setStatus(HttpStatus.CONFLICT.value());
        return show(model, jobs.get(id), named, text, null);
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return show(model, job, named, text, refusal.get());
  }

  private Job save(
      Job job,
      HubPart part,
      String text,
      Bearing bearing,
      int revision,
      boolean renewed,
      Person person) {
    HubPart other = part.isInboardBearing() ? HubPart.OUTBOARD_CONE : HubPart.INBOARD_CONE;
    StationMark.State state =
        job.bearingAt(other).marking().isPresent()
            ? StationMark.State.DONE
            : StationMark.State.WORKED_ON;
    String where = part.isInboardBearing() ? "inboard" : "outboard";
    Marked old = job.bearingAt(part);
    String was = old.marking().map(m -> "“" + m + "”").orElse("assumed " + old.getDesignation());
    String line =
        where
            + " bearing: "
            + was
            + " → “"
            + text
            + "” read as "
            + bearing.designation()
            + (renewed ? ", renewed" : "");
    return jobs.change(
        job.getId(),
        Station.NAME,
        revision,
        person.getName(),
        state,
        line,
        (j, s) -> {
          j.setBearing(part, Marked.read(bearing.designation(), text));
          if (renewed) {
            rings(part)
                .forEach(
                    ring -> j.setPart(ring, new PartMark(PartMark.State.RENEWED, j.noteOf(ring))));
          }
        });
  }

  private static java.util.List<HubPart> rings(HubPart part) {
    return part.isInboardBearing()
        ? java.util.List.of(HubPart.INBOARD_CONE, HubPart.INBOARD_CUP)
        : java.util.List.of(HubPart.OUTBOARD_CONE, HubPart.OUTBOARD_CUP);
  }

  /** After one bearing the other is next; after both, the next station. */
  private static Selection next(Job job, HubPart part) {
    HubPart other = part.isInboardBearing() ? HubPart.OUTBOARD_CONE : HubPart.INBOARD_CONE;
    boolean otherRead = job.bearingAt(other).marking().isPresent();
    return new Selection(Station.NAME, otherRead ? part : other);
  }

  private Optional<Problem> refusal(Job job, HubPart part, String text, String designation) {
    ReadingReport report = reader.read(text);
    Optional<Bearing> read =
        report.readings().stream()
            .map(r -> r.bearing())
            .filter(b -> b.designation().equals(designation))
            .findFirst();
    if (read.isEmpty()) {
      return Optional.of(
          report
              .problem()
              .orElse(
                  new Problem(
                      text,
                      "No reading of this text was picked.",
                      "Type the number and take one of its readings.")));
    }
    if (!read.get().isTaper()) {
      return Optional.of(
          new Problem(
              designation,
              NameSheet.objection(job, part, read.get()),
              "Look at the ring again: a taper has a cone and a cup that come apart."));
    }
    return Optional.empty();
  }

  private String show(Model model, Job job, HubPart part, String text, Problem refusal) {
    model.addAttribute("name", NameSheet.of(job, part, reader.read(text), refusal, figures));
    return page.show(model, job, new Selection(Station.NAME, part));
  }

  private static HubPart partOf(String id) {
    return HubPart.withId(id)
        .filter(HubPart::isBearing)
        .orElseThrow(() -> new NoSuchPage("There is no such bearing."));
  }
}
