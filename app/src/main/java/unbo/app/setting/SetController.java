package unbo.app.setting;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.annotation.Lazy;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import unbo.app.account.Person;
import unbo.app.job.EndPlayKey;
import unbo.app.job.EndPlayReading;
import unbo.app.job.Job;
import unbo.app.job.JobPage;
import unbo.app.job.Jobs;
import unbo.app.job.NutRecord;
import unbo.app.job.PartMark;
import unbo.app.job.SectionResults;
import unbo.app.job.Selection;
import unbo.app.job.StaleStation;
import unbo.app.job.Station;
import unbo.app.job.StationMark;
import unbo.app.job.WorkRecord;
import unbo.app.job.Worksheet;
import unbo.app.web.Figures;
import unbo.core.arrangement.Arrangement;
import unbo.core.arrangement.PartTemplate;
import unbo.core.measure.Verdict;
import unbo.core.setting.NutAdvice;
import unbo.core.setting.NutPosition;
import unbo.core.setting.NutSetting;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;
import unbo.core.units.Problem;

/** Dials, solves the nut as one types, takes a hole, dials again: the school of end play. */
@Controller
@RequestMapping("/jobs/{id}/set")
class SetController implements Worksheet {

  private final Jobs jobs;
  private final JobPage page;
  private final Figures figures;

  SetController(Jobs jobs, @Lazy JobPage page, Figures figures) {
    this.jobs = jobs;
    this.page = page;
    this.figures = figures;
  }

  @Override
  public Station station() {
    return Station.SET;
  }

  /** End play at a nut belongs to the adjustable taper pair. */
  @Override
  public boolean serves(Arrangement arrangement) {
    return arrangement.isSetByNutPosition();
  }

  @Override
  public void fill(Model model, Job job, PartTemplate selected) {
    if (!model.containsAttribute("set")) {
      SetForm form = SetForm.recorded(job, figures);
      model.addAttribute(
          "set",
          SetSheet.of(
              job,
              form,
              SetInput.of(form),
              job.work().getNut().chosenSteps().orElse(null),
              figures));
    }
    if (!model.containsAttribute("other")) {
      model.addAttribute("other", OtherSchoolSheet.recorded(job, figures));
    }
    model.addAttribute("revision", job.work().revision(Station.SET));
  }

  /** The page for a form that is still being typed; nothing is saved. */
  @PostMapping("/preview")
  String preview(
      @PathVariable long id, @RequestParam MultiValueMap<String, String> typed, Model model) {
    return show(model, jobs.get(id), SetForm.typed(typed));
  }

