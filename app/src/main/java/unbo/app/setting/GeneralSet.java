package unbo.app.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.ui.Model;
import unbo.app.drawing.SectionNote;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Marks;
import unbo.app.job.Press;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.measure.Readings;
import unbo.core.measure.Verdict;
import unbo.core.setting.SettingOutcome;
import unbo.core.units.Problem;

/** Set for every arrangement that has no sheet of its own yet: readings, windows, torques. */
final class GeneralSet {

  private final Figures figures;

  private final ShimBoxes boxes;

  GeneralSet(Figures figures, ShimBoxes boxes) {
    this.figures = figures;
    this.boxes = boxes;
  }

  void fill(Model model, Workpiece piece, Form form) {
    GeneralSheet sheet = GeneralSheet.of(piece, form, figures);
    form.problems().copyTo(sheet.problems());
    model.addAttribute("general", sheet);
    model.addAttribute("shims", shims(piece, form).orElse(null));
    model.addAttribute("shimBoxes", boxes.all());
    model.addAttribute("partSums", sums(piece, form).orElse(null));
  }

  /** The shim that is asked for; empty where nothing is set by shims. */
  private Optional<ShimPanel> shims(Workpiece piece, Form form) {
    if (!ShimPanel.serves(piece.arrangement())) {
      return Optional.empty();
    }
    boolean typed = form.typed() && ShimPanel.NAMES.stream().anyMatch(form::has);
    Map<String, String> fields = typed ? shimFields(form) : SettingResults.record(piece).shims();
    ShimPanel panel = ShimPanel.of(boxes.filled(fields), drawn(piece));
    // What a press refused stands at the panel's own fields.
    ShimPanel.NAMES.stream()
        .filter(n -> form.problems().at(n) != null && panel.problems().at(n) == null)
        .forEach(n -> panel.problems().add(n, form.problems().at(n)));
    return Optional.of(panel);
  }

  /** Thickness of what is put between on the section, where somebody measured it; else 0. */
  private static double drawn(Workpiece piece) {
    return piece.arrangement().adjustments().stream()
        .flatMap(a -> piece.arrangement().size(a.part() + ".thickness").stream())
        .filter(piece.assembly()::isMeasured)
        .mapToDouble(piece.assembly()::value)
        .findFirst()
        .orElse(0);
  }

  /** Filling a box, and booking out of one. */
  Press ofBoxes(Job job, Form form, Press.By by) {
    Map<String, String> fields = shimFields(form);
    if (form.action().equals("shim-box")) {
      return boxes.fill(fields, by);
    }
    return shims(job, form)
        .map(p -> boxes.book(job, form, fields, p))
        .orElseGet(() -> nothing(job));
  }

  /** The sum of what sets it; empty where there is none. */
  static Optional<PartSums> sums(Workpiece piece, Form form) {
    Map<String, String> fields =
        form.typed() ? PartSums.typed(form) : SettingResults.record(piece).sums();
    Map<String, GeneralSetting> settings =
        form.typed()
            ? GeneralInput.of(piece.arrangement(), form).settings()
            : SettingResults.record(piece).general();
    Optional<Readings> force =
        settings.values().stream()
            .filter(s -> s.unit().equals("N"))
            .flatMap(s -> s.measured().stream())
            .findFirst();
    return PartSums.of(piece, fields, force);
  }

  private static Map<String, String> shimFields(Form form) {
    Map<String, String> fields = new LinkedHashMap<>();
    ShimPanel.NAMES.stream()
        .filter(n -> !form.get(n).isBlank())
        .forEach(n -> fields.put(n, form.get(n).strip()));
    return fields;
  }

  Marks marks(Workpiece piece, Form form) {
    Map<String, GeneralSetting> settings =
        form.typed()
            ? GeneralInput.of(piece.arrangement(), form).settings()
            : SettingResults.record(piece).general();
    List<SectionNote> notes = new ArrayList<>(GeneralSheet.notes(piece.arrangement(), settings));
    if (hasDepths(piece, form)) {
      String part = piece.arrangement().adjustments().get(0).part();
      shims(piece, form).ifPresent(p -> notes.addAll(p.notes(part)));
    }
    return Marks.of(notes);
  }

  /** Every page of a job draws the section: nothing is worked where no depth was entered. */
  private static boolean hasDepths(Workpiece piece, Form form) {
    return form.has("depth-1")
        || !SettingResults.record(piece).shims().getOrDefault("depth-1", "").isEmpty();
  }

  Press press(Job job, Form form) {
    GeneralInput input = GeneralInput.of(job.arrangement(), form);
    if (!input.problems().isEmpty()) {
      return new Press.Refused(input.problems());
    }
    Map<String, GeneralSetting> old = SettingResults.record(job).general();
    Optional<ShimPanel> shims = shims(job, form);
    if (shims.isPresent() && !shims.get().problems().isEmpty()) {
      return new Press.Refused(shims.get().problems());
    }
    Optional<PartSums> sums = sums(job, form);
    if (sums.isPresent() && !sums.get().problems().isEmpty()) {
      return new Press.Refused(sums.get().problems());
    }
    Map<String, String> kept = sums.map(PartSums::kept).orElse(Map.of());
    boolean shimmed =
        shims.filter(ShimPanel::isEntered).isPresent()
            || sums.filter(PartSums::isEntered).isPresent();
    if (input.settings().isEmpty() && old.isEmpty() && !shimmed) {
      return nothing(job);
    }
    Optional<SettingOutcome> outcome = GeneralOutcome.of(job.assembly(), input.settings());
    boolean done = outcome.filter(o -> o.inWindow() == Verdict.YES).isPresent();
    String text =
        outcome.map(SettingOutcome::text).orElse(shimmed ? "lengths for a sum" : "emptied");
    return Press.Taken.here(
        done ? StationMark.State.DONE : StationMark.State.WORKED_ON,
        text.length() > 900 ? text.substring(0, 900) + "…" : text,
        (changed, by) -> {
          SetRecord set = SettingResults.record(changed);
          Map<String, GeneralSetting> signed = new LinkedHashMap<>();
          input.settings().forEach((part, s) -> signed.put(part, sign(s, set, part, by)));
          changed
              .work()
              .write(SetRecord.TYPE, set.with(signed).withShims(shimFields(form)).withSums(kept));
        });
  }

  /** What was not changed keeps who entered it. */
  private static GeneralSetting sign(
      GeneralSetting s, SetRecord set, String part, unbo.app.job.Jobs.Signature by) {
    GeneralSetting old = set.general().get(part);
    return old != null && old.saysSame(s) ? old : s.signed(by.person(), by.at());
  }

  private static Press nothing(Job job) {
    FieldProblems problems = new FieldProblems();
    String first = GeneralSheet.parts(job.arrangement()).stream().findFirst().orElse("none");
    problems.add(
        first + "-readings",
        new Problem(
            "", "Nothing is entered.", "Enter a reading or a torque, or add a note below."));
    return new Press.Refused(problems);
  }
}
