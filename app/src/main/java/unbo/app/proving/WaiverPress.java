package unbo.app.proving;

import java.util.Optional;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Jobs;
import unbo.app.job.Press;
import unbo.app.job.StationMark;
import unbo.app.web.FieldProblems;
import unbo.app.web.NoSuchPage;
import unbo.core.units.Problem;
import unbo.core.verification.HardStop;
import unbo.core.verification.Waiver;

/** A hard stop waived by name with a reason, or a waiver lifted. */
record WaiverPress(Form form, Press.By by) {

  Press press(Job job) {
    HardStop stop =
        HardStop.withId(form.what())
            .orElseThrow(() -> new NoSuchPage("There is no such release check."));
    String reason = form.get("reason").strip();
    boolean lift = form.get("do").equals("lift");
    Optional<Problem> problem =
        Waiver.problemWith(
            by.person().getRole(), lift ? "removing the waiver" : form.get("reason"));
    if (problem.isPresent()) {
      FieldProblems problems = new FieldProblems();
      problems.add("waive-" + stop.id(), problem.get());
      return new Press.Refused(problems);
    }
    String line =
        lift
            ? "removed the waiver of “" + stop.title() + "”"
            : "waived “" + stop.title() + "”: " + reason;
    return Press.Taken.here(
        StationMark.State.WORKED_ON,
        line,
        (changed, s) -> write(changed, stop, lift ? null : mark(reason, s)));
  }

  private StopMark mark(String reason, Jobs.Signature s) {
    return StopMark.waived(reason, s.person(), by.person().getRole(), s.at());
  }

  private static void write(Job job, HardStop stop, StopMark mark) {
    ProveRecord record = job.work().sheet(ProveRecord.TYPE);
    job.work().write(ProveRecord.TYPE, record.with(stop, mark));
  }
}
