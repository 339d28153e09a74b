package unbo.app.fitting;

import java.util.Optional;
import unbo.app.job.Form;
import unbo.app.job.Job;
import unbo.app.job.Press;
import unbo.app.job.StationMark;
import unbo.app.web.FieldProblems;
import unbo.core.heat.Attempt;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;

/** Keeps an attempt at a heated fit. */
final class TriedPress {

  private static final int LONGEST = 200;
  private static final double LEAST_C = -196;
  private static final double MOST_C = 400;

  private TriedPress() {}

  static Press press(Job job, Form form, Press.By by, FitPlace place) {
    FieldProblems problems = new FieldProblems();
    Optional<Double> heated = celsius(form, "tried-heated", problems);
    Optional<Double> chilled = celsius(form, "tried-chilled", problems);
    Optional<Attempt.Outcome> came = Attempt.Outcome.withId(form.get("tried-came"));
    String note = form.get("tried-note").strip();
    if (heated.isEmpty() && problems.at("tried-heated") == null) {
      problems.add(
          "tried-heated",
          new Problem("", "No temperature.", "Enter what the probe read at the part, in °C."));
    }
    if (came.isEmpty()) {
      problems.add(
          "tried-came",
          new Problem(form.get("tried-came"), "Not said how it went.", "Choose how it went."));
    }
    if (note.length() > LONGEST) {
      problems.add(
          "tried-note",
          new Problem(note, "Too long.", "Write " + LONGEST + " characters at most."));
    }
    if (!problems.isEmpty()) {
      return new Press.Refused(problems);
    }
    FitRecord record = job.work().sheet(FitRecord.TYPE);
    Tried tried =
        new Tried(
            place.id(),
            heated.orElseThrow(),
            chilled.orElse(null),
            came.orElseThrow().id(),
            note,
            by.name(),
            by.at());
    return Press.Taken.here(
        job.work()
            .mark(unbo.app.job.Station.FIT)
            .map(StationMark::getState)
            .orElse(StationMark.State.WORKED_ON),
        place.title() + ": heated, " + came.orElseThrow().title(),
        (changed, s) -> changed.work().write(FitRecord.TYPE, record.with(tried)));
  }

  private static Optional<Double> celsius(Form form, String field, FieldProblems problems) {
    Optional<Double> read = problems.take(field, QuantityEntry.TEMPERATURE.parse(form.get(field)));
    if (read.isPresent() && !(read.get() >= LEAST_C && read.get() <= MOST_C)) {
      problems.add(
          field,
          new Problem(form.get(field), "Not a temperature of this work.", "Enter −196 to 400 °C."));
      return Optional.empty();
    }
    return read;
  }
}