  /** Saves; {@code do} says what else: one more field, or which hole to take. */
  @PostMapping
  String save(
      @PathVariable long id,
      @RequestParam MultiValueMap<String, String> typed,
      @RequestParam int revision,
      @RequestParam(name = "do", defaultValue = "save") String what,
      @AuthenticationPrincipal Person person,
      Model model,
      HttpServletResponse response) {
    SetForm form = SetForm.typed(typed);
    Job job = jobs.get(id);
    if (what.startsWith("more-")) {
      return show(
          model,
          job,
          form.withOneMore(
              what.equals("more-again") ? EndPlayKey.Stage.PINNED : EndPlayKey.Stage.FIRST));
    }
    Optional<LeftSchool> left =
        LeftSchool.of(
            job, School.END_PLAY, Stream.concat(form.first().stream(), form.again().stream()));
    if (left.isPresent()) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("leftSchool", left.get());
      return page.show(model, job, Selection.at(Station.SET, job));
    }
    SetInput input = SetInput.of(form);
    Optional<Integer> hole = hole(what);
    hole.ifPresent(steps -> checkHole(steps, input));
    if (!input.problems().isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return show(model, job, form, input);
    }
    try {
      Change change = new Change(job, input, hole);
      Job saved =
          jobs.change(
              id,
              Station.SET,
              revision,
              person.getName(),
              change.state(),
              change.describe(figures),
              change::apply);
      return "redirect:" + Selection.at(Station.SET, saved).address(saved);
    } catch (StaleStation e) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("stale", e.latest());
      model.addAttribute("recorded", recorded(jobs.get(id)));
      return show(model, jobs.get(id), form);
    }
  }

  private static Optional<Integer> hole(String what) {
    if (!what.matches("take:-?\\d{1,4}")) {
      return Optional.empty();
    }
    return Optional.of(Integer.parseInt(what.substring(5)));
  }

  /** A hole is taken only where play is left for certain, whatever a form says. */
  private static void checkHole(int steps, SetInput input) {
    Optional<NutPosition> place =
        SetSheet.solve(
                input,
                input.measured(EndPlayKey.Stage.FIRST),
                input
                    .window()
                    .map(NutRecord.MakersWindow::window)
                    .orElse(NutSetting.DEFAULT_WINDOW_MM))
            .flatMap(s -> s.reachable().stream().filter(p -> p.steps() == steps).findFirst());
    if (place.isEmpty() || !place.get().surelyFree() || place.get().inWindow() == Verdict.NO) {
      input
          .problems()
          .add(
              "first0",
              new Problem(
                  String.valueOf(steps),
                  "That hole cannot be used: it is out of limits or may give preload.",
                  "Use a hole that is within limits."));
    }
  }

  private String show(Model model, Job job, SetForm form) {
    return show(model, job, form, SetInput.of(form));
  }

  private String show(Model model, Job job, SetForm form, SetInput input) {
    drawTyped(job, input);
    model.addAttribute(
        "set",
        SetSheet.of(job, form, input, job.work().getNut().chosenSteps().orElse(null), figures));
    return page.show(
        model,
        job,
        Selection.at(Station.SET, job),
        SectionResults.of(
            job,
            input.measured(EndPlayKey.Stage.FIRST),
            input.measured(EndPlayKey.Stage.PINNED),
            figures));
  }

  /** The nut as typed, put into this copy of the job only, so that the section follows. */
  private static void drawTyped(Job job, SetInput input) {
    if (input.thread().isPresent()) {
      Integer chosen = job.work().getNut().chosenSteps().orElse(null);
      job.work().setNut(input.nut());
      job.work().chooseHole(chosen);
    }
  }

  private String recorded(Job job) {
    SetForm stored = SetForm.recorded(job, figures);
    return "readings "
        + stored.first()
        + ", at the pinned hole "
        + stored.again()
        + ", thread "
        + stored.get(SetForm.THREAD)
        + ", slots "
        + stored.get(SetForm.SLOTS)
        + ", pin holes "
        + stored.get(SetForm.LINES);
  }

  /** What saving does to the record. */
  private record Change(Job job, SetInput input, Optional<Integer> hole) {

    void apply(WorkRecord target, Jobs.Signature by) {
      boolean same = sameBasis();
      Integer keep = hole.orElse(same ? target.getNut().chosenSteps().orElse(null) : null);
      boolean otherHole = !Objects.equals(keep, target.getNut().chosenSteps().orElse(null));
      target.setNut(input.nut());
      target.chooseHole(keep);
      if (!same) {
        target.setEndPlays(EndPlayKey.Stage.FIRST, signed(input.first(), by));
      }
      // Readings at another hole, or on another basis, say nothing of this one.
      target.setEndPlays(
          EndPlayKey.Stage.PINNED,
          keep == null || otherHole ? List.of() : signed(input.again(), by));
      if (keep != null && otherHole) {
        target.setPart(
            "pin", new PartMark(PartMark.State.RENEW, target.noteOf("pin")), Station.SET);
      }
    }

    StationMark.State state() {
      boolean done =
          hole.isEmpty()
              && sameBasis()
              && job.work().getNut().chosenSteps().isPresent()
              && input
                  .measured(EndPlayKey.Stage.PINNED)
                  .flatMap(r -> SettingOutcome.ofEndPlay(r, job.work().getNut().window()))
                  .map(o -> o.inWindow() != Verdict.NO)
                  .orElse(false);
      return done ? StationMark.State.DONE : StationMark.State.WORKED_ON;
    }

    /** Whether first readings and nut are what the record holds already. */
    private boolean sameBasis() {
      List<String> old =
          job.work().endPlays(EndPlayKey.Stage.FIRST).stream()
              .map(EndPlayReading::getTyped)
              .toList();
      NutRecord nut = job.work().getNut();
      return old.equals(input.first().stream().map(SetInput.TypedReading::typed).toList())
          && nut.gauge().equals(input.gauge())
          && nut.thread().equals(input.thread())
          && nut.lock().equals(input.lock())
          && nut.makersWindow().equals(input.window());
    }

    String describe(Figures figures) {
      String line =
          "readings "
              + typed(
                  job.work().endPlays(EndPlayKey.Stage.FIRST).stream()
                      .map(EndPlayReading::getTyped)
                      .toList())
              + " → "
              + typed(input.first().stream().map(SetInput.TypedReading::typed).toList());
      if (sameBasis()) {
        line =
            "at the pinned hole "
                + typed(
                    job.work().endPlays(EndPlayKey.Stage.PINNED).stream()
                        .map(EndPlayReading::getTyped)
                        .toList())
                + " → "
                + typed(input.again().stream().map(SetInput.TypedReading::typed).toList());
      }
      return hole.map(h -> "hole chosen: " + NutAdvice.turns(h).toLowerCase(Locale.ROOT) + "; ")
              .orElse("")
          + line;
    }

    private static String typed(List<String> values) {
      return values.isEmpty() ? "none" : values.stream().collect(Collectors.joining(", "));
    }

    private static List<EndPlayReading> signed(
        List<SetInput.TypedReading> readings, Jobs.Signature by) {
      return readings.stream()
          .map(r -> new EndPlayReading(r.typed(), r.valueMm(), by.person(), by.at()))
          .toList();
    }
  }
}
