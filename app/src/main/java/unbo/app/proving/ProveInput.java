package unbo.app.proving;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import unbo.app.job.Workpiece;
import unbo.app.web.FieldProblems;
import unbo.core.units.Problem;
import unbo.core.units.QuantityEntry;
import unbo.core.verification.AccusingTest;
import unbo.core.verification.Repeat;

/**
 * The Prove sheet as understood.
 *
 * @param tests the tests with what was typed for them
 * @param repeats what the findings of the beginning showed again, by their place
 * @param recheckOn a day, or null
 * @param recheckKm a distance, or null
 * @param wheelTorque the torque that the wheel nuts got, as words, empty when not given
 * @param problems at the fields
 */
record ProveInput(
    Map<AccusingTest, TestRecord> tests,
    Map<Integer, Repeat.Outcome> repeats,
    LocalDate recheckOn,
    Integer recheckKm,
    String wheelTorque,
    FieldProblems problems) {

  private static final int LONGEST_DETAIL = 200;
  private static final int MOST_YEARS_AHEAD = 5;

  static ProveInput of(
      Workpiece job,
      Map<String, String> form,
      String person,
      java.time.Instant now,
      LocalDate today) {
    FieldProblems problems = new FieldProblems();
    Map<AccusingTest, TestRecord> tests = new EnumMap<>(AccusingTest.class);
    for (AccusingTest test : AccusingTest.values()) {
      TestRecord old = job.work().sheet(ProveRecord.TYPE).tests().get(test);
      Optional<TestRecord> base =
          old != null
              ? Optional.of(old)
              : new TestEntry(test, "before", form, problems)
                  .read()
                  .map(r -> new TestRecord(r, false));
      Optional<TestReading> after =
          test == AccusingTest.END_PLAY
              ? Optional.empty()
              : new TestEntry(test, "after", form, problems).read();
      if (after.isPresent() && base.isEmpty() && problems.isEmpty()) {
        problems.add(
            "before-" + test.id(),
            new Problem(
                "",
                "There is no value from before to compare with.",
                "Enter the result of this test before the work."));
      }
      base.ifPresent(
          b ->
              tests.put(
                  test,
                  after
                      .map(a -> b.repeated(a, person, now))
                      .orElse(
                          old != null && test == AccusingTest.END_PLAY ? old : b.notRepeated())));
    }
    return new ProveInput(
        tests,
        repeats(job, form),
        day(form, today, problems),
        km(form, problems),
        torque(form, problems),
        problems);
  }

  private static Map<Integer, Repeat.Outcome> repeats(Workpiece job, Map<String, String> form) {
    Map<Integer, Repeat.Outcome> repeats = new TreeMap<>();
    for (Integer place : job.work().getOpeningFindings().keySet()) {
      for (Repeat.Outcome outcome : Repeat.Outcome.values()) {
        if (outcome.name().equals(form.get("repeat-" + place))) {
          repeats.put(place, outcome);
        }
      }
    }
    return repeats;
  }

  private static Optional<Problem> between(double value, double least, double most, String unit) {
    return value >= least && value <= most
        ? Optional.empty()
        : Optional.of(
            new Problem(
                value + " " + unit,
                "Out of range.",
                "Enter " + (long) least + " to " + (long) most + " " + unit + "."));
  }

  private static LocalDate day(Map<String, String> form, LocalDate today, FieldProblems problems) {
    String typed = form.getOrDefault("recheckOn", "").strip();
    if (typed.isEmpty()) {
      return null;
    }
    try {
      LocalDate day = LocalDate.parse(typed);
      if (!day.isBefore(today) && day.isBefore(today.plusYears(MOST_YEARS_AHEAD))) {
        return day;
      }
      problems.add(
          "recheckOn",
          new Problem(
              typed,
              "A recheck must be within the next five years.",
              "Choose a day from today on."));
    } catch (DateTimeParseException e) {
      problems.add(
          "recheckOn",
          new Problem(typed, "Date not understood.", "Write it as " + today.plusWeeks(3) + "."));
    }
    return null;
  }

  private static Integer km(Map<String, String> form, FieldProblems problems) {
    return problems
        .take(
            "recheckKm",
            QuantityEntry.DISTANCE
                .parse(form.get("recheckKm"))
                .check(v -> between(v, 1, 50_000, "km")))
        .map(v -> (int) Math.round(v))
        .orElse(null);
  }

  private static String torque(Map<String, String> form, FieldProblems problems) {
    String typed = form.getOrDefault("detail-wheel-nuts", "").strip();
    boolean ticked = form.containsKey("stop-wheel-nuts");
    if (typed.isEmpty()) {
      if (ticked) {
        problems.add(
            "detail-wheel-nuts",
            new Problem(
                "", "The figure is missing.", "Enter the vehicle maker’s torque, such as 90 Nm."));
      }
      return "";
    }
    if (typed.length() > LONGEST_DETAIL) {
      problems.add(
          "detail-wheel-nuts",
          new Problem(typed, "Too long.", "Enter the torque alone, such as 90 Nm."));
      return "";
    }
    return problems
        .take(
            "detail-wheel-nuts",
            QuantityEntry.TORQUE.parse(typed).check(v -> between(v, 5, 1000, "Nm")))
        .map(v -> Math.round(v) + " Nm")
        .orElse("");
  }
}
