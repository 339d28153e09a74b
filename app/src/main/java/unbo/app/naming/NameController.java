package unbo.app.naming;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
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
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.BearingPlace;
import unbo.core.arrangement.PartTemplate;
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

  /** A position whose bearings go by size alone has no number to read. */
  @Override
  public boolean serves(Arrangement arrangement) {
    return !arrangement.namedPlaces().isEmpty();
  }

  @Override
  public void fill(Model model, Job job, PartTemplate selected) {
    if (!model.containsAttribute("name")) {
      BearingPlace place = placeOf(job, selected == null ? "" : selected.id());
      String typed = job.work().bearingAt(place.id()).map(Marked::getMarking).orElse("");
      model.addAttribute("name", NameSheet.of(job, place, reader.read(typed), null, figures));
    }
    model.addAttribute("revision", job.work().revision(Station.NAME));
  }

  /** The page with the readings of a text, nothing saved. */
  @GetMapping
  String read(
      @PathVariable long id,
      @RequestParam(defaultValue = "") String text,
      @RequestParam(defaultValue = "") String part,
      Model model) {
    Job job = jobs.get(id);
    return show(model, job, placeOf(job, part), text, null);
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
    Job job = jobs.get(id);
    BearingPlace named = placeOf(job, part);
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
      BearingPlace place,
      String text,
      Bearing bearing,
      int revision,
      boolean renewed,
      Person person) {
    boolean last =
        job.arrangement().namedPlaces().stream()
            .allMatch(p -> p.equals(place) || job.work().bearingAt(p.id()).isPresent());
    String was =
        job.work()
            .bearingAt(place.id())
            .map(m -> "“" + m.getMarking() + "”")
            .orElse("assumed " + job.assembly().bearing(place.id()).designation());
    String line =
        place.id()
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
        last ? StationMark.State.DONE : StationMark.State.WORKED_ON,
        line,
        (work, s) -> {
          work.setBearing(place.id(), Marked.read(bearing.designation(), text));
          if (renewed) {
            job.arrangement()
                .partsOf(place.id())
                .forEach(
                    ring ->
                        work.setPart(
                            ring.id(),
                            new PartMark(PartMark.State.RENEWED, work.noteOf(ring.id())),
                            Station.NAME));
          }
        });
  }

  /** After one bearing the next unread one; after the last it stays where it is. */
  private static Selection next(Job job, BearingPlace place) {
    BearingPlace next =
        job.arrangement().namedPlaces().stream()
            .filter(p -> job.work().bearingAt(p.id()).isEmpty())
            .findFirst()
            .orElse(place);
    return new Selection(Station.NAME, job.arrangement().partsOf(next.id()).get(0));
  }

  private Optional<Problem> refusal(Job job, BearingPlace place, String text, String designation) {
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
                      "No reading of this text was chosen.",
                      "Enter the number and use one of its readings.")));
    }
    if (!NameSheet.mayStandAt(place, read.get())) {
      return Optional.of(
          new Problem(
              designation,
              NameSheet.objection(job, place, read.get()),
              place.kind().isTaper()
                  ? "Check the ring again: a taper bearing has a cone and a cup that come apart."
                  : "Check the ring again, or measure bore, outside diameter and width."));
    }
    return Optional.empty();
  }

  private String show(Model model, Job job, BearingPlace place, String text, Problem refusal) {
    model.addAttribute("name", NameSheet.of(job, place, reader.read(text), refusal, figures));
    return page.show(
        model, job, new Selection(Station.NAME, job.arrangement().partsOf(place.id()).get(0)));
  }

  /** The place of a part; an empty word stands for the first one. */
  private static BearingPlace placeOf(Job job, String part) {
    List<BearingPlace> named = job.arrangement().namedPlaces();
    if (part.isEmpty() && !named.isEmpty()) {
      return named.get(0);
    }
    return job.arrangement()
        .part(part)
        .flatMap(PartTemplate::place)
        .flatMap(job.arrangement()::place)
        .filter(BearingPlace::isNamed)
        .orElseThrow(() -> new NoSuchPage("There is no such bearing."));
  }
}
