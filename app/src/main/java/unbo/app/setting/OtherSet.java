package unbo.app.setting;

import java.util.Map;
import java.util.Optional;
import org.springframework.ui.Model;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Press;
import unbo.app.job.StationMark;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.app.web.Figures;
import unbo.core.measure.Verdict;
import unbo.core.setting.School;
import unbo.core.setting.SettingOutcome;

/** The schools without a dial: turning torque against a limit, or how the wheel comes to rest. */
final class OtherSet {

  private final Figures figures;

  OtherSet(Figures figures) {
    this.figures = figures;
  }

  void fill(Model model, Workpiece piece, Form form) {
    model.addAttribute("other", OtherSchoolSheet.of(piece, form, figures));
  }

  /** Whether a form is one of these schools' and not the dialling sheet's. */
  static boolean isMeant(Form form) {
    return form.action().equals("other") || form.has("force") || form.has("rest");
  }

  Press press(Job job, Form form) {
    School school = SchoolPress.named(form.get("school"));
    Map<String, String> fields = form.single();
    Optional<LeftSchool> left = LeftSchool.of(job, school, OtherSchoolSheet.words(fields));
    if (left.isPresent()) {
      return new Press.Overtaken(Map.of("leftSchool", left.get()));
    }
    NutRecord nut = SettingResults.record(job).nut();
    Optional<OtherSchools> record = OtherSchoolSheet.typed(school, nut, fields).record(school, nut);
    if (record.isEmpty()) {
      return new Press.Refused(new FieldProblems());
    }
    SettingOutcome outcome = OtherSchoolSheet.outcome(school, record.get(), nut).orElseThrow();
    StationMark.State state =
        outcome.inWindow() == Verdict.YES ? StationMark.State.DONE : StationMark.State.WORKED_ON;
    return Press.Taken.here(
        state,
        school.title() + ": " + outcome.text(),
        (changed, by) ->
            changed
                .work()
                .write(SetRecord.TYPE, SettingResults.record(changed).with(record.get())));
  }
}
